<script setup lang="ts">
import { type SatinTurn, TURN_WORDS, turnsOf } from '#core/edge'
import type { TurnedPoints } from '#shared/inputs'
import type { EdgePiece } from '#shared/records'
import { pointWords, turnSteps } from '../turnWords'

/** How satin is turned at its points, angle by angle: as is offered, or as one likes. */
const own = defineModel<EdgePiece['turns']>({ required: true })
const { turns, widthMm, extraDrops } = defineProps<{
  turns: readonly TurnedPoints[]
  widthMm: number
  /** Needle positions that are sewn at the points beside those along the edge. */
  extraDrops: number
}>()
const { length } = useLength()
const MOST_SHOWN = 12
const shown = computed(() => turns.slice(0, MOST_SHOWN))
const choices = ({ kind, offered }: TurnedPoints) =>
  turnsOf(kind).map(how => ({
    value: how,
    label: how === offered ? `${TURN_WORDS[how].name} (offered)` : TURN_WORDS[how].name,
  }))
function choose({ insideDeg, offered }: TurnedPoints, how: SatinTurn): void {
  const others = own.value.filter(turn => turn.insideDeg !== insideDeg)
  own.value = how === offered ? others : [...others, { insideDeg, how }]
}
</script>

<template>
  <UCard
    as="section"
    aria-label="Corners"
    class="grid gap-2"
  >
    <header>
      <h2>Corners</h2>
      <SourceChip
        of="rule"
        about="how a corner is turned"
        >The angle decides what is offered. Common practice.</SourceChip
      >
    </header>
    <div
      v-for="turned in shown"
      :key="turned.insideDeg"
    >
      <SelectField
        :model-value="turned.how"
        :label="pointWords(turned)"
        :items="choices(turned)"
        @update:model-value="choose(turned, $event as SatinTurn)"
      />
      <p>{{ turnSteps(turned, widthMm, length) }}</p>
      <p class="hint">{{ TURN_WORDS[turned.how].why }}</p>
    </div>
    <p
      v-if="turns.length > MOST_SHOWN"
      class="hint"
    >
      And {{ turns.length - MOST_SHOWN }} more angles, turned as is offered.
    </p>
    <p
      v-if="extraDrops > 0"
      class="hint"
    >
      {{ extraDrops }} stitches more at inside corners, counted with the rest.
    </p>
  </UCard>
</template>
