<script setup lang="ts">
import { setupPartsOf } from '#shared/inputs'
import type { Swatch } from '#shared/records'
import { seamPointsOf } from '#core/seam'

/**
 * What a swatch looked like by its readings, drawn in the colours it was sewn in. Nothing where nothing was
 * read.
 */
const { swatch } = defineProps<{ swatch: Swatch }>()
const book = useBookStore()
/** The widest any machine here swings: a machine that is gone no longer says. */
const WIDEST_MM = 9
const seam = computed(() => {
  const {
    frozen: { needle, threads, bobbin, cloth },
    setup,
  } = swatch
  const { machine, stitch } = setupPartsOf(setup, book.shelf)
  const hex = {
    left: threads.left?.hex,
    middle: threads.middle?.hex,
    right: threads.right?.hex,
    bobbin: bobbin?.hex,
    cloth: cloth?.hex,
  }
  const maxWidthMm = Math.max(machine?.maxWidthMm ?? WIDEST_MM, setup.stitch.widthMm)
  return seamPointsOf({
    needle,
    sewn: stitch && setup.stitch.lengthMm > 0 ? { shape: stitch, setting: setup.stitch, maxWidthMm } : null,
    hex,
  })
})
</script>

<template>
  <div
    v-if="swatch.readings.show !== null || swatch.readings.ridge !== null"
    class="drawn"
    role="img"
    :aria-label="`${swatch.name}, drawn from what was read`"
  >
    <RowPicture
      v-if="swatch.readings.show !== null"
      :seam="seam"
      :reading="swatch.readings.show"
    />
    <RidgePicture
      v-if="swatch.readings.ridge !== null"
      :seam="seam"
      :reading="swatch.readings.ridge"
    />
  </div>
</template>

<style scoped>
.drawn {
  display: grid;
  gap: 2px;
}
.drawn :deep(svg) {
  width: 100%;
  height: auto;
}
</style>
