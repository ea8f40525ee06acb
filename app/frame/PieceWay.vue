<script setup lang="ts">
import { wayOf } from '#shared/inputs'
import { PLAN_PATHS } from '~/planner/planPaths'

/** How far the piece in hand is, from what is known: each mark leads on, and the next one is lit. */
const book = useBookStore()
const inHand = useInHandStore()
const plans = usePlannedStore()
const walk = useWalkStore()
const marks = computed(() => {
  const { piece } = inHand
  const way = wayOf(piece, inHand.row, book.shelf, inHand.verdict.verdict, plans.isAnswered)
  const steps = walk.walk.steps.length
  const many = piece.copies > 1 || piece.sewn > 0 ? ` ${piece.sewn} of ${piece.copies}` : ''
  return [
    { words: 'Planned', isDone: way.isPlanned, to: PLAN_PATHS[piece.plan.kind] },
    { words: 'Paired', isDone: way.isPaired, to: '/pairing' },
    { words: 'Tested', isDone: way.isTested, to: '/trial' },
    {
      words: walk.finished || steps === 0 ? 'Set up' : `Set up ${walk.done} of ${steps}`,
      isDone: walk.finished,
      to: '/walk',
    },
    { words: `Sewn${many}`, isDone: way.isSewn, to: '/card' },
  ]
})
const next = computed(() => marks.value.findIndex(({ isDone }) => !isDone))
</script>

<template>
  <nav
    class="way"
    aria-label="How far this piece is"
  >
    <NuxtLink
      v-for="({ words, isDone, to }, i) in marks"
      :key="to"
      :to="to"
      no-prefetch
      :class="{ done: isDone, next: i === next }"
      :aria-label="`${words}: ${isDone ? 'done' : i === next ? 'next' : 'not yet'}`"
    >
      <span
        class="mark"
        aria-hidden="true"
        ><UIcon
          v-if="isDone"
          name="i-lucide-check"
      /></span>
      {{ words }}
    </NuxtLink>
  </nav>
</template>

<style scoped>
.way {
  display: flex;
  flex: 1 0 auto;
  justify-content: flex-end;
}
a {
  display: flex;
  align-items: center;
  gap: 5px;
  min-height: 44px;
  padding: 0 7px 0 3px;
  font-size: 14px;
  line-height: 1.1;
  white-space: nowrap;
  color: var(--mute);
  text-decoration: none;
}
a:hover {
  text-decoration: underline;
}
.mark {
  flex: none;
  width: 18px;
  height: 18px;
  border: 2px solid var(--line-strong);
  border-radius: 50%;
  display: grid;
  place-items: center;
  color: var(--white);
  font-size: 12px;
}
.done {
  color: var(--ink);
}
.done .mark {
  background: var(--lichen);
  border-color: var(--lichen);
}
.next {
  color: var(--mulberry);
  font-weight: 650;
}
.next .mark {
  border-color: var(--mulberry);
}
@media (max-width: 1150px) {
  a {
    padding-right: 4px;
    font-size: 13px;
  }
}
@media (max-width: 640px) {
  .way {
    order: 3;
    flex: 1 0 100%;
    justify-content: space-between;
  }
  /* The words of the next step; the others are marks. */
  a:not(.next) {
    font-size: 0;
    gap: 0;
  }
}
</style>
