<script setup lang="ts">
import { farPoint, feedFactor, UNKNOWN_FEED } from '#core/fit'
import { formatNumber } from '#core/units'
import type { TopstitchPiece } from '#shared/records'
import { orNull } from './orNull'

/** How long stitches come out on this cloth, and what that does at the far end of a side. */
const feed = defineModel<TopstitchPiece['feed']>({ required: true })
const { dialledMm, longestMm } = defineProps<{
  /** What the dial stands at while it is measured. */
  dialledMm: number
  /** The longest side that is sewn without turning. */
  longestMm: number
}>()
const { length, bare } = useLength()
const isMeasured = computed({
  get: () => feed.value !== null,
  set: now => {
    feed.value = now ? { sewnMm: 60, stitches: 20, dialledMm, readMm: 0.5 } : null
  },
})
const part = (field: 'sewnMm' | 'stitches' | 'dialledMm') =>
  computed({
    get: () => feed.value?.[field] ?? null,
    set: value => {
      if (feed.value) feed.value[field] = value ?? Number.NaN
    },
  })
const sewn = part('sewnMm')
const counted = part('stitches')
const dialled = part('dialledMm')
const known = computed(() => {
  const said = feed.value
  if (!said) return UNKNOWN_FEED
  return orNull(() => feedFactor(said.sewnMm, said.stitches, said.dialledMm, said.readMm)) ?? UNKNOWN_FEED
})
const far = computed(() => orNull(() => farPoint(longestMm, known.value)))
</script>

<template>
  <FoldAway
    title="Feed: where the far point may fall"
    :open="feed !== null"
  >
    <div class="grid gap-2">
      <UCheckbox
        v-model="isMeasured"
        label="I sewed some and measured"
      />
      <div
        v-if="feed"
        class="pair"
      >
        <NumberField
          v-model="counted"
          label="Stitches"
        />
        <LengthField
          v-model="dialled"
          label="Dial at"
          limit="dialLengthMm"
        />
        <LengthField
          v-model="sewn"
          label="They measure"
          limit="pieceMm"
        />
      </div>
      <p v-if="far">
        {{
          feed ? `Feed ${formatNumber(known.factor, 2)} of the dial` : 'Not measured: taken as the dial says'
        }}; the end of {{ length(longestMm) }} may fall between {{ bare(far.leastMm) }} and
        {{ length(far.mostMm) }}. Stop three stitches before each point and look.
      </p>
      <p
        v-if="feed && Math.abs(known.factor - 1) > 0.005"
        class="hint"
      >
        Dial {{ formatNumber(1 / known.factor, 2) }} times the planned length.
      </p>
    </div>
  </FoldAway>
</template>
