<script setup lang="ts">
/** A file from the computer, where there is room for no more than a button. */
const {
  label,
  about,
  accept,
  icon,
  disabled = false,
} = defineProps<{
  label: string
  /** What the file is for, for screen readers. */
  about: string
  /** Endings and kinds, with commas between. */
  accept: string
  icon: string
  /** @defaultValue false */
  disabled?: boolean
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
  <UFileUpload
    v-slot="{ open }"
    v-model="chosen"
    :accept="accept"
    :disabled="disabled"
    :preview="false"
    :aria-label="about"
  >
    <UButton
      variant="outline"
      color="neutral"
      :icon="icon"
      :label="label"
      :aria-label="about"
      :disabled="disabled"
      @click="open()"
    />
  </UFileUpload>
</template>
