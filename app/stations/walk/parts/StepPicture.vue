<script setup lang="ts">
import { formatNumber } from '#core/units'
import type { StepPicture } from '#core/walk'

const { picture } = defineProps<{ picture: StepPicture }>()
</script>

<template>
  <div class="framed">
    <PathPicture
      v-if="picture.kind === 'path'"
      v-bind="picture"
    />
    <NeedlePicture
      v-else-if="picture.kind === 'needle'"
      v-bind="picture"
      :dimension="picture.blades > 1 ? `${formatNumber(picture.gapMm, 1)} mm` : ''"
    />
    <NeedlePicture
      v-else-if="picture.kind === 'mode'"
      :gap-mm="picture.gapMm"
      :size-nm="80"
      :blades="picture.blades"
      :flat="null"
      :out="false"
      :dimension="`${formatNumber(picture.gapMm, 1)} mm`"
    />
    <SupplyPicture
      v-else-if="picture.kind === 'supply'"
      v-bind="picture"
    />
    <SlotPicture
      v-else-if="picture.kind === 'plate'"
      v-bind="picture"
    />
    <DialPicture
      v-else-if="picture.kind === 'dial'"
      v-bind="picture"
    />
    <PartPicture
      v-else
      v-bind="picture"
    />
  </div>
</template>

<style scoped>
/* All pictures are drawn in 320 × 240: their letters are at most 18 px, however large the frame is. */
.framed {
  container-type: size;
}
.framed > :deep(svg) {
  --letter: 18px;
  display: block;
  width: 100%;
  height: 100%;
}
@container (min-width: 320px) and (min-height: 240px) {
  .framed > :deep(svg) {
    --letter: 14px;
  }
}
@container (min-width: 411px) and (min-height: 308px) {
  .framed > :deep(svg) {
    --letter: 10px;
  }
}
</style>
