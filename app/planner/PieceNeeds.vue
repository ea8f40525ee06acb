<script setup lang="ts">
import { pearlBalls } from '#core/thread'
import { formatNumber } from '#core/units'
import { minutesWords } from '~/utils/minutesWords'
import { type PieceRun, runsNeedsOf, TAIL_M, type ThreadNeed } from '#shared/inputs'

/** Thread, bobbins, minutes and needle hours of a piece, for all its copies. */
const { runs } = defineProps<{ runs: readonly PieceRun[] }>()
const book = useBookStore()
const settings = useSettingsStore()
const { far, length } = useLength()
const found = computed(() => runsNeedsOf(runs, book.shelf, settings.record))
const PLACE_WORDS = {
  needle: 'Needle',
  left: 'Left needle',
  middle: 'Middle needle',
  right: 'Right needle',
  bobbin: 'Bobbin',
} as const
const bobbinWords = computed(() => {
  const counts = (found.value?.bobbins ?? []).map(one => one.count)
  if (counts.includes(null)) return ''
  const count = counts.reduce<number>((sum, one) => sum + one!, 0)
  return count === 1 ? ', one bobbin to wind' : `, ${count} bobbins to wind`
})
const LEAST_HOURS = 0.1
const hoursWords = computed(() => {
  const hours = (found.value?.needles ?? []).reduce((sum, one) => sum + one.hours, 0)
  return hours < LEAST_HOURS ? 'less than 0.1 h' : `${formatNumber(hours, 1)} h`
})
/** Pearl cotton is bought by the ball. */
function ballWords({ thread, metres }: ThreadNeed): string {
  if (thread?.kind !== 'pearl-cotton' || thread.tex === null) return ''
  const balls = pearlBalls(metres, thread.tex)
  return balls === 1 ? 'a ball of 10 g' : `${balls} balls of 10 g`
}
</script>

<template>
  <UCard
    as="section"
    aria-label="Thread and time"
  >
    <header>
      <h2>Thread and time</h2>
      <span class="hint">all copies</span>
    </header>
    <p
      v-if="!found"
      class="hint"
    >
      Choose machine, needle and threads first.
    </p>
    <template v-else>
      <ul class="threads">
        <li
          v-for="need in found.threads"
          :key="`${need.place} ${need.thread?.id}`"
        >
          <span
            ><b>{{ PLACE_WORDS[need.place] }}</b
            >{{ ' ' }}<span class="hint">{{ need.thread?.name ?? 'not chosen' }}</span></span
          >
          <b class="metres">{{ found.atLeast ? 'at least ' : '' }}{{ far(need.metres) }}</b>
          <span
            v-if="ballWords(need)"
            class="hint"
            >{{ ballWords(need) }}</span
          >
          <span
            v-if="need.shortM !== null"
            class="strikes-ink"
            >{{ far(need.shortM) }} too little</span
          >
        </li>
      </ul>
      <p>
        <b>{{ minutesWords(found.minutes) }}</b>, {{ found.stitches }} stitches, {{ far(found.seamM) }} of
        seam{{ bobbinWords }}.
        <SourceChip
          of="guess"
          about="thread and time"
        >
          <p>{{ found.needles.length > 1 ? 'The needles sew' : 'The needle sews' }} {{ hoursWords }}.</p>
          <p>
            Added are tails of {{ length(1000 * TAIL_M) }} and 12 % for trials. A turn takes 4 s, a row 20 s.
          </p>
        </SourceChip>
      </p>
    </template>
  </UCard>
</template>

<style scoped>
.threads li {
  display: flex;
  flex-wrap: wrap;
  gap: 0 12px;
  align-items: baseline;
  padding: 4px 2px;
  border-bottom: 1px solid var(--line);
}
.metres {
  margin-left: auto;
  white-space: nowrap;
}
</style>
