<script setup lang="ts">
/** What an entry of a list is dragged by; keys and buttons beside it do the same. */
</script>

<template>
  <span
    data-handle
    class="handle"
    aria-hidden="true"
    ><UIcon name="i-lucide-grip-vertical"
  /></span>
</template>

<style scoped>
.handle {
  display: grid;
  place-items: center;
  min-width: 28px;
  min-height: 44px;
  cursor: grab;
  touch-action: none;
}
</style>
