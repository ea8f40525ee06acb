import { afterPress } from './afterPress'
import { useInForm } from './fieldProblems'
import { usePause } from './usePause'

/** What a text says: a number, with how it was understood, or what is wrong with it. */
export type Reading = { readonly value: number; readonly said: string | null } | { readonly problem: string }

export interface Typing {
  readonly label: () => string
  /** Path in the record, in dots. @defaultValue none */
  readonly name?: () => string | undefined
  readonly value: () => number | null
  readonly take: (value: number | null) => void
  readonly read: (text: string) => Reading
  readonly write: (value: number) => string
  /** Whether empty means something: null. @defaultValue false */
  readonly isOptional?: () => boolean
  /** Whether a number counts only once the field is left or Enter is pressed. @defaultValue false */
  readonly whenLeft?: boolean
  /** What is typed into, once it is drawn. */
  readonly input: () => HTMLElement | null | undefined
}

/**
 * What is typed into a field for one number. The text is the person's: only a number in range is handed on,
 * and what was kept before stays until there is another. Left empty where empty means nothing, the field
 * shows what is kept again.
 */
export function useTyped({
  label,
  name = () => undefined,
  value,
  take,
  read,
  write,
  isOptional = () => false,
  whenLeft = false,
  input,
}: Typing) {
  const shown = computed(() => {
    const now = value()
    return now === null || !Number.isFinite(now) ? '' : write(now)
  })
  const text = ref(shown.value)
  const isEmpty = computed(() => text.value.trim() === '')
  const reading = computed((): Reading | null => (isEmpty.value ? null : read(text.value)))
  const problem = computed(() => (reading.value && 'problem' in reading.value ? reading.value.problem : null))
  /** Said below the field: how a text was understood, or that nothing is lost by an empty one. */
  const note = computed((): string | null => {
    if (isEmpty.value)
      return isOptional() || shown.value === '' ? null : `${shown.value} stays until you type another.`
    if (!reading.value || 'problem' in reading.value || reading.value.said === null) return null
    return `${reading.value.said} = ${write(reading.value.value)}`
  })

  // A value from elsewhere rewrites the text; one that the text says leaves it as it is typed.
  watch([value, shown], ([now, words]) => {
    if (pause.isPending()) return
    const said = reading.value && 'value' in reading.value ? reading.value.value : null
    if (said === null || said !== now) text.value = words
  })
  function handOn(): void {
    if (text.value === shown.value) return
    if (isEmpty.value) {
      if (isOptional() && value() !== null) take(null)
      return
    }
    if (reading.value && 'value' in reading.value && reading.value.value !== value())
      take(reading.value.value)
  }
  const pause = usePause(handOn)
  function typed(now: string | number): void {
    text.value = String(now)
    if (!whenLeft) pause.soon()
  }
  function left(): void {
    pause.now()
    if (whenLeft) handOn()
    if (isEmpty.value && !isOptional())
      afterPress(() => {
        if (isEmpty.value) text.value = shown.value
      })
  }
  /** A form does not save over a number that was just taken out: a person sees first what it holds again. */
  const emptied = computed(() =>
    isEmpty.value && !isOptional() && shown.value !== ''
      ? `${label()} was left empty. It holds ${shown.value} again.`
      : null,
  )
  useInForm(() => ({
    name: name(),
    label: label(),
    problem: problem.value ?? emptied.value,
    focus: () => input()?.focus(),
  }))
  return { text, problem, note, typed, left, entered: pause.now }
}
