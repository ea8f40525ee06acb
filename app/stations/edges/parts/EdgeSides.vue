<script setup lang="ts">
import { type EdgeSide, sideWords } from '#core/edge'
import { fitCount, type FitPlan } from '#core/fit'
import type { EdgeAnswer } from '#shared/inputs'
import type { EdgePiece } from '#shared/records'

/** Every side with its stitches, in the order it is sewn; each may be settled by hand. */
const settled = defineModel<EdgePiece['settled']>({ required: true })
const { answer, names, marks, isDialKnown, isMany } = defineProps<{
  answer: EdgeAnswer
  /** Of the cloth of each stretch. */
  names: readonly string[]
  /** Of the dial. */
  marks: readonly number[]
  isDialKnown: boolean
  /** More than one cloth. */
  isMany: boolean
}>()
const emit = defineEmits<{ noPoint: [at: { readonly x: number; readonly y: number }] }>()
const { length, bare } = useLength()
const tenth = (mm: number) => Math.round(10 * mm) / 10
const plan = computed(() => answer.ways[answer.way]!.plan)
interface Row {
  readonly number: number
  readonly stretch: number
  readonly side: number
  readonly name: string
  readonly of: EdgeSide
  readonly words: string
  /** What comes after it: a point, or the end. */
  readonly then: string
  readonly point: { readonly x: number; readonly y: number } | null
}
const rows = computed((): Row[] => {
  let number = 0
  return plan.value.stretches.flatMap((stretch, s) => {
    const words = sideWords(stretch, answer.lengths, bare)
    return stretch.sides.map((of, side): Row => {
      number += 1
      const next = stretch.closed
        ? stretch.points[(side + 1) % Math.max(1, stretch.points.length)]
        : stretch.points[side]
      const kind = next?.kind === 'inner' ? 'inside corner' : 'turn'
      return {
        number,
        stretch: s,
        side,
        name: names[s] ?? '',
        of,
        words: words[side]!,
        then: next ? kind : 'end',
        point: next?.at ?? null,
      }
    })
  })
})
const MOST_SHOWN = 40
const open = ref<number | null>(null)
const isSettled = ({ stretch, side }: Row) =>
  settled.value.some(one => one.stretch === stretch && one.side === side)
function settle({ stretch, side }: Row, own: FitPlan | null): void {
  const others = settled.value.filter(one => one.stretch !== stretch || one.side !== side)
  const parts = own?.parts.map(part => ({
    ...part,
    lengthMm: Math.round((1e6 * part.lengthMm) / answer.lengths) / 1e6,
  }))
  settled.value = parts ? [...others, { stretch, side, parts }] : others
}
/** One stitch more or fewer, as near as the dial comes; null: it does not reach. */
function recounted({ of: { lengthMm, stitches, evenMm } }: Row, by: number): FitPlan | null {
  const wide = marks.map(mm => mm * answer.lengths)
  return stitches + by < 1 ? null : fitCount(lengthMm, stitches + by, evenMm, wide)
}
const planWordsOf = (row: Row, own: FitPlan) =>
  sideWords(
    { ...plan.value.stretches[row.stretch]!, sides: [{ ...row.of, plan: own }] },
    answer.lengths,
    bare,
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
      <span class="hint">{{ isDialKnown ? 'on your dial' : 'dial guessed' }}</span>
    </header>
    <ol class="sides">
      <li
        v-for="row in rows.slice(0, MOST_SHOWN)"
        :key="row.number"
      >
        <UButton
          variant="ghost"
          color="neutral"
          class="side"
          :aria-expanded="open === row.number"
          @click="
            () => {
              open = open === row.number ? null : row.number
            }
          "
        >
          <span
            ><b>{{ row.number }}</b
            >{{ ' '
            }}<span class="hint"
              >{{ isMany ? `${row.name}, ` : ''
              }}<span class="long">{{ length(tenth(row.of.lengthMm)) }}</span></span
            ></span
          >
          <span class="text-right"
            ><b>{{ row.words }}</b
            >{{ `, ${row.then}`
            }}<span
              v-if="!row.of.plan"
              class="close-ink"
              >: nothing on the dial lands</span
            ></span
          >
        </UButton>
        <div
          v-if="open === row.number"
          class="more"
        >
          <p
            v-if="row.of.turnEvery !== null"
            class="hint"
          >
            Radius down to {{ length(tenth(row.of.leastRadiusMm!)) }}: {{ turnWords(row.of.turnEvery) }},
            needle down.
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
                @click="settle(row, own)"
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
              :disabled="!recounted(row, -1)"
              @click="settle(row, recounted(row, -1))"
            />
            <UButton
              size="sm"
              variant="outline"
              icon="i-lucide-plus"
              label="One more"
              :disabled="!recounted(row, 1)"
              @click="settle(row, recounted(row, 1))"
            />
            <UButton
              v-if="isSettled(row)"
              size="sm"
              variant="ghost"
              label="As planned"
              @click="settle(row, null)"
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
