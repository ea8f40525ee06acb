import appConfig from '#build/app.config'
import theme from '#build/ui/button'
import { tv } from '@nuxt/ui/utils/tv'

/** What the look of a button depends on. */
export interface ButtonKind {
  readonly color?: string
  readonly variant?: string
  readonly size?: string
  readonly fieldGroup?: string
  readonly square: boolean
  readonly block: boolean
  readonly leading: boolean
  readonly trailing: boolean
  /** Classes that are asked for from outside: they win over the kit's. */
  readonly outside: string
  readonly labelOutside: string
}
/** The classes of a button and of its parts. */
export interface ButtonLook {
  readonly base: string
  readonly label: string
  readonly leadingIcon: string
  readonly trailingIcon: string
}
type Slots = Record<keyof ButtonLook, (of?: { class: string }) => string>

const lookOf = tv({ extend: tv(theme), ...appConfig.ui.button } as never) as unknown as (
  kind: object,
) => Slots
const looks = new Map<string, ButtonLook>()

/** The kit's own classes for such a button, worked out once: there are few kinds and hundreds of buttons. */
export function buttonLook(kind: ButtonKind): ButtonLook {
  const key = JSON.stringify(kind)
  const known = looks.get(key)
  if (known) return known
  const { outside, labelOutside, ...variants } = kind
  const slots = lookOf(variants)
  const look = {
    base: slots.base({ class: outside }),
    label: slots.label({ class: labelOutside }),
    leadingIcon: slots.leadingIcon(),
    trailingIcon: slots.trailingIcon(),
  }
  looks.set(key, look)
  return look
}
