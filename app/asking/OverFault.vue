<script setup lang="ts">
/** Over the page, where a sheet would have opened: it did not load. */
const { what } = defineProps<{ what: string }>()
const emit = defineEmits<{ 'again': []; 'close': []; 'update:open': [open: boolean] }>()
/** However what did not load is closed. */
function leave(): void {
  emit('update:open', false)
  emit('close')
}
const box = useTemplateRef('box')
onMounted(() => box.value?.querySelector('button')?.focus())
</script>

<template>
  <div
    ref="box"
    class="over"
    @keydown.esc="leave"
  >
    <AskFault
      :what="what"
      fault="not-loaded"
      leave="Close"
      @again="emit('again')"
      @leave="leave"
    />
  </div>
</template>

<style scoped>
.over {
  position: fixed;
  inset: 0;
  z-index: 50;
  display: grid;
  place-content: center;
  padding: 16px;
  background: color-mix(in srgb, var(--ink) 40%, transparent);
}
</style>
