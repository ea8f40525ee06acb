<script setup lang="ts">
import { bobbinMatches, clearOrSmoke, leadingColour, lookOnCloth } from '#core/colour'
import { BLOCKS_PER_NEEDLE } from '#core/care'
import type { EdgeAdvice } from '#core/edge'
import type { StitchSetting } from '#core/stitch'
import { formatNumber } from '#core/units'
import type { EdgeKind } from '#shared/inputs'
import type { EdgePiece, Thread } from '#shared/records'

/** To check along this edge: what touches, thread against cloth, feed, and what one piece wears. */
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
  /** The widest stitch that crowds nothing, all round. */
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
      const wanted = inMm(stitch.widthMm)
      const where = one.pairs === 1 ? 'at one place' : `at ${one.pairs} places`
      return `Stitches ${wanted} wide crowd ${where}. The plan takes ${inMm(one.widestMm)}, which is clear.`
    }
    case 'too-narrow':
      return `Too narrow: only ${inMm(one.widestMm)} stays clear. Sew a straight or a hidden edge.`
    case 'longer-stitch': {
      const round = `Stitches crowd on the tightest curve (${length(one.radiusMm)}).`
      return `${round} Take a length of ${inMm(one.leastMm)} or more.`
    }
    case 'bite-over-round':
      return `The bite is wider than the tightest curve (${length(one.radiusMm)}). Take a smaller bite.`
    case 'bulk': {
      const where = one.pairs === 1 ? 'at one point' : `at ${one.pairs} points`
      return `Stitches crowd ${where}. Shorten the bite.`
    }
    case 'finer-thread': {
      const thick = `The thread fills the gap between stitches: it is ${inMm(one.threadMm)} thick.`
      return `${thick} Take a thinner thread, or leave more room.`
    }
  }
}
const isHidden = computed(() => kind === 'hidden')
const filament = computed(() => clearOrSmoke(hexes[0] ?? groundHex ?? '#ffffff'))
const LOOK_WORDS = { matches: 'hardly shows on', near: 'shows a little on', shows: 'stands out on' } as const
/** “stands out on Leaf and the background”: one phrase for all that look alike; empty: nothing is known. */
function showsOn(one: Thread | null): string {
  const found = new Map<string, Set<string>>()
  const cloths = hexes.map((cloth, i) => ({ cloth, name: clothNames[i] ?? '' }))
  for (const { cloth, name } of [...cloths, { cloth: groundHex, name: 'the background' }]) {
    const look = lookOnCloth(one, cloth)
    if (look === null) continue
    found.set(LOOK_WORDS[look], (found.get(LOOK_WORDS[look]) ?? new Set()).add(name))
  }
  return [...found].map(([words, names]) => `${words} ${[...names].join(' and ')}`).join(', ')
}
/** How a bobbin thread of another colour looks where a loop is pulled up; empty: it would not be seen. */
const bobbinShows = computed(() => {
  const [above, below] = [thread, bobbin].map(one => one && leadingColour(one.colours))
  if (!above || !below || thread!.kind === 'monofilament' || bobbinMatches(below, [above])) return ''
  return showsOn(bobbin)
})
/** How the threads look on the cloths: said once where both look the same. */
const looks = computed(() => {
  const above = isHidden.value ? '' : showsOn(thread)
  const below = bobbinShows.value
  if (above !== '' && above === below)
    return [{ words: `Thread and bobbin thread: each ${above}.`, warns: true }]
  return [
    { words: above && `The thread ${above}.`, warns: false },
    { words: below && `The bobbin thread ${below}, where a loop is pulled up.`, warns: true },
  ].filter(({ words }) => words !== '')
})
</script>

<template>
  <UCard
    as="section"
    aria-label="To check"
    class="grid gap-2"
  >
    <h2>To check</h2>
    <ul class="grid gap-2">
      <li
        v-for="one in advice"
        :key="one.code"
        class="close-ink"
      >
        <UIcon name="i-lucide-triangle-alert" /> {{ adviceWords(one) }}
      </li>
      <li v-if="advice.length === 0 && kind !== 'straight'">
        <UIcon name="i-lucide-check" /> Nothing touches; up to {{ inMm(widestMm) }} all round.
      </li>
      <li v-if="isHidden">
        Monofilament: <b>{{ filament }}</b> on this cloth. Common practice is clear on light, smoke on dark.
      </li>
      <li
        v-for="{ words, warns } in looks"
        :key="words"
        :class="{ 'close-ink': warns }"
      >
        {{ words }}
      </li>
    </ul>
    <FoldAway title="Starting, turning, needles">
      <p>
        Start in the middle of a side, never on a point. Sew {{ overlap }} stitches over the beginning, or
        pull {{ tailsPerPiece }} tails to the back and tie. Turn points with the needle down and the foot up.
        Turn an outside curve with the needle down outside, an inside curve inside (common practice).
      </p>
      <p class="hint">
        A needle lasts about {{ formatNumber(needleLasts.pieces, 0) }} of these pieces. Common practice:
        {{ needleLasts.hours }} hours or {{ BLOCKS_PER_NEEDLE }} fused blocks. Brush out the lint when you
        change the needle.
      </p>
    </FoldAway>
    <FeedFold
      v-model="feed"
      :dialled-mm="stitch.lengthMm"
      :longest-mm="longestMm"
      :cloth-id="clothId"
    />
  </UCard>
</template>
