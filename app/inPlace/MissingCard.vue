<script setup lang="ts">
import { LateNeedleLabel } from '~/asking/lateParts'

/** Names what a page misses, and offers it in place: first the machine, then the needle. */
const { why, needle = false } = defineProps<{
  /** What it is needed for, after “Choose a machine”. */
  why: string
  /** Whether it needs a needle too. @defaultValue false */
  needle?: boolean
}>()
const inHand = useInHandStore()
</script>

<template>
  <UCard
    as="section"
    class="missing"
    aria-label="Missing"
  >
    <template v-if="!inHand.parts.machine">
      <p><b>Which machine?</b> {{ why }}</p>
      <MachineHere />
    </template>
    <template v-else-if="needle && !inHand.parts.needle">
      <p><b>Which needle?</b> {{ why }}</p>
      <LateNeedleLabel />
    </template>
  </UCard>
</template>

<style scoped>
.missing {
  display: grid;
  gap: 10px;
  max-width: 640px;
}
</style>
