<script setup lang="ts">
import { hasSwing } from '#core/stitch'
import { LateStitchSheet } from '~/asking/lateParts'

/** The numbers one dials for the stitch of the piece in hand, and the way to another stitch. */
const inHand = useInHandStore()
const isChoosing = ref(false)
const numberOf = (field: 'widthMm' | 'lengthMm') =>
  computed({
    get: () => inHand.setup.stitch[field],
    set: mm => inHand.setStitch({ [field]: mm }, `stitch ${field}`),
  })
const widthMm = numberOf('widthMm')
const lengthMm = numberOf('lengthMm')
const swings = computed(() => inHand.parts.stitch !== null && hasSwing(inHand.parts.stitch))
const safeMm = computed(() => (swings.value ? (inHand.result?.safeWidthMm ?? null) : null))
</script>

<template>
  <div class="grid gap-3">
    <h2 class="serif text-xl">{{ inHand.parts.stitch?.name ?? 'No stitch' }}</h2>
    <div class="pair">
      <LengthField
        v-if="swings"
        v-model="widthMm"
        label="Stitch width"
        limit="widthMm"
        :hint="safeMm === null ? undefined : `Safe up to ${bareMm(safeMm)}.`"
      />
      <LengthField
        v-model="lengthMm"
        label="Stitch length"
        limit="lengthMm"
      />
    </div>
    <UCheckbox
      :model-value="inHand.setup.stitch.mirror"
      label="Mirrored"
      @update:model-value="inHand.setStitch({ mirror: $event === true })"
    />
    <UButton
      variant="outline"
      icon="i-lucide-list"
      label="Another stitch"
      class="justify-self-start"
      @click="
        () => {
          isChoosing = true
        }
      "
    />
    <LateStitchSheet
      v-if="isChoosing"
      v-model:open="isChoosing"
    />
  </div>
</template>
