<script setup lang="ts">
import { LateInvitation, LateNeedleLabel } from '~/asking/lateParts'
import { LateSeamSides } from '~/asking/lateWithin'
import { firstViewStands } from '~/utils/firstView'

const book = useBookStore()
const inHand = useInHandStore()
const handwheel = useHandwheelStore()
useHead({ title: 'Width and swing · Lacy Spool' })
const isBare = () => book.shelf.machines.size === 0 || book.shelf.needles.size === 0
/** Who came to an empty book makes all three choices before the page turns. */
const wasBare = ref(isBare())
const isInvited = computed(() => wasBare.value || isBare() || !inHand.parts.machine)
</script>

<template>
  <div>
    <StationHead><NamePiece v-if="inHand.result && !isInvited" /></StationHead>
    <LateInvitation
      v-if="isInvited"
      @done="
        () => {
          wasBare = false
        }
      "
    />
    <div
      v-else
      class="station"
    >
      <section
        class="controls"
        aria-label="Needle, stitch and width"
      >
        <div class="grid gap-2">
          <div class="needle-label">
            <LateNeedleLabel v-if="firstViewStands" />
          </div>
          <GapTiles />
        </div>
        <div class="grid gap-2">
          <StitchPicker />
          <StitchSettings />
        </div>
        <WidthDial />
        <VerdictCard />
      </section>
      <div
        v-if="inHand.swingInput"
        class="middle"
      >
        <UCard
          as="section"
          aria-label="Over the plate"
        >
          <header>
            <h2>Over the plate</h2>
            <span class="hint">to scale; dashed: end of swing</span>
          </header>
          <PlateView
            :input="inHand.swingInput"
            :drop="handwheel.drop"
          />
        </UCard>
        <HandWheel
          v-model:drop="handwheel.drop"
          :input="inHand.swingInput"
        >
          <HandWalkLog />
        </HandWheel>
      </div>
      <LateSeamSides
        v-if="inHand.seam && firstViewStands"
        class="sides"
        :seam="inHand.seam"
        :stitch-name="inHand.parts.stitch?.name ?? 'Stitch'"
        :right-tall-px="232"
        :under-tall-px="128"
        @cure="inHand.setStitch({ lengthMm: $event })"
      />
    </div>
  </div>
</template>

<style scoped>
.station {
  display: grid;
  grid-template-columns: 330px minmax(0, 1fr) 236px;
  gap: 18px;
  align-items: start;
}
.controls {
  display: grid;
  gap: 10px;
}
/* Its place is kept until it comes. */
.needle-label {
  min-height: 34px;
}
.middle {
  display: grid;
  gap: 12px;
  min-width: 0;
}
@media (max-width: 1150px) {
  .station {
    grid-template-columns: 320px minmax(0, 1fr);
    gap: 14px;
  }
  .sides {
    grid-column: 2;
  }
}
@media (max-width: 800px) {
  .station {
    grid-template-columns: minmax(0, 1fr);
  }
  .sides {
    grid-column: 1;
  }
}
</style>
