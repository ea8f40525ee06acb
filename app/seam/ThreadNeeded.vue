<script setup lang="ts">
import type { Seam } from '#core/seam'
import { USUAL_WASTE } from '#core/usage'
import { LIMITS } from '#shared/fields'
import type { ThreadNeed, ThreadNeeds } from '#shared/inputs'

/** Metres of each thread for a seam, held against what is left, and bobbins to wind. */
const { seam, needs, seamM } = defineProps<{
  /** null: not complete yet. */
  seam: Seam | null
  needs: ThreadNeeds | null
  seamM: number
}>()
/** Another length of seam, in m. */
const emit = defineEmits<{ seam: [seamM: number] }>()
const { far, farOf, farSign, length, metresOf } = useLength()
const seamFar = computed({
  get: () => Math.round(100 * farOf(seamM)) / 100,
  set: value => emit('seam', metresOf(value)),
})
const farLimit = computed(() => LIMITS.seamM.map(farOf) as [number, number])
const metres = far
const bobbinWords = computed(() => {
  const bobbin = needs?.bobbin
  if (!bobbin) return 'Bobbins to wind: not measured. Enter what a bobbin holds in the workbox.'
  return bobbin.count === 1
    ? `One bobbin to wind, about ${metres(bobbin.holdsM)}.`
    : `${bobbin.count} bobbins to wind, about ${metres(bobbin.holdsM)} each.`
})
const PLACE_WORDS = {
  needle: 'Needle',
  left: 'Left needle',
  middle: 'Middle needle',
  right: 'Right needle',
  bobbin: 'Bobbin',
} as const satisfies Record<ThreadNeed['place'], string>
function stockWords({ leftM, shortM }: ThreadNeed): string {
  if (leftM === null) return 'spool not measured'
  return shortM === null ? '' : `${metres(shortM)} too little`
}
const clothWords = computed(() => {
  const clothMm = seam?.clothThicknessMm ?? null
  return clothMm === null
    ? 'Each takes the stitch length. The cloth is not measured.'
    : `Each takes the stitch length and ${length(clothMm)} of cloth.`
})
</script>

<template>
  <UCard
    as="section"
    aria-label="Thread needed"
  >
    <header>
      <h2>Thread needed</h2>
      <NumberField
        v-model="seamFar"
        label="Seam to sew"
        :unit="farSign()"
        :limit="farLimit"
        class="seam"
      />
    </header>
    <p
      v-if="!needs"
      class="hint"
    >
      Choose a machine and a needle first.
    </p>
    <ul
      v-else
      class="threads"
    >
      <li
        v-for="row in needs.threads"
        :key="row.place"
      >
        <span
          ><b>{{ PLACE_WORDS[row.place] }}</b
          >{{ ' ' }}<span class="hint">{{ row.thread?.name ?? 'not chosen' }}</span></span
        >
        <b class="metres">{{ needs.atLeast ? 'at least ' : '' }}{{ metres(row.metres) }}</b>
        <span :class="row.shortM === null ? 'hint' : 'strikes-ink'">{{ stockWords(row) }}</span>
      </li>
    </ul>
    <p
      v-if="needs"
      class="hint note"
    >
      {{ bobbinWords }}
      <SourceChip
        of="rule"
        about="thread needed"
      >
        <p>{{ needs.stitches }} stitches. {{ clothWords }}</p>
        <p>{{ Math.round(100 * USUAL_WASTE) }} % is added for tails and trials, a guess.</p>
        <p v-if="needs.bobbin">What a bobbin holds is {{ needs.bobbin.source }}.</p>
      </SourceChip>
    </p>
  </UCard>
</template>

<style scoped>
.seam {
  width: 120px;
}
.threads li {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0 12px;
  padding: 5px 4px;
  border-bottom: 1px solid var(--line);
  font-size: 15px;
}
.metres {
  margin-left: auto;
  white-space: nowrap;
}
.note {
  margin-top: 6px;
}
</style>
