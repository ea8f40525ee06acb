<script setup lang="ts">
import { bobbinMatches, clearOrSmoke, leadingColour, lookOnCloth } from '#core/colour'
import { BLOCKS_PER_NEEDLE } from '#core/care'
import type { EdgeAdvice } from '#core/edge'
import type { StitchSetting } from '#core/stitch'
import { formatNumber } from '#core/units'
import type { EdgeKind } from '#shared/inputs'
import type { EdgePiece, Thread } from '#shared/records'

/** What to mind along this edge: what touches, thread against cloth, feed, and what one piece wears. */
const feed = defineModel<EdgePiece['feed']>('feed', { required: true })
const {
  advice,
  kind,
  overlap,
  stitch,
  widestMm,
  hexes,
  groundHex,
  thread,
  bobbin,
  longestMm,
  tailsPerPiece,
  clothNames,
  needleLasts,
  clothId,
} = defineProps<{
  advice: readonly EdgeAdvice[]
  kind: EdgeKind
  /** Stitches sewn over the beginning. */
  overlap: number
  stitch: StitchSetting
  /** The widest bite that touches nothing, all round. */
  widestMm: number
  hexes: readonly string[]
  /** null: not chosen. */
  groundHex: string | null
  /** null: not chosen. */
  thread: Thread | null
  bobbin: Thread | null
  longestMm: number
  /** Ends to pull to the back and tie. */
  tailsPerPiece: number
  clothNames: readonly string[]
  /** In hours, and in pieces like this one. */
  needleLasts: { readonly hours: number; readonly pieces: number }
  clothId: string | null
}>()
const { length } = useLength()
const adviceWords = (one: EdgeAdvice): string => {
  switch (one.code) {
    case 'smaller-bite': {
      const wanted = length(stitch.widthMm)
      const most = `All round, ${length(one.widestMm)} is the most, and what is planned keeps to it.`
      const where = one.pairs === 1 ? 'in one place' : `in ${one.pairs} places`
      return `A bite of ${wanted} touches ${where}. ${most} Or a longer stitch there.`
    }
    case 'too-narrow':
      return `Too narrow for bites: only ${length(one.widestMm)} stays clear. Sew it straight, or hidden.`
    case 'longer-stitch': {
      const round = `On the tightest round (${length(one.radiusMm)}) the tips crowd`
      return `${round}: a stitch of ${length(one.leastMm)} and more keeps them apart.`
    }
    case 'bite-over-round':
      return `The tightest round (${length(one.radiusMm)}) is narrower than the bite: a smaller one.`
    case 'bulk': {
      const where = one.pairs === 1 ? 'one pair of bites meets' : `${one.pairs} pairs of bites meet`
      return `At the points ${where}: thick there. A shorter bite thins them.`
    }
    case 'finer-thread': {
      const thick = `The thread is ${length(one.threadMm)} thick, as much as should stay free between bites`
      return `${thick}: finer thread, or more room.`
    }
  }
}
const isHidden = computed(() => kind === 'hidden')
const filament = computed(() => clearOrSmoke(hexes[0] ?? groundHex ?? '#ffffff'))
const LOOK_WORDS = { matches: 'hardly shows on', near: 'shows a little on', shows: 'stands out on' } as const
/** “stands out on Leaf and the ground”: one phrase for all that look alike; empty: nothing is known. */
function showsOn(one: Thread | null): string {
  const found = new Map<string, Set<string>>()
  const cloths = hexes.map((cloth, i) => ({ cloth, name: clothNames[i] ?? '' }))
  for (const { cloth, name } of [...cloths, { cloth: groundHex, name: 'the ground' }]) {
    const look = lookOnCloth(one, cloth)
    if (look === null) continue
    found.set(LOOK_WORDS[look], (found.get(LOOK_WORDS[look]) ?? new Set()).add(name))
  }
  return [...found].map(([words, names]) => `${words} ${[...names].join(' and ')}`).join(', ')
}
const threadWords = computed(() => showsOn(thread))
const bobbinWords = computed(() => {
  const [above, below] = [thread, bobbin].map(one => one && leadingColour(one.colours))
  if (!above || !below || thread!.kind === 'monofilament' || bobbinMatches(below, [above])) return ''
  return `The bobbin is of another colour and ${showsOn(bobbin)}: a drawn-up loop is seen.`
})
</script>

<template>
  <UCard
    as="section"
    aria-label="What to mind"
    class="grid gap-2"
  >
    <h2>What to mind</h2>
    <ul class="grid gap-2">
      <li
        v-for="one in advice"
        :key="one.code"
        class="close-ink"
      >
        <UIcon name="i-lucide-triangle-alert" /> {{ adviceWords(one) }}
      </li>
      <li v-if="advice.length === 0 && kind !== 'straight'">
        <UIcon name="i-lucide-check" /> Nothing touches; up to {{ length(widestMm) }} all round.
      </li>
      <li v-if="isHidden">
        With monofilament: <b>{{ filament }}</b> on this cloth (common practice: clear on light, smoke on
        dark).
      </li>
      <li v-else-if="threadWords">The thread {{ threadWords }}.</li>
      <li
        v-if="bobbinWords"
        class="close-ink"
      >
        {{ bobbinWords }}
      </li>
      <li>
        Begin in the middle of a side, never on a point; sew {{ overlap }} stitches over the beginning, or
        pull {{ tailsPerPiece }} tails to the back and tie. Turn points with the needle down, the foot up; on
        an outside curve the needle down outside, on an inside one inside (common practice).
      </li>
      <li class="hint">
        A needle lasts about {{ needleLasts.hours }} hours or {{ BLOCKS_PER_NEEDLE }} fused blocks (common
        practice): about {{ formatNumber(needleLasts.pieces, 0) }} of these. Brush the lint out when you
        change it: felt and wool shed.
      </li>
    </ul>
    <FeedFold
      v-model="feed"
      :dialled-mm="stitch.lengthMm"
      :longest-mm="longestMm"
      :cloth-id="clothId"
    />
  </UCard>
</template>
