<script setup lang="ts">
/** A file from the computer. The same one may be chosen again, once it was mended. */
const { label, accept } = defineProps<{
  label: string
  /** Endings and kinds, with commas between. */
  accept: string
}>()
const emit = defineEmits<{ file: [file: File] }>()
function take(event: Event): void {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (file) emit('file', file)
}
</script>

<template>
  <UFormField :label="label">
    <UInput
      type="file"
      :accept="accept"
      :ui="{ base: 'cursor-pointer leading-7' }"
      @change="take"
    />
  </UFormField>
</template>
