import type { ComputedRef, InjectionKey, ShallowReactive } from 'vue'

/** A field in which something stands that it cannot hand on. */
interface TypedField {
  /** Path in the record, in dots, where the field belongs to one. */
  readonly name: string | undefined
  readonly label: string
  /** null: nothing is wrong with what is typed. */
  readonly problem: string | null
  readonly focus: () => void
}
/** The fields of one form, as far as something must be mended in them. */
export interface FieldProblems {
  readonly all: ComputedRef<readonly TypedField[]>
  /** Whether something must be mended first; its field then has the focus. */
  readonly refuses: () => boolean
}
interface Form extends FieldProblems {
  readonly fields: ShallowReactive<Set<() => TypedField>>
}
const FORM: InjectionKey<Form> = Symbol('form of typed fields')

/** Gathers what stands in the fields of this form and cannot be handed on: a press that uses it waits. */
export function useFieldProblems(): FieldProblems {
  const fields = shallowReactive(new Set<() => TypedField>())
  const all = computed(() => [...fields].map(field => field()).filter(({ problem }) => problem !== null))
  function refuses(): boolean {
    all.value[0]?.focus()
    return all.value.length > 0
  }
  const form = { fields, all, refuses }
  provide(FORM, form)
  return form
}

/** The form around a button that uses its fields. */
export const useFieldsAround = (): Pick<FieldProblems, 'refuses'> =>
  inject(FORM, null) ?? { refuses: () => false }

/** Tells the form it stands in what is typed into a field. */
export function useInForm(field: () => TypedField): void {
  const form = inject(FORM, null)
  if (!form) return
  form.fields.add(field)
  onScopeDispose(() => form.fields.delete(field))
}
