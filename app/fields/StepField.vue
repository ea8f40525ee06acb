<script setup lang="ts">
/**
 * A number that is stepped or typed. Not the kit's number field: a length is typed as sewists write it, as
 * 1/8 or 2,5, and follows the unit.
 */
const {
  label,
  value,
  hint = '',
  typed = false,
} = defineProps<{
  label: string
  value: string
  /** How far it may go, small beside the label. @defaultValue '' */
  hint?: string
  /** Whether the value may be typed too. @defaultValue false */
  typed?: boolean
}>()
const emit = defineEmits<{ step: [by: number]; type: [text: string] }>()
const text = ref(value)
watch(
  () => value,
  now => {
    text.value = now
  },
)
</script>

<template>
  <div
    role="group"
    :aria-label="label"
  >
    <span class="field-label"
      >{{ label }} <span class="hint font-normal">{{ hint }}</span></span
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
        v-model="text"
        :aria-label="label"
        :readonly="!typed"
        inputmode="decimal"
        autocomplete="off"
        class="min-w-0 flex-1"
        :ui="{ base: 'px-0.5 text-center font-semibold' }"
        @change="emit('type', text)"
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
  </div>
</template>

<style scoped>
.step {
  flex: none;
  padding-inline: 6px;
}
</style>
