<script setup lang="ts">
const bench = useBenchStore()
const sides = computed(() => {
  switch (bench.parts.needle?.construction) {
    case 'twin': return [['left', 'Left'], ['right', 'Right']] as const
    case 'triple': return [['left', 'Left'], ['middle', 'Middle'], ['right', 'Right']] as const
    default: return [['left', 'Thread']] as const
  }
})
const side = ref<'left' | 'middle' | 'right'>('left')
watch(sides, (now) => {
  if (!now.some(([id]) => id === side.value)) side.value = 'left'
})
function choose(id: string | null): void {
  bench.update('Choose a thread', { threadIds: { ...bench.setup.threadIds, [side.value]: id } })
}
</script>

<template>
  <ThreadPicker :title="sides.length > 1 ? `Spool, ${side} needle` : 'Spool'" :selected-id="bench.setup.threadIds[side]" @choose="choose">
    <div v-if="sides.length > 1" class="flex gap-2 mb-3" role="group" aria-label="Which needle">
      <UButton
        v-for="[id, label] in sides"
        :key="id"
        :label="label"
        :variant="side === id ? 'solid' : 'outline'"
        :aria-pressed="side === id"
        @click="() => { side = id }"
      />
    </div>
  </ThreadPicker>
</template>
