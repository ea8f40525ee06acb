<script setup lang="ts">
import { restKeys } from '~/composables/useHands'

/** Instead of a page that could not be drawn: what is wrong, and the ways on. The rest of the app works. */
const { error } = defineProps<{ error: { readonly message: string } }>()
const emit = defineEmits<{ again: [] }>()
const head = useTemplateRef('head')
/** A key that was meant for a field of the page must not do anything else. */
onMounted(() => {
  restKeys()
  head.value?.focus({ preventScroll: true })
})
</script>

<template>
  <UCard
    as="section"
    class="fault"
    role="alert"
    data-fault
    aria-labelledby="fault-head"
  >
    <h1
      id="fault-head"
      ref="head"
      tabindex="-1"
    >
      This page could not be drawn
    </h1>
    <p>Nothing in your data has changed. Try again, or go to another station.</p>
    <p class="hint">What went wrong: {{ error.message }}</p>
    <div class="buttons">
      <UButton
        icon="i-lucide-refresh-cw"
        label="Try again"
        @click="emit('again')"
      />
      <UButton
        to="/files"
        variant="outline"
        icon="i-lucide-download"
        label="Go to Files"
      />
    </div>
  </UCard>
</template>

<style scoped>
.fault {
  display: grid;
  gap: 10px;
  max-width: 640px;
  padding: 18px;
}
h1 {
  font-size: 27px;
  outline: none;
}
.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
</style>
