<script setup lang="ts">
import { farPoint } from '#core/fit'
import { formatNumber } from '#core/units'
import type { BandAnswer } from '#shared/inputs'
import type { Fault } from '~/asking/asker'
import { endWords, guideWords, noteWords, patternWords, rowWord } from '../bandWords'

/** What to dial and count for each row, where rows drift, and what to check. */
const { answer, names, buildUp, fault } = defineProps<{
  answer: BandAnswer
  names: readonly string[]
  /** How thread lies on thread; null: not counted yet. */
  buildUp: {
    readonly mostLayers: number
    readonly overlapMeanLayers: number | null
    readonly muddy: boolean
  } | null
  /** Why the layers of thread are not counted; null: they are, or will be. */
  fault: Fault | null
}>()
const emit = defineEmits<{
  again: []
  mirror: [rows: readonly number[]]
  lengths: [a: number, aMm: number, bMm: number]
}>()
const { length, place, cut, sign } = useLength()
const drifts = computed(() => answer.band.drift)
/** Where the end of the longest side may fall, by the feed measured on this cloth. */
const far = computed(() => {
  const { feed, rows } = answer
  if (!feed) return ''
  const longestMm = Math.max(...rows.flatMap(({ legs }) => legs.map(({ lengthMm }) => lengthMm)))
  const { leastMm, mostMm } = farPoint(longestMm, feed)
  const [side, least, most] = [longestMm, leastMm, mostMm].map(cut)
  return `A ${side} ${sign()} side will end between ${least} and ${most} ${sign()}.`
})
const open = ref(false)
</script>

<template>
  <UCard
    as="section"
    aria-label="Rows of the band"
    class="grid gap-2"
  >
    <header class="flex-wrap">
      <h2 class="whitespace-nowrap">
        <span class="answer">{{ length(answer.band.bandMm) }}</span> wide
      </h2>
      <DialSource :known="answer.isDialKnown" />
    </header>
    <ol class="rows">
      <li
        v-for="(row, i) in answer.rows"
        :key="i"
      >
        <p>
          <b>{{ i + 1 }} {{ names[i] }}</b
          >, middle at {{ place(answer.band.rows[i]!.centreMm) }}
        </p>
        <p
          v-for="(leg, k) in row.legs"
          :key="k"
          class="leg"
        >
          <span
            >{{ row.legs.length > 1 ? `side ${k + 1}: ` : ''
            }}<b>{{ patternWords(leg, bareMm, answer.scale) }}</b></span
          >
          <span class="hint">{{ endWords(leg, inMm) }}</span>
        </p>
        <p
          v-if="row.guide"
          class="hint"
        >
          {{ guideWords(row.guide, inMm) }}
        </p>
      </li>
    </ol>
    <p
      v-if="far"
      class="hint"
    >
      {{ far }}
      <SourceChip
        of="measured"
        about="feed"
      >
        <p>On this cloth stitches are {{ formatNumber(answer.feed!.factor, 2) }} of the dial.</p>
      </SourceChip>
    </p>
    <ul
      v-if="answer.notes.length > 0 || buildUp?.muddy"
      class="notes"
      aria-label="To check"
    >
      <li
        v-for="(note, i) in answer.notes"
        :key="i"
        class="close-ink"
      >
        <UIcon name="i-lucide-triangle-alert" /> {{ noteWords(note, inMm) }}
        <UButton
          v-if="note.code === 'mirror'"
          size="sm"
          variant="outline"
          :label="`Mirror ${note.rows.map(rowWord).join(' and ')}`"
          @click="emit('mirror', note.rows)"
        />
      </li>
      <li
        v-if="buildUp?.muddy"
        class="close-ink"
      >
        <UIcon name="i-lucide-triangle-alert" /> Up to {{ buildUp.mostLayers }} layers of thread: stiff and
        muddy. Overlap the rows less, or lengthen the stitches.
      </li>
    </ul>
    <AskFault
      v-if="fault"
      what="The layers of thread"
      :fault="fault"
      @again="emit('again')"
    />
    <p
      v-if="buildUp && !buildUp.muddy"
      class="hint"
    >
      Up to {{ buildUp.mostLayers }} layers of thread.
    </p>
    <FoldAway
      v-if="drifts.length > 0"
      v-model:open="open"
      title="Step between rows"
    >
      <BandSteps
        :answer="answer"
        @lengths="(a, aMm, bMm) => emit('lengths', a, aMm, bMm)"
      />
    </FoldAway>
  </UCard>
</template>

<style scoped>
.rows {
  display: grid;
  gap: 6px;
}
.rows li {
  border-bottom: 1px solid var(--line);
  padding-bottom: 4px;
}
.leg {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 0 10px;
}
.notes {
  display: grid;
  gap: 6px;
}
</style>
