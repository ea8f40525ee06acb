<script setup lang="ts">
import { needleSizeLabel, type NeedleReading } from '#core/needle'

/** Where a label says only the gap: the usual sizes, one of which makes it whole. */
const { reading } = defineProps<{ reading: NeedleReading }>()
const emit = defineEmits<{ take: [label: string] }>()
const whole = computed(() => (!reading.ok && reading.code === 'size-missing' ? reading.whole : []))
</script>

<template>
  <div
    v-if="whole.length > 0"
    class="sizes"
    role="group"
    aria-label="Which size"
  >
    <UButton
      v-for="{ sizeNm, label } in whole"
      :key="label"
      size="sm"
      variant="outline"
      :label="needleSizeLabel(sizeNm)"
      :aria-label="`Size ${needleSizeLabel(sizeNm)}`"
      @click="emit('take', label)"
    />
  </div>
</template>

<style scoped>
.sizes {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 4px;
}
</style>
