<script setup lang="ts">
import { type EdgeSide, recounted, sewnOrder, type SideStitches, sideStitches, sideWords } from '#core/edge'
import type { FitPlan } from '#core/fit'
import type { EdgeAnswer } from '#shared/inputs'
import type { EdgePiece } from '#shared/records'
import { isSameSide, type SideAt } from '../sideAt'

/** Every side with its stitches, in the order it is drawn; each may be settled by hand. */
const open = defineModel<SideAt | null>('open', { required: true })
const { answer, settled, backwards, names, marks, isDialKnown, isMany } = defineProps<{
  answer: EdgeAnswer
  settled: EdgePiece['settled']
  backwards: boolean
  /** Of the cloth of each stretch. */
  names: readonly string[]
  /** Of the dial, in mm of cloth. */
  marks: readonly number[]
  isDialKnown: boolean
  /** More than one cloth. */
  isMany: boolean
}>()
const emit = defineEmits<{
  noPoint: [at: { readonly x: number; readonly y: number }]
  /** null: as planned. */
  settle: [at: SideAt, own: FitPlan | null]
}>()
const { length, placed } = useLength()
const plan = computed(() => answer.ways[answer.way]!.plan)
interface Row {
  readonly number: number
  readonly at: SideAt
  readonly name: string
  readonly of: EdgeSide
  readonly stitches: SideStitches
  /** What comes after it: a point, or the end. */
  readonly then: string
  /** Where it is begun inside this side; empty: it is not. */
  readonly begun: string
  readonly point: { readonly x: number; readonly y: number } | null
}
const rows = computed((): Row[] => {
  let number = 0
  return plan.value.stretches.flatMap((stretch, s) => {
    const stitches = sideStitches(stretch, answer.scale, bareMm)
    return stretch.sides.map((of, side): Row => {
      number += 1
      const next = stretch.closed
        ? stretch.points[(side + 1) % Math.max(1, stretch.points.length)]
        : stretch.points[side]
      const kind = next?.kind === 'inner' ? 'inside corner' : 'turn'
      return {
        number,
        at: { stretch: s, side },
        name: names[s] ?? '',
        of,
        stitches: stitches[side]!,
        then: next ? kind : 'end',
        begun: begunWords(s, side),
        point: next?.at ?? null,
      }
    })
  })
})
const MOST_SHOWN = 40
const isOpen = ({ at }: Row) => isSameSide(at, open.value)
const isSettled = ({ at }: Row) => settled.some(one => isSameSide(one, at))
/** One stitch more or fewer; null: the dial does not reach. */
const byOne = ({ of }: Row, by: 1 | -1) => recounted(of, of.stitches + by, marks)
/** A closed edge begun inside a side has its other part at the end. */
function begunWords(s: number, side: number): string {
  const stretch = plan.value.stretches[s]!
  const start = answer.starts[s] ?? stretch.from
  const legs = sewnOrder(stretch, start - stretch.from, backwards)
  const isParted = legs.length > 1 && legs[0]!.side === side && legs.at(-1)!.side === side
  if (!isParted) return ''
  const [now, last] = [legs[0]!, legs.at(-1)!].map(({ parts }) =>
    parts.reduce((sum, { count }) => sum + count, 0),
  )
  return `start mid-side: ${now} now, ${last} at the end`
}
const list = useTemplateRef<HTMLOListElement>('list')
watch(open, async () => {
  await nextTick()
  // The page stays: what is dragged in the drawing must not move from under the pointer.
  scrollWithin(list.value, list.value?.querySelector('[aria-expanded=true]'))
})
const planWordsOf = (row: Row, own: FitPlan) =>
  sideWords(
    { ...plan.value.stretches[row.at.stretch]!, sides: [{ ...row.of, plan: own }] },
    answer.scale,
    bareMm,
  )[0]!
const turnWords = (every: number | null) => {
  if (every === null) return ''
  return every === 1 ? 'turn a little at every stitch' : `turn a little every ${every} stitches`
}
</script>

<template>
  <UCard
    as="section"
    aria-label="Sides"
    class="grid gap-2"
  >
    <header>
      <h2>Stitches</h2>
      <DialSource :known="isDialKnown" />
    </header>
    <ol
      ref="list"
      class="sides"
    >
      <li
        v-for="row in rows.slice(0, MOST_SHOWN)"
        :key="row.number"
      >
        <UButton
          variant="ghost"
          color="neutral"
          class="side"
          :aria-expanded="isOpen(row)"
          @click="
            () => {
              open = isOpen(row) ? null : row.at
            }
          "
        >
          <span
            ><b>{{ row.number }}</b
            >{{ ' '
            }}<span class="hint"
              >{{ isMany ? `${row.name}, ` : ''
              }}<span class="long">{{ placed(row.of.lengthMm) }}</span></span
            ></span
          >
          <span class="text-right"
            ><CountedStitches
              :parts="row.stitches.parts"
              :note="`${row.stitches.note}, ${row.then}`"
            /><span
              v-if="!row.of.plan"
              class="close-ink"
              >: nothing on the dial lands</span
            ><span
              v-if="row.begun"
              class="hint begun"
              >{{ row.begun }}</span
            ></span
          >
        </UButton>
        <div
          v-if="isOpen(row)"
          class="more"
        >
          <p
            v-if="row.of.turnEvery !== null"
            class="hint"
          >
            Radius down to {{ placed(row.of.leastRadiusMm!) }}: {{ turnWords(row.of.turnEvery) }}, needle
            down.
          </p>
          <ul>
            <li
              v-for="(own, k) in row.of.plans"
              :key="k"
            >
              <UButton
                size="sm"
                variant="outline"
                :label="planWordsOf(row, own)"
                @click="emit('settle', row.at, own)"
              />
              <span class="hint"
                >{{ own.marks === 1 ? 'one mark' : 'two marks'
                }}{{
                  Math.abs(own.missMm) < 0.005 ? '' : `, ${length(Math.abs(own.missMm))} spread over it`
                }}</span
              >
            </li>
          </ul>
          <div class="flex flex-wrap gap-2">
            <UButton
              size="sm"
              variant="outline"
              icon="i-lucide-minus"
              label="One fewer"
              :disabled="!byOne(row, -1)"
              @click="emit('settle', row.at, byOne(row, -1))"
            />
            <UButton
              size="sm"
              variant="outline"
              icon="i-lucide-plus"
              label="One more"
              :disabled="!byOne(row, 1)"
              @click="emit('settle', row.at, byOne(row, 1))"
            />
            <UButton
              v-if="isSettled(row)"
              size="sm"
              variant="ghost"
              label="As planned"
              @click="emit('settle', row.at, null)"
            />
            <UButton
              v-if="row.point"
              size="sm"
              variant="ghost"
              label="No point at its end"
              @click="emit('noPoint', row.point)"
            />
          </div>
        </div>
      </li>
    </ol>
    <p
      v-if="rows.length > MOST_SHOWN"
      class="hint"
    >
      And {{ rows.length - MOST_SHOWN }} more, on the order sheet.
    </p>
  </UCard>
</template>

<style scoped>
.side {
  width: 100%;
  justify-content: space-between;
  text-align: start;
  border-bottom: 1px solid var(--line);
}
.begun {
  display: block;
}
.long {
  white-space: nowrap;
}
.sides {
  max-height: 60dvh;
  overflow: auto;
}
.more {
  display: grid;
  gap: 6px;
  padding: 4px 0 10px 14px;
}
.more ul {
  display: grid;
  gap: 4px;
}
</style>
