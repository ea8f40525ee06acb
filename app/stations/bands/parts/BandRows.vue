<script setup lang="ts">
import { MOST_BAND_ROWS } from '#core/band'
import type { BandAnswer } from '#shared/inputs'
import type { BandPiece } from '#shared/records'
import { useDragOrder } from '~/planner/useDragOrder'
import { plainOf } from '~/utils/plain'

/** The rows of a band from the left, dragged into their order, and which of them is worked on. */
const plan = defineModel<BandPiece>({ required: true })
const chosen = defineModel<number>('chosen', { required: true })
const { answer, names } = defineProps<{
  answer: BandAnswer | null
  /** Of each row’s stitch. */
  names: readonly string[]
}>()
const list = useTemplateRef<HTMLOListElement>('list')
useDragOrder(list, move)

function move(from: number, to: number): void {
  const rows = [...plan.value.rows]
  const [row] = rows.splice(from, 1)
  rows.splice(to, 0, row!)
  plan.value.rows = rows
  chosen.value = to
}
/** A row beside the chosen one, on its right. */
function put(row: BandPiece['rows'][number]): void {
  const at = chosen.value + 1
  const overlap = plan.value.overlapsMm[chosen.value] ?? plan.value.overlapsMm.at(-1) ?? 0
  plan.value = {
    ...plan.value,
    rows: plan.value.rows.toSpliced(at, 0, row),
    overlapsMm: plan.value.overlapsMm.toSpliced(Math.min(at - 1, plan.value.overlapsMm.length), 0, overlap),
  }
  chosen.value = at
}
const copy = () => put(plainOf(plan.value.rows[chosen.value]!))
const add = () =>
  put({ ...plainOf(plan.value.rows[chosen.value]!), stitchId: 'straight', widthMm: 0, lengthMm: 2.5 })
function remove(i: number): void {
  plan.value = {
    ...plan.value,
    rows: plan.value.rows.toSpliced(i, 1),
    overlapsMm: plan.value.overlapsMm.toSpliced(Math.max(0, i - 1), 1),
  }
  chosen.value = Math.max(0, Math.min(chosen.value, plan.value.rows.length - 1))
}
const canComplete = computed(
  () => plan.value.rows.length > 1 && 2 * plan.value.rows.length - 1 <= MOST_BAND_ROWS,
)
/** The rows so far are the left half: their mirror image follows, about the last of them. */
function complete(): void {
  const { rows, overlapsMm } = plainOf(plan.value)
  const across = rows.slice(0, -1).toReversed()
  plan.value = {
    ...plan.value,
    rows: [...rows, ...across.map(row => ({ ...row, mirror: !row.mirror }))],
    overlapsMm: [...overlapsMm, ...overlapsMm.toReversed()],
  }
}
function press(i: number, event: KeyboardEvent): void {
  const by = { ArrowUp: -1, ArrowDown: 1 }[event.key]
  if (by === undefined || !event.altKey) return
  const to = i + by
  event.preventDefault()
  event.stopPropagation()
  if (to < 0 || to >= plan.value.rows.length) return
  move(i, to)
  void nextTick(() => list.value?.querySelectorAll<HTMLElement>('[data-row]')[to]?.focus())
}
const spans = computed(() => answer?.band.rows.map(({ spanMm }) => spanMm) ?? [])
</script>

<template>
  <div class="grid gap-2 min-w-0">
    <ol
      ref="list"
      class="list"
      aria-label="Rows, from the left"
    >
      <li
        v-for="(row, i) in plan.rows"
        :key="i"
        class="row"
      >
        <DragHandle />
        <UButton
          :variant="chosen === i ? 'soft' : 'ghost'"
          color="neutral"
          class="name"
          data-row
          :aria-pressed="chosen === i"
          :aria-label="`${i + 1} ${names[i]} ${bareMm(spans[i] ?? row.widthMm)}`"
          @click="
            () => {
              chosen = i
            }
          "
          @keydown="press(i, $event)"
        >
          <b>{{ i + 1 }}</b> {{ names[i] }}
          <span class="hint wide">{{ bareMm(spans[i] ?? row.widthMm) }}</span>
        </UButton>
      </li>
    </ol>
    <div
      v-if="plan.rows.length > 1"
      class="flex flex-wrap gap-1"
    >
      <IconButton
        icon="i-lucide-arrow-up"
        tip="Left"
        :label="`Move row ${chosen + 1} left`"
        :disabled="chosen === 0"
        @click="move(chosen, chosen - 1)"
      />
      <IconButton
        icon="i-lucide-arrow-down"
        tip="Right"
        :label="`Move row ${chosen + 1} right`"
        :disabled="chosen === plan.rows.length - 1"
        @click="move(chosen, chosen + 1)"
      />
      <IconButton
        icon="i-lucide-x"
        tip="Take out"
        :label="`Take row ${chosen + 1} out`"
        @click="remove(chosen)"
      />
    </div>
    <div class="flex flex-wrap gap-2">
      <UButton
        size="sm"
        variant="outline"
        icon="i-lucide-plus"
        label="Add a row"
        :disabled="plan.rows.length >= MOST_BAND_ROWS"
        @click="add"
      />
      <UButton
        size="sm"
        variant="outline"
        icon="i-lucide-copy"
        label="Copy it"
        :disabled="plan.rows.length >= MOST_BAND_ROWS"
        @click="copy"
      />
      <UButton
        v-if="canComplete"
        size="sm"
        variant="outline"
        icon="i-lucide-flip-horizontal-2"
        label="Mirror them all"
        @click="complete"
      />
    </div>
  </div>
</template>

<style scoped>
.list {
  display: grid;
  gap: 4px;
}
.row {
  display: flex;
  align-items: center;
  gap: 2px;
}
.name {
  flex: 1;
  min-width: 0;
  justify-content: flex-start;
  text-align: start;
}
.wide {
  margin-inline-start: auto;
}
</style>
