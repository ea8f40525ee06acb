<script setup lang="ts">
import { formatLength, parseLength, UNIT_SIGNS } from '#core/units'
import { LIMITS, type LimitName } from '#shared/fields'

const model = defineModel<number | null>({ required: true })
const {
  label,
  name = undefined,
  limit,
  optional = false,
  hint = '',
  empty = 'not measured',
} = defineProps<{
  label: string
  /** Path in the record, in dots: what is wrong with it stands here. @defaultValue undefined */
  name?: string
  limit: LimitName
  /** Empty means “not measured” and gives null. @defaultValue false */
  optional?: boolean
  hint?: string
  /** What an optional field says while it is empty. @defaultValue 'not measured' */
  empty?: string
}>()

const settings = useSettingsStore()
const text = ref('')
const shown = (mm: number | null) =>
  mm === null || Number.isNaN(mm) ? '' : formatLength(mm, settings.unit).replace('−', '-')
watch(
  [model, () => settings.unit],
  () => {
    // While it is typed the text is the user's: only a value from elsewhere rewrites it.
    if (!Number.isNaN(model.value) && parseLength(text.value, settings.unit) !== model.value)
      text.value = shown(model.value)
  },
  { immediate: true },
)

const EXAMPLES = { mm: '4.5', inch: '1/4 or 0.25' } as const
const problem = computed(() => {
  const trimmed = text.value.trim()
  if (trimmed === '') return optional ? null : `${label} is missing`
  const mm = parseLength(trimmed, settings.unit)
  if (mm === null) return `“${trimmed.slice(0, 20)}” is not a length: type ${EXAMPLES[settings.unit]}`
  const [min, max] = LIMITS[limit]
  if (mm >= min && mm <= max) return null
  const [from, to] = [min, max].map(end => formatLength(end, settings.unit))
  return `${label} goes from ${from} to ${to} ${UNIT_SIGNS[settings.unit]}`
})

// NaN tells the form that the field holds something unusable; its schema refuses it.
function take(): void {
  if (problem.value) model.value = Number.NaN
  else model.value = text.value.trim() === '' ? null : parseLength(text.value, settings.unit)
}
</script>

<template>
  <UFormField
    :name="name"
    :label="label"
    :hint="settings.unit"
    :help="hint || undefined"
    :error="problem ?? undefined"
  >
    <UInput
      v-model="text"
      inputmode="decimal"
      autocomplete="off"
      :placeholder="optional ? empty : ''"
      @update:model-value="take"
    />
  </UFormField>
</template>
