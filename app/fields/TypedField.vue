<script setup lang="ts">
import { type Reading, useTyped } from './useTyped'

/** The box, words and errors of every field for one number; what a text says is the business of its owner. */
const {
  value,
  label,
  name = undefined,
  unit = '',
  hint = '',
  placeholder = '',
  optional = false,
  bare = false,
  read,
  write,
} = defineProps<{
  value: number | null
  label: string
  /** Path in the record, in dots: what is wrong with it stands here. @defaultValue undefined */
  name?: string
  /** Stands small behind the label. @defaultValue '' */
  unit?: string
  /** Stands below the box while there is nothing else to say. @defaultValue '' */
  hint?: string
  placeholder?: string
  /** Whether empty means something: null. @defaultValue false */
  optional?: boolean
  /** Shows the label to screen readers only, inside a group that has its own. @defaultValue false */
  bare?: boolean
  read: (text: string) => Reading
  write: (value: number) => string
}>()
const emit = defineEmits<{ take: [value: number | null] }>()
const box = useTemplateRef('box')
const { text, problem, note, typed, left, entered } = useTyped({
  label: () => label,
  name: () => name,
  value: () => value,
  take: now => emit('take', now),
  read: now => read(now),
  write: now => write(now),
  isOptional: () => optional,
  input: () => box.value?.inputRef,
})
const help = computed(() =>
  note.value ? `${note.value}${unit && note.value.includes(' = ') ? ` ${unit}` : ''}` : hint,
)
</script>

<template>
  <UFormField
    :name="name"
    :label="label"
    :hint="unit || undefined"
    :help="help || undefined"
    :error="problem ?? undefined"
    :ui="bare ? { labelWrapper: 'sr-only' } : {}"
  >
    <UInput
      ref="box"
      :model-value="text"
      inputmode="decimal"
      autocomplete="off"
      :placeholder="placeholder"
      @update:model-value="typed"
      @change="entered"
      @blur="left"
    />
  </UFormField>
</template>
