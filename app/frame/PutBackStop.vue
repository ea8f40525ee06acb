<script setup lang="ts">
/** Still changed on the machine of the piece in hand: how many things, and the way to the list. */
const put = usePutBackStore()
const count = computed(() => put.open.length)
</script>

<template>
  <NuxtLink
    v-if="count > 0"
    to="/putback"
    no-prefetch
    class="put"
    :aria-label="`${count} put back: ${count === 1 ? 'one thing is' : `${count} things are`} still changed`"
  >
    <UIcon
      name="i-lucide-undo-dot"
      class="sign"
    /><b>{{ count }}</b> <span class="stop-word">put back</span>
  </NuxtLink>
</template>

<style scoped>
.put {
  flex: none;
  display: flex;
  align-items: center;
  gap: 5px;
  min-height: 46px;
  padding: 0 10px;
  white-space: nowrap;
  line-height: 1.1;
  background: var(--close-bg);
  border: 1.5px solid var(--weld);
  border-radius: 12px;
  color: var(--weld-text);
}
.sign {
  font-size: 16px;
}
span {
  font-size: 14px;
}
@media (max-width: 640px) {
  span {
    display: none;
  }
}
</style>
