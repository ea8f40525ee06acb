<script setup lang="ts">
import { farPoint, UNKNOWN_FEED } from '#core/fit'
import { formatNumber } from '#core/units'
import { LIMITS } from '#shared/fields'
import { feedOf, type PieceFeed } from '#shared/inputs'
import { orNull } from './orNull'

/** How long stitches come out on this cloth, and what that does at the far end of a side. */
const feed = defineModel<PieceFeed>({ required: true })
const {
  dialledMm,
  longestMm,
  clothId = null,
} = defineProps<{
  /** What the dial stands at while it is measured. */
  dialledMm: number
  /** The longest side that is sewn without turning. */
  longestMm: number
  /** What it is sewn on: what was measured there counts until this piece has a feed. @defaultValue null */
  clothId?: string | null
}>()
const { cut, sign } = useLength()
const isMeasured = computed({
  get: () => feed.value !== null,
  set: now => {
    feed.value = now ? { sewnMm: 60, stitches: 20, dialledMm, readMm: 0.5 } : null
  },
})
const book = useBookStore()
const cloth = computed(() => book.shelf.cloths.get(clothId ?? '') ?? null)
/** null: nobody measured, or a number is still being typed. */
const measured = computed(() => orNull(() => feedOf(feed.value, cloth.value)))
const known = computed(() => measured.value ?? UNKNOWN_FEED)
/** Where the feed is taken from. */
const source = computed(() => {
  const factor = `Feed: ${formatNumber(known.value.factor, 2)}`
  if (feed.value) return `${factor}, measured here`
  return measured.value ? `${factor}, measured on ${cloth.value!.name}` : 'Feed: not measured'
})
/** null: no side is known yet. */
const far = computed(() => (longestMm > 0 ? orNull(() => farPoint(longestMm, known.value)) : null))
const farWords = computed(() => {
  if (!far.value) return ''
  const { leastMm, mostMm } = far.value
  const [side, least, most] = [longestMm, leastMm, mostMm].map(cut)
  const where = `A ${side} ${sign()} side will end between ${least} and ${most} ${sign()}.`
  return `${where} Stop three stitches before each point and look.`
})
</script>

<template>
  <FoldAway
    :title="source"
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
          v-model="feed.stitches"
          label="Stitches"
          :limit="[1, LIMITS.count[1]]"
          whole
        />
        <LengthField
          v-model="feed.dialledMm"
          label="Dial at"
          limit="dialLengthMm"
        />
        <LengthField
          v-model="feed.sewnMm"
          label="They measure"
          limit="pieceMm"
        />
      </div>
      <p v-if="far">{{ farWords }}</p>
    </div>
  </FoldAway>
</template>
