import appConfig from '#build/app.config'
import theme from '#build/ui/button'
import KitButton from '@nuxt/ui/components/Button.vue'
import { fieldGroupInjectionKey } from '@nuxt/ui/composables/useFieldGroup'
import { type FunctionalComponent, h, inject, normalizeClass, type VNodeChild } from 'vue'
import Icon from '../../modules/icons/Icon'
import { looksOf } from './looks'

const lookOf = looksOf(theme, appConfig.ui.button, ['base', 'label', 'leadingIcon', 'trailingIcon'])

/** What else the kit's button takes (a page to go to, another element, its own wait) is left to it. */
const PLAIN = {
  label: String,
  icon: String,
  trailingIcon: String,
  color: String,
  variant: String,
  size: String,
  type: String,
  disabled: Boolean,
  square: Boolean,
  block: Boolean,
  trailing: Boolean,
  ui: Object,
  class: null,
} as const
const OF_THE_KIT = ['to', 'href', 'as', 'loading', 'loadingAuto', 'loading-auto', 'avatar', 'active']

interface Props {
  label?: string
  icon?: string
  trailingIcon?: string
  color?: string
  variant?: string
  size?: string
  type?: string
  disabled?: boolean
  square?: boolean
  block?: boolean
  trailing?: boolean
  /** Classes of its label; those of other parts are the kit's own affair. */
  ui?: { readonly label?: string }
  class?: unknown
}

const icon = (part: 'leadingIcon' | 'trailingIcon', name: string | undefined, look: string) =>
  name === undefined ? null : h(Icon, { name, 'data-slot': part, 'class': look })

/**
 * The kit's button without its link: one element where the kit mounts five components. It looks the same;
 * whatever it cannot do goes to the kit's.
 */
const UButton: FunctionalComponent<Props> = (props, { slots, attrs }) => {
  if (slots.leading || slots.trailing || OF_THE_KIT.some(name => name in attrs))
    return h(KitButton, { ...props, ...attrs } as object, slots)
  const group = inject(fieldGroupInjectionKey, undefined)
  const leading = props.trailing ? undefined : props.icon
  const trailing = props.trailingIcon ?? (props.trailing ? props.icon : undefined)
  const kind = {
    color: props.color,
    variant: props.variant,
    size: props.size ?? group?.value.size,
    fieldGroup: group?.value.orientation,
    square: props.square || (!slots.default && !props.label),
    block: props.block ?? false,
    leading: leading !== undefined,
    trailing: trailing !== undefined,
  }
  const look = lookOf(kind, { base: normalizeClass(props.class), label: props.ui?.label ?? '' })
  const words = (): VNodeChild =>
    props.label === undefined ? null : h('span', { 'data-slot': 'label', 'class': look.label }, props.label)
  return h(
    'button',
    {
      'type': props.type ?? 'button',
      'disabled': props.disabled || undefined,
      'data-slot': 'base',
      'class': look.base,
    },
    [
      icon('leadingIcon', leading, look.leadingIcon),
      slots.default ? slots.default({}) : words(),
      icon('trailingIcon', trailing, look.trailingIcon),
    ],
  )
}
UButton.props = PLAIN as never
export default UButton
