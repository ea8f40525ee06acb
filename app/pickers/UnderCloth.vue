<script setup lang="ts">
import { UNDER_KINDS, type UnderKind } from '#core/terms'
import { MOST_UNDER } from '#shared/fields'
import { underFootMm } from '#shared/inputs'
import type { SetupContent } from '#shared/setup'

/** What lies under the cloth, each layer with its thickness, and how thick all of it is together. */
type Layer = SetupContent['under'][number]
const book = useBookStore()
const inHand = useInHandStore()
const under = computed(() => inHand.setup.under)
const total = computed(() => underFootMm(inHand.setup, book.shelf.cloths))
const kinds = UNDER_KINDS.map(value => ({ value, label: value }))

const put = (label: string, layers: readonly Layer[]) => inHand.update(label, { under: [...layers] })
const add = () => put('Put a layer under it', [...under.value, { kind: 'wadding', thicknessMm: null }])
const takeOut = (place: number) =>
  put(
    'Take a layer out',
    under.value.filter((_, i) => i !== place),
  )
function change(place: number, by: Partial<Layer>): void {
  put(
    'Change a layer',
    under.value.map((layer, i) => (i === place ? { ...layer, ...by } : layer)),
  )
}
</script>

<template>
  <fieldset class="under">
    <legend class="field-label">Under it</legend>
    <div
      v-for="(layer, place) in under"
      :key="place"
      class="layer"
    >
      <SelectField
        :label="`Layer ${place + 1}`"
        :model-value="layer.kind"
        :items="kinds"
        @update:model-value="change(place, { kind: $event as UnderKind })"
      />
      <LengthField
        :label="`${place + 1} thick`"
        limit="thicknessMm"
        optional
        :model-value="layer.thicknessMm"
        @update:model-value="change(place, { thicknessMm: $event })"
      />
      <UButton
        icon="i-lucide-x"
        variant="ghost"
        color="neutral"
        :aria-label="`Take layer ${place + 1} out`"
        @click="takeOut(place)"
      />
    </div>
    <UButton
      v-if="under.length < MOST_UNDER"
      size="sm"
      variant="outline"
      icon="i-lucide-plus"
      label="Wadding, backing, interfacing"
      @click="add"
    />
    <p class="hint">
      Under the foot: <b>{{ inMm(total) }}</b><template v-if="total !== null"
        >. A shim of this height keeps the foot level where it climbs.</template
      ><template v-else>. Measure every layer: until then thread and bobbin count as the least.</template>
    </p>
  </fieldset>
</template>

<style scoped>
.under {
  display: grid;
  gap: 8px;
  margin-bottom: 12px;
}
.layer {
  display: grid;
  grid-template-columns: 1fr 1.2fr auto;
  gap: 8px;
  align-items: end;
}
.under > .hint {
  margin: 0;
}
</style>
