<script setup lang="ts">
import { changeTarget, type ItemDials, type ProjectWork } from '#shared/inputs'
import type { OrderStep } from '#core/order'
import type { ItemKind } from '#core/project'
import { useDragOrder } from '~/planner/useDragOrder'
import { changeList, CHANGE_WORDS, dialWords, KIND_ICONS, KIND_WORDS } from '../projectWords'
import { minutesWords } from '~/utils/minutesWords'
import { PLAN_PATHS } from '~/planner/planPaths'

/** Everything to be done in its order, with what is changed on the machine before each. */
const { work, minutes, pending, dials, steps, inside, before, broken } = defineProps<{
  work: readonly ProjectWork[]
  /** null: not known. */
  minutes: readonly (number | null)[]
  /** Items whose time is still worked out, by id. */
  pending: ReadonlySet<string>
  /** What each is, or was, sewn with; null: nothing is dialled, or each row otherwise. */
  dials: readonly (ItemDials | null)[]
  steps: readonly (OrderStep | null)[]
  /** Minutes of changing within each. */
  inside: readonly number[]
  /** Pairs of places: the first is done before the second. */
  before: readonly (readonly [number, number])[]
  /** Places of the rules that the order breaks. */
  broken: readonly number[]
}>()
const emit = defineEmits<{
  move: [from: number, to: number]
  remove: [index: number]
  tick: [index: number]
}>()
const book = useBookStore()
const { bare } = useLength()
/** What can be done with each comes a moment after the list: forty of them are seen at once. */
const isShown = useAfterPaint()
const list = useTemplateRef<HTMLOListElement>('list')
useDragOrder(list, (from, to) => emit('move', from, to))
function press(i: number, event: KeyboardEvent): void {
  const by = { ArrowUp: -1, ArrowDown: 1 }[event.key]
  if (by === undefined || !event.altKey) return
  event.preventDefault()
  event.stopPropagation()
  const to = i + by
  if (to < 0 || to >= work.length) return
  move(i, to)
  void nextTick(() => list.value?.querySelectorAll<HTMLElement>('[data-name]')[to]?.focus())
}
/** Forty rows of the kit's buttons take too long to stand: these are plain. */
const NuxtLink = resolveComponent('NuxtLink')
function planPath(i: number) {
  const { piece } = work[i]!
  return piece && { path: PLAN_PATHS[piece.plan.kind], query: { piece: piece.id } }
}
const changesOf = (i: number) =>
  changeList(steps[i]?.changes ?? []).map(({ change, times }) => ({
    change,
    words: times > 1 ? `${times} threads` : CHANGE_WORDS[change],
    target: changeTarget(change, work[i]!.setup!, book.shelf),
  }))
/** What should come before it and does not; rules that are kept stand with the rules. */
const brokenFor = (i: number) =>
  before.flatMap(([first, second], rule) =>
    second === i && broken.includes(rule) ? [work[first]!.name] : [],
  )
function timeWords(i: number): string {
  const own = inside[i] ? `, ${minutesWords(inside[i])} of changing in it` : ''
  if (minutes[i] != null) return minutesWords(minutes[i]) + own
  return isShown.value && !pending.has(work[i]!.item.id) ? 'time not known' : '…'
}
/** “9.5 minutes: Needle · Bobbin” */
const changeWords = (i: number) =>
  `${minutesWords(steps[i]!.minutes)}: ${changesOf(i)
    .map(({ change, words }) => (change === 'tension' ? 'Tension' : words))
    .join(' · ')}`
/** What it is, how long it takes, and the numbers it is sewn with. */
function aboutWords(i: number, kind: ItemKind): string {
  const own = dials[i]
  const numbers = own ? ` · ${dialWords(own, bare).line}` : ''
  return `${KIND_WORDS[kind]}, ${timeWords(i)}${numbers}`
}
const { say } = useSaid()
function move(from: number, to: number): void {
  emit('move', from, to)
  void say(`${work[from]!.name} is now ${to + 1} of ${work.length}`)
}
</script>

<template>
  <ol
    ref="list"
    class="items"
    aria-label="Work in its order"
  >
    <li
      v-for="({ item, name, kind }, i) in work"
      :key="item.id"
      :class="['item', { done: item.doneAt !== null }]"
    >
      <details
        v-if="(steps[i]?.changes.length ?? 0) > 0"
        class="changes"
      >
        <summary><UIcon name="i-lucide-wrench" /> {{ changeWords(i) }}</summary>
        <p
          v-for="one in changesOf(i)"
          :key="one.change"
        >
          <b>{{ one.words }}</b>: {{ one.target }}
        </p>
      </details>
      <div class="line">
        <InTurn>
          <DragHandle />
          <UCheckbox
            v-if="isShown"
            :model-value="item.doneAt !== null"
            :aria-label="`${name} is done`"
            @update:model-value="emit('tick', i)"
          />
          <component
            :is="planPath(i) ? NuxtLink : 'button'"
            v-bind="planPath(i) ? { to: planPath(i), noPrefetch: true } : { type: 'button' }"
            class="name"
            data-name
            :aria-label="`${i + 1} ${name} ${aboutWords(i, kind)}`"
            @keydown="press(i, $event)"
          >
            <UIcon :name="KIND_ICONS[kind]" />
            <span
              ><b>{{ i + 1 }} {{ name }}</b
              ><br /><span class="hint">{{ aboutWords(i, kind) }}</span></span
            >
          </component>
          <span
            v-if="isShown"
            class="moves"
          >
            <IconButton
              icon="i-lucide-arrow-up"
              tip="Earlier"
              :label="`Do ${name} earlier`"
              :disabled="i === 0"
              @click="move(i, i - 1)"
            />
            <IconButton
              icon="i-lucide-arrow-down"
              tip="Later"
              :label="`Do ${name} later`"
              :disabled="i === work.length - 1"
              @click="move(i, i + 1)"
            />
            <IconButton
              icon="i-lucide-x"
              tip="Take out"
              :label="`Take ${name} out`"
              @click="emit('remove', i)"
            />
          </span>
        </InTurn>
      </div>
      <p
        v-for="earlier in brokenFor(i)"
        :key="earlier"
        class="after strikes-ink"
      >
        after “{{ earlier }}”: the order breaks this
      </p>
    </li>
  </ol>
</template>

<style scoped>
.items {
  display: grid;
  gap: 4px;
}
.item {
  border-bottom: 1px solid var(--line);
  padding-bottom: 2px;
}
.done .name {
  text-decoration: line-through;
}
.changes {
  padding: 4px 8px;
  border-inline-start: 4px solid var(--weld);
  background: var(--cloth);
}
summary {
  min-height: 44px;
  align-content: center;
  cursor: pointer;
}
.line {
  display: flex;
  align-items: center;
  gap: 2px;
}
.name {
  flex: 1;
  min-width: 0;
  min-height: 44px;
  display: flex;
  align-items: center;
  gap: 8px;
  padding: 4px 8px;
  border-radius: 8px;
  text-align: start;
}
.name > :first-child {
  flex: none;
  font-size: 20px;
}
.name:hover {
  background: var(--cloth);
}
.moves {
  display: flex;
  flex: none;
  gap: 2px;
}
.after {
  padding-inline-start: 40px;
}
/* On a phone the name has the whole width, and what moves it stands below. */
@media (max-width: 640px) {
  .line {
    flex-wrap: wrap;
  }
  .name {
    flex-basis: calc(100% - 84px);
  }
  .moves {
    flex-basis: 100%;
    justify-content: flex-end;
  }
}
</style>
