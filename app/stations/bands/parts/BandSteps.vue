<script setup lang="ts">
import { lengthsInStep } from '#core/band'
import { dialledMm } from '#core/fit'
import type { BandAnswer } from '#shared/inputs'

/** Where neighbours drift, and the lengths on the dial with which they keep step. */
const { answer } = defineProps<{ answer: BandAnswer }>()
const emit = defineEmits<{ lengths: [a: number, aMm: number, bMm: number] }>()
const { placed } = useLength()
const onDial = (mm: number) => bareMm(dialledMm(mm, answer.scale))
const alongMm = computed(() =>
  Math.max(...answer.rows.map(({ legs }) => legs.reduce((sum, leg) => sum + leg.lengthMm, 0))),
)
const pairs = computed(() =>
  answer.band.drift.map(({ a, b, everyMm }) => ({
    a,
    b,
    everyMm,
    found:
      everyMm === null ? [] : lengthsInStep(answer.laid[a]!, answer.laid[b]!, alongMm.value, answer.marks),
  })),
)
</script>

<template>
  <ul class="grid gap-2">
    <li
      v-for="{ a, b, everyMm, found } in pairs"
      :key="a"
    >
      <p v-if="everyMm === null">Rows {{ a + 1 }} and {{ b + 1 }} keep step.</p>
      <template v-else>
        <p>
          Rows {{ a + 1 }} and {{ b + 1 }} drift: they stand alike again every <b>{{ placed(everyMm) }}</b>.
        </p>
        <p
          v-if="found.length === 0"
          class="hint"
        >
          No lengths on the dial within 30 % keep step over {{ placed(alongMm) }}.
        </p>
        <p
          v-for="(step, k) in found"
          :key="k"
        >
          <UButton
            size="sm"
            variant="outline"
            :label="`${onDial(step.aMm)} and ${onDial(step.bMm)}`"
            :aria-label="`Lengths ${onDial(step.aMm)} and ${onDial(step.bMm)} for rows ${a + 1} and ${b + 1}`"
            @click="emit('lengths', a, step.aMm, step.bMm)"
          />
          <span class="hint"> {{ step.aRepeats }} of one beside {{ step.bRepeats }} of the other</span>
        </p>
      </template>
    </li>
  </ul>
</template>
