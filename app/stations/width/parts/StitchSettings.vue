<script setup lang="ts">
import { needlePositionLimitMm } from '#core/swing'
import { LIMITS } from '#shared/fields'

const inHand = useInHandStore()
const stitch = computed(() => inHand.setup.stitch)
const LENGTH_STEP_MM = 0.1
const POSITION_STEP_MM = 0.5

/** Needle positions are steps across the widest stitch where the machine's are known. */
const positionStep = computed(() => {
  const { machine } = inHand.parts
  return machine?.needlePositions && machine.needlePositions > 1
    ? machine.maxWidthMm / (machine.needlePositions - 1)
    : POSITION_STEP_MM
})
const tidy = (mm: number) => Math.round(mm * 100) / 100
function setLength(by: number): void {
  inHand.setStitch(
    {
      lengthMm: Math.min(
        LIMITS.lengthMm[1],
        Math.max(LIMITS.lengthMm[0], tidy(stitch.value.lengthMm + by * LENGTH_STEP_MM)),
      ),
    },
    'length',
  )
}
function setPosition(by: number): void {
  const steps = Math.round(stitch.value.positionMm / positionStep.value) + by
  inHand.setStitch({ positionMm: Math.min(6, Math.max(-6, tidy(steps * positionStep.value))) }, 'position')
}
/** How far a straight seam may be moved with this needle. */
const reach = computed(() => {
  const { machine, needle } = inHand.parts
  const mm = machine && needle && needlePositionLimitMm(machine.maxWidthMm, needle)
  return mm === null ? '' : `± ${bareMm(mm)}`
})
</script>

<template>
  <div class="settings">
    <StepField
      label="Length"
      :mm="stitch.lengthMm"
      @step="setLength"
      @type="inHand.setStitch({ lengthMm: $event })"
    />
    <StepField
      v-if="inHand.movesNeedle"
      label="Needle moved"
      :hint="reach"
      :words="
        stitch.positionMm === 0
          ? 'centre'
          : `${bareMm(Math.abs(stitch.positionMm))} ${stitch.positionMm < 0 ? 'left' : 'right'}`
      "
      @step="setPosition"
    />
  </div>
</template>

<style scoped>
.settings {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 8px;
  align-items: start;
}
</style>
