<script setup lang="ts">
/** A file from the computer, chosen or dropped. The same one may be chosen again, once it was mended. */
const { label, accept } = defineProps<{
  label: string
  /** Endings and kinds, with commas between. */
  accept: string
}>()
const emit = defineEmits<{ file: [file: File] }>()
const chosen = shallowRef<File | null>(null)
watch(chosen, async file => {
  if (!file) return
  emit('file', file)
  // Only after it was seen as chosen does the field let go of it.
  await nextTick()
  chosen.value = null
})
</script>

<template>
  <UFormField :label="label">
    <UFileUpload
      v-model="chosen"
      :accept="accept"
      :preview="false"
      icon="i-lucide-file-up"
      label="Choose a file, or drop it here"
    />
  </UFormField>
</template>
