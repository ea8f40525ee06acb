<script setup lang="ts">
import { formatNumber } from '#core/units'
import type { StepPicture } from '#core/walk'

const { picture } = defineProps<{ picture: StepPicture }>()
</script>

<template>
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
</template>
