<script setup lang="ts">
/** Still changed on the machine of the bench: how many things, and the way to the list. */
const put = usePutBackStore()
const count = computed(() => put.open.length)
</script>

<template>
  <NuxtLink v-if="count > 0" to="/putback" no-prefetch class="put" :aria-label="`To put back: ${count} ${count === 1 ? 'thing' : 'things'}`">
    <UIcon name="i-lucide-undo-dot" class="sign" /><b>{{ count }}</b>
  </NuxtLink>
</template>

<style scoped>
.put { flex: none; display: flex; align-items: center; gap: 5px; min-height: 52px; min-width: 52px; justify-content: center; padding: 6px 8px; background: var(--close-bg); border: 1.5px solid var(--weld); border-radius: 12px; color: var(--weld-text); }
.sign { font-size: 19px; }
</style>
