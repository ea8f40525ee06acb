<script setup lang="ts">
import type { Quantity, SeenRectangle, Span } from '#core/measure'
import { giveOrTake } from '#core/measured'
import { ROW_LOOKS, type RowLook, type RowResult, UNREAD_WORDS } from '#core/photo'
import type { Point } from '#core/plane'
import { useFieldProblems } from '~/fields/fieldProblems'
import { type TakenRow, takenRow } from '../takenRow'

/** Counts the stitches between both ends, shows each hole, and says so where it cannot tell. */
const { quantity, seen, span, row } = defineProps<{
  quantity: Quantity
  seen: SeenRectangle
  span: Span
  row: (seen: SeenRectangle, look: RowLook, span: Span, halfMm: number) => Promise<RowResult | null>
}>()
const emit = defineEmits<{
  holes: [holes: readonly Point[]]
  take: [row: TakenRow]
}>()
const { refuses } = useFieldProblems()
const LOOK_WORDS: Readonly<Record<RowLook, string>> = {
  straight: 'straight',
  zigzag: 'zigzag',
  twin: 'twin, both lines',
  under: 'twin, from below',
}
const look = ref<RowLook>(quantity === 'needle-gap' ? 'twin' : 'straight')
/** More stitches than anybody counts in one photo. */
const MOST_COUNTED = 1000
const halfMm = ref(4)
const read = shallowRef<RowResult | null>(null)
const count = ref<number | null>(null)
const busy = ref(false)
watch(
  () => [span, seen, look.value],
  () => {
    read.value = null
    emit('holes', [])
  },
)
async function readIt(): Promise<void> {
  busy.value = true
  read.value = await row(toRaw(seen), look.value, toRaw(span), halfMm.value)
  busy.value = false
  const found = read.value
  count.value = found?.ok ? found.stitches : null
  emit('holes', found?.ok ? found.holesPx : [])
}
/** Of the row as it is read now, with the count as it was corrected. */
function take(): void {
  if (!refuses() && read.value?.ok && count.value !== null) emit('take', takenRow(read.value, count.value))
}
const across = computed(() => (read.value?.ok ? read.value.acrossMm : null))
const ACROSS_WORDS: Readonly<Record<RowLook, string>> = {
  straight: '',
  zigzag: 'tip to tip',
  twin: 'line to line',
  under: 'the bobbin goes',
}
</script>

<template>
  <FoldAway title="Read the stitches between the ends">
    <div class="grid gap-3">
      <p class="hint">
        Put one end on the first hole of the row, the other on the last. A third of a stitch off is near
        enough.
      </p>
      <div class="grid grid-cols-2 items-start gap-2">
        <SelectField
          v-model="look"
          label="The row is"
          :items="ROW_LOOKS.map(value => ({ value, label: LOOK_WORDS[value] }))"
        />
        <LengthField
          v-model="halfMm"
          label="Look to each side"
          limit="rowMm"
        />
      </div>
      <UButton
        variant="outline"
        icon="i-lucide-scan-line"
        label="Read the row"
        class="justify-self-start"
        :loading="busy"
        @click="readIt"
      />
      <p
        v-if="read && !read.ok"
        role="alert"
        class="close-ink"
      >
        It cannot tell. {{ UNREAD_WORDS[read.reason] }}
      </p>
      <template v-else-if="read">
        <p role="status">
          <b>{{ read.stitches }} stitches</b> of {{ inMm(read.lengthMm.value) }} ±
          {{ bareMm(giveOrTake(read.lengthMm)) }}, single ones ± {{ bareMm(2 * read.scatterMm)
          }}<template v-if="across"
            >; {{ ACROSS_WORDS[look] }} <b>{{ inMm(across.value) }}</b> ±
            {{ bareMm(giveOrTake(across)) }}</template
          >.
        </p>
        <p class="hint">
          Each hole it found is ringed in the photo. Look: is one missing, or one too many? Then put the
          number right here.
        </p>
        <NumberField
          v-model="count"
          label="Stitches, as you see them"
          :limit="[1, MOST_COUNTED]"
          whole
        />
        <UButton
          icon="i-lucide-check"
          label="Take it over"
          class="justify-self-start"
          :disabled="count === null"
          @click="take"
        />
      </template>
    </div>
  </FoldAway>
</template>
