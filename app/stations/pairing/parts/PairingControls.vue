<script setup lang="ts">
import { MOST_LAYERS } from '#shared/fields'
import { formatNumber } from '#core/units'
import { threadedBladesOf, CONSTRUCTIONS, type Construction } from '#core/needle'
import type { SetupContent } from '#shared/setup'

/** What it is sewn with: threads, cloth, and what kind of needle is wanted. */
const construction = defineModel<Construction>('construction', { required: true })
const gap = defineModel<string>('gap', { required: true })
const book = useBookStore()
const inHand = useInHandStore()

const constructions = CONSTRUCTIONS.map(value => ({ value, label: value }))
const layers = Array.from({ length: MOST_LAYERS }, (_, i) => ({ value: String(i + 1), label: String(i + 1) }))
const SIDE_WORDS = { left: 'Left thread', middle: 'Middle thread', right: 'Right thread' } as const
const sides = computed(() =>
  threadedBladesOf(construction.value).map(
    blade => [blade, construction.value === 'single' ? 'Thread' : SIDE_WORDS[blade]] as const,
  ),
)
const gaps = computed(() =>
  [
    ...new Set(
      [...book.shelf.needles.values()].filter(n => n.construction === construction.value).map(n => n.gapMm),
    ),
  ].sort((a, b) => a - b),
)
const set = (label: string, change: Partial<SetupContent>) => inHand.update(label, change)
</script>

<template>
  <section
    class="controls"
    aria-label="Thread and cloth"
  >
    <SegmentBar
      v-model="construction"
      label="Needle"
      :items="constructions"
    />
    <SelectField
      v-if="construction !== 'single'"
      v-model="gap"
      label="Gap"
      :items="[
        { value: 'any', label: 'any gap' },
        ...gaps.map(mm => ({ value: String(mm), label: `gap ${formatNumber(mm, 1)}` })),
      ]"
    />
    <OwnedSelect
      v-for="[side, label] in sides"
      :key="side"
      table="threads"
      :model-value="inHand.setup.threadIds[side]"
      :label="label"
      @update:model-value="
        set('Choose a thread', { threadIds: { ...inHand.setup.threadIds, [side]: $event } })
      "
    />
    <ThreadLabelInput :sides="sides" />
    <div class="pair">
      <OwnedSelect
        table="cloths"
        :model-value="inHand.setup.clothId"
        label="Cloth"
        @update:model-value="set('Choose the cloth', { clothId: $event })"
      />
      <SelectField
        :model-value="String(inHand.setup.layers)"
        label="Layers"
        :items="layers"
        @update:model-value="set('Change the layers', { layers: Number($event) })"
      />
    </div>
    <OwnedSelect
      table="stabilizers"
      :model-value="inHand.setup.stabilizerId"
      label="Stabilizer"
      @update:model-value="set('Choose the stabilizer', { stabilizerId: $event })"
    />
    <div class="flags">
      <USwitch
        :model-value="inHand.setup.washed"
        label="Washed and tumbled"
        @update:model-value="set('Washed', { washed: $event })"
      />
      <USwitch
        :model-value="inHand.setup.threader"
        label="Built-in threader"
        @update:model-value="set('Threader', { threader: $event })"
      />
      <USwitch
        :model-value="inHand.setup.cutter"
        label="Automatic cutter on"
        @update:model-value="set('Cutter', { cutter: $event })"
      />
    </div>
  </section>
</template>

<style scoped>
.controls {
  display: grid;
  gap: 9px;
  align-content: start;
}
.pair {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 84px;
  gap: 10px;
}
.flags {
  display: grid;
  gap: 2px;
}
</style>
