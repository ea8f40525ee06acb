<script setup lang="ts">
import { planWords } from '#core/fit'
import type { LinesAnswer } from '#shared/inputs'

/** The way through the lines in words, and what the other way round would cost. */
const { answer, twice } = defineProps<{ answer: LinesAnswer; twice: boolean }>()
const { bare, cut, sign } = useLength()
const starts = (count: number) => (count === 1 ? 'One start' : `${count} starts`)
const runs = computed(() => {
  let number = 0
  const { sewn, scale } = answer
  return sewn.steps.map((steps, run) => ({
    run: run + 1,
    steps: steps.map(({ line, again, pivots }) => {
      number += 1
      const { plan, even, turnEvery } = sewn.lines[line]!
      const words = planWords(
        plan ?? { parts: [{ count: even.stitches, lengthMm: even.lengthMm }] },
        bare,
        scale,
      )
      const notes = [
        ...(plan ? [] : ['off the dial']),
        ...(again ? ['a second time, into the same holes'] : []),
        ...(turnEvery === null ? [] : [`turn a little every ${turnEvery}`]),
        ...(pivots ? ['needle down, turn'] : []),
      ]
      return { number, words, notes: notes.join(', ') }
    }),
  }))
})
const otherWords = computed(() => {
  const { other } = answer
  const begun = starts(other.starts).toLowerCase()
  if (twice) return `Every line once instead: ${begun}, ${other.tails} tails.`
  return `With some lines twice instead: ${begun}, ${cut(other.twiceMm)} ${sign()} sewn twice.`
})
const MOST = 120
</script>

<template>
  <UCard
    as="section"
    aria-label="The way"
    class="grid gap-2"
  >
    <h2>The way</h2>
    <p class="answer words">{{ starts(answer.sewn.starts) }}, {{ answer.sewn.tails }} tails</p>
    <p>
      {{ cut(answer.sewn.sewnMm) }} {{ sign() }} sewn<template v-if="answer.sewn.twiceMm > 0"
        >, {{ cut(answer.sewn.twiceMm) }} {{ sign() }} of that twice</template
      >. {{ answer.sewn.pivots }} turns with the needle down.
    </p>
    <p class="hint">
      {{ otherWords }}
      {{
        answer.sewn.proven
          ? 'Nothing shorter exists.'
          : 'A good way, not proven the best. Odd numbers of lines meet at more than 14 places.'
      }}
    </p>
    <FoldAway
      v-for="{ run, steps } in runs"
      :key="run"
      :title="
        runs.length > 1 ? `Start ${run}: ${steps.length} steps in words` : `${steps.length} steps in words`
      "
    >
      <ol
        class="steps"
        tabindex="0"
        :aria-label="`Steps of start ${run}`"
      >
        <li
          v-for="step in steps.slice(0, MOST)"
          :key="step.number"
        >
          <b>{{ step.number }}</b><span
            ><b>{{ step.words }}</b
            ><span
              v-if="step.notes"
              class="hint"
              >, {{ step.notes }}</span
            ></span
          >
        </li>
      </ol>
    </FoldAway>
    <p class="close-ink">
      <UIcon name="i-lucide-triangle-alert" /> Turn with the needle down and the foot up. Use the handwheel to
      reach the same holes.
    </p>
  </UCard>
</template>

<style scoped>
.words {
  font-size: 27px;
}
.steps {
  display: grid;
  gap: 2px;
  max-height: 46dvh;
  overflow: auto;
}
.steps li {
  display: grid;
  grid-template-columns: 30px 1fr;
  border-bottom: 1px solid var(--line);
  padding: 3px 2px;
}
</style>
