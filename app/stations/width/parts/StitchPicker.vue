<script setup lang="ts">
const bench = useBenchStore()
const { length } = useLength()
const open = ref(false)
const held = computed(() => {
  const { stitch } = bench.parts
  return stitch && stitch.alignment !== 'centre' ? `held ${stitch.alignment} · ` : ''
})
</script>

<template>
  <div>
    <button
      type="button"
      class="pick"
      @click="open = true"
    >
      <span>{{ bench.parts.stitch?.name ?? 'Choose a stitch' }}</span>
      <span class="hint">{{ held }}length {{ length(bench.setup.stitch.lengthMm) }}</span>
    </button>
    <LazyStitchSheet
      v-if="open"
      v-model:open="open"
    />
  </div>
</template>
