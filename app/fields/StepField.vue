<script setup lang="ts">
import type { LimitName } from '#shared/fields'
import { useLengthReading } from './useLengthReading'
import { useTyped } from './useTyped'

/**
 * A number that is stepped, and where it is a length typed too. Not the kit's number field: a length is typed
 * as sewists write it, as 1/8 or 2,5, and follows the unit.
 */
const {
  label,
  hint = '',
  words = '',
  mm = null,
  limit = 'lengthMm',
} = defineProps<{
  label: string
  /** How far it may go, small beside the label. @defaultValue '' */
  hint?: string
  /** What stands between the buttons where nothing is typed. @defaultValue '' */
  words?: string
  /** A length that may be typed; null: it is only stepped. @defaultValue null */
  mm?: number | null
  /** Of the length. @defaultValue 'lengthMm' */
  limit?: LimitName
}>()
const emit = defineEmits<{ step: [by: number]; type: [mm: number] }>()
const box = useTemplateRef('box')
const { read, write, perInch } = useLengthReading(() => limit)
const { text, problem, note, typed, left } = useTyped({
  label: () => label,
  value: () => mm,
  take: now => {
    if (now !== null) emit('type', now)
  },
  read,
  write,
  whenLeft: true,
  input: () => box.value?.inputRef,
})
const said = useId()
</script>

<template>
  <div
    role="group"
    :aria-label="label"
  >
    <span class="field-label"
      >{{ label }} <span class="hint font-normal">{{ hint || perInch(mm) }}</span></span
    >
    <UFieldGroup class="flex flex-nowrap">
      <UButton
        variant="outline"
        color="neutral"
        icon="i-lucide-minus"
        class="step"
        :aria-label="`${label} less`"
        @click="emit('step', -1)"
      />
      <UInput
        ref="box"
        :model-value="mm === null ? words : text"
        :aria-label="label"
        :aria-invalid="problem !== null || undefined"
        :aria-describedby="problem || note ? said : undefined"
        :readonly="mm === null"
        inputmode="decimal"
        autocomplete="off"
        class="min-w-0 flex-1"
        :ui="{ base: 'px-0.5 text-center font-semibold' }"
        @update:model-value="typed"
        @change="left"
        @blur="left"
      />
      <UButton
        variant="outline"
        color="neutral"
        icon="i-lucide-plus"
        class="step"
        :aria-label="`${label} more`"
        @click="emit('step', 1)"
      />
    </UFieldGroup>
    <p
      v-if="problem || note"
      :id="said"
      :role="problem ? 'alert' : undefined"
      class="hint"
      :class="{ 'strikes-ink': problem }"
    >
      {{ problem ?? note }}
    </p>
  </div>
</template>

<style scoped>
.step {
  flex: none;
  padding-inline: 6px;
}
</style>
