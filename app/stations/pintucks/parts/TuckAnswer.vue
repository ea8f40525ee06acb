<script setup lang="ts">
import { refDebounced } from '@vueuse/core'
import type { TableColumn } from '@nuxt/ui'
import { type OutlineFit, type PintuckPlan, SIZE_MM, sizesLost } from '#core/pintucks'
import type { PintuckPiece } from '#shared/records'
import { tuckNumbers } from '../tuckNumbers'

/** What to cut, what to mark, what to check. */
const { made, plan, marked, ridesToMm, order, fit } = defineProps<{
  made: PintuckPlan
  plan: PintuckPiece
  marked: readonly number[]
  /** How far the last tuck that rides may lie off; null: nobody noted how well the pitch is known. */
  ridesToMm: number | null
  order: readonly number[]
  fit: OutlineFit | null
}>()
/** No tape is read finer; a file says it to the micrometre. */
const { placed, place: bare } = useLength()
const length = (mm: number | null) => (mm === null ? 'not measured' : placed(mm))
const lostMm = computed(() => made.count * (made.takeUp.eachMm ?? made.takeUp.mostMm))
const sizes = computed(() => sizesLost(lostMm.value))
const sizeWords = computed(() => {
  if (sizes.value === 0) return 'less than half a size'
  if (sizes.value === 0.5) return 'half a size'
  return sizes.value === 1 ? 'about one size' : `about ${sizes.value} sizes`
})
/** Tucks in what must stay free. */
const inTheWay = computed(
  () => made.finishedMm.filter(x => x < plan.freeLeftMm || x > made.pieceMm - plan.freeRightMm).length,
)
const cutOff = computed(() => new Set(fit?.cuts.flatMap(one => one.cutOff)).size)
const COLUMNS: TableColumn<{ tuck: string; finished: string; flat: string }>[] = [
  { accessorKey: 'tuck', header: 'Tuck' },
  { accessorKey: 'finished', header: 'Finished' },
  { accessorKey: 'flat', header: 'Flat cloth' },
]
const lines = computed(() =>
  made.flatMm?.map((flat, i) => ({
    tuck: marked.includes(i) ? `${i + 1} mark` : String(i + 1),
    finished: bare(made.finishedMm[i]!),
    flat: bare(flat),
  })),
)
const isMeasured = computed(() => made.blankMm !== null)
/** While lines are dragged the drawing follows in every frame, the long table a moment later. */
const TABLE_WAITS_MS = 150
const shownLines = refDebounced(lines, TABLE_WAITS_MS)
</script>

<template>
  <UCard
    as="section"
    aria-label="Cut and mark"
    class="grid gap-2"
  >
    <header>
      <h2>Cut</h2>
      <SourceChip
        :of="isMeasured ? 'measured' : 'rule'"
        about="cutting width"
      >
        <p v-if="isMeasured">From the take-up of your swatch.</p>
        <p v-else>A range: nobody measured the take-up of this cloth.</p>
        <p>A size is taken as {{ length(SIZE_MM) }} of width (common practice).</p>
      </SourceChip>
    </header>
    <p
      class="answer"
      :class="{ rule: !isMeasured }"
    >
      <span class="inline-block">
        <template v-if="made.blankMm !== null">{{ length(made.blankMm) }}</template>
        <template v-else>{{ bare(made.blankLeastMm) }} to</template>
      </span>
      {{ ' ' }}
      <span
        v-if="made.blankMm === null"
        class="inline-block"
        >{{ length(made.blankMostMm) }}</span
      >
    </p>
    <p v-if="made.blankMm !== null">
      between {{ bare(made.blankLeastMm) }} and {{ length(made.blankMostMm) }}: each tuck takes
      {{ length(made.takeUp.eachMm) }}.
    </p>
    <p v-else>Sew a test swatch to get one cutting width and marking lines.</p>
    <p class="hint">
      {{ made.count }} tucks over {{ length(made.spanMm) }}. Tuck first, then cut. On a finished garment they
      take {{ isMeasured ? '' : 'up to ' }}{{ length(lostMm) }}: {{ sizeWords }}.
    </p>
    <ul
      class="minds"
      role="status"
    >
      <li
        v-for="{ code, message } in made.warnings"
        :key="code"
        class="close-ink"
      >
        <UIcon name="i-lucide-triangle-alert" /> {{ message }}
      </li>
      <li
        v-if="inTheWay > 0"
        class="close-ink"
      >
        <UIcon name="i-lucide-triangle-alert" /> {{ inTheWay }}
        {{ inTheWay === 1 ? 'tuck lies' : 'tucks lie' }}
        in what must stay free.
      </li>
      <li
        v-if="fit?.tooNarrow"
        class="strikes-ink"
      >
        <UIcon name="i-lucide-octagon-x" /> The piece is {{ length(fit.tooNarrow.shortMm) }} too narrow for
        the pattern, between {{ bare(fit.tooNarrow.fromMm) }} and {{ length(fit.tooNarrow.toMm) }} up.
      </li>
      <li
        v-if="cutOff > 0"
        class="hint"
      >
        The cutting line leaves {{ cutOff }} {{ cutOff === 1 ? 'tuck' : 'tucks' }} out where the piece
        narrows. Sew past the line and cut through those tucks.
      </li>
    </ul>
    <h3 class="serif">Mark and sew</h3>
    <p>
      <template v-if="marked.length === made.count">Mark every line.</template>
      <template v-else
        >Mark {{ marked.length }} of {{ made.count }}, tuck {{ tuckNumbers(marked) }}: sewn first. The rest
        ride in groove {{ made.groove!.k
        }}<template v-if="ridesToMm !== null"
          >, the outermost to ± {{ length(ridesToMm) }} as its pitch was measured</template
        >.</template
      >
    </p>
    <p>From the middle outwards, all the same way, slowly: tuck {{ tuckNumbers(order) }}</p>
    <UTable
      v-if="shownLines"
      :data="shownLines"
      :columns="COLUMNS"
      sticky
      class="max-h-60"
      caption="Where each tuck lies"
    />
    <p
      v-if="made.flatMm"
      class="hint"
    >
      All from the left edge, so that errors do not add up.
    </p>
  </UCard>
</template>

<style scoped>
.answer.rule {
  border-bottom: 2px dashed var(--line-strong);
}
.minds:empty {
  display: none;
}
</style>
