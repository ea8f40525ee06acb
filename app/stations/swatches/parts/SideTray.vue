<script setup lang="ts">
/** How many are chosen to stand side by side, wherever one has scrolled to. */
const { count } = defineProps<{ count: number }>()
const emit = defineEmits<{ see: []; none: [] }>()
</script>

<template>
  <div
    class="tray"
    role="status"
  >
    <span>{{ count === 1 ? 'One chosen: choose one more' : `${count} side by side` }}</span>
    <UButton
      v-if="count > 1"
      size="sm"
      icon="i-lucide-arrow-up"
      label="See them"
      @click="emit('see')"
    />
    <UButton
      size="sm"
      variant="outline"
      label="Choose none"
      @click="emit('none')"
    />
  </div>
</template>

<style scoped>
.tray {
  position: sticky;
  bottom: 10px;
  z-index: 5;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 14px;
  width: fit-content;
  max-width: 100%;
  margin: 14px auto 0;
  padding: 7px 14px;
  background: var(--white);
  border: 1.5px solid var(--line-strong);
  border-radius: 12px;
  box-shadow: 0 4px 16px #0002;
}
@media (max-width: 640px) {
  .tray {
    bottom: 78px;
  }
}
</style>
