<script setup lang="ts">
import { changeTarget } from '#shared/inputs'
import type { ChangeTime, Project, ProjectItem } from '#shared/records'
import type { Change } from '~/stores/book'
import { newId } from '~/utils/id'
import { changeList, CHANGE_WORDS, dialWords, KIND_WORDS } from './projectWords'
import { minutesWords } from '~/utils/minutesWords'
import { PLAN_PATHS } from '~/planner/planPaths'
import { useProject } from './useProject'
import { useProjectWork } from './useProjectWork'

useHead({ title: 'Sew it · Lacy Spool' })
const book = useBookStore()
const inHand = useInHandStore()
const walk = useWalkStore()
const { bare } = useLength()
const { project, change } = useProject()
const { work, dials, minutes, steps, sewn, isWorking } = useProjectWork(() => project.value)

/** The one under way, else the first that is not done: a break, or the current going off, loses nothing. */
const index = computed(() => {
  const doing = work.value.findIndex(({ item }) => item.id === project.value?.doing?.itemId)
  return doing >= 0 ? doing : work.value.findIndex(({ item }) => item.doneAt === null)
})
const now = computed(() => work.value[index.value] ?? null)
const doing = computed(() => project.value?.doing ?? null)
const done = computed(() => work.value.filter(({ item }) => item.doneAt !== null).length)
const changes = computed(() => changeList(steps.value[index.value]?.changes ?? []))
/** Steps of the walk that the piece before left open: only what changes. */
const openSteps = computed(() => walk.walk.steps.filter(({ id }) => !walk.held.has(id)))
const moment = () => new Date().toISOString()

function begin(): void {
  const { item, setup } = now.value!
  if (item.work.kind === 'piece') inHand.take(item.work.pieceId)
  const step = setup ? 'change' : 'sew'
  change('Begin a piece', { doing: { itemId: item.id, step, since: moment() } })
}
const minutesSince = (since: string) => (Date.now() - Date.parse(since)) / 60_000
const LEAST_MINUTES = 0.1
const LONGEST_MINUTES = 240
/** A time is kept where one knows what it was for: changes of one kind, and no break in between. */
function changed(): void {
  const took = minutesSince(doing.value!.since)
  const all = steps.value[index.value]?.changes ?? []
  const [only, ...others] = changes.value
  const each = took / Math.max(1, all.length)
  const isTimed = others.length === 0 && took <= LONGEST_MINUTES && each >= LEAST_MINUTES
  const over: Partial<Project> = { doing: { ...doing.value!, step: 'sew', since: moment() } }
  change('Changes are done', over, null, only && isTimed ? [timed(only.change, each)] : [])
}
function timed(kind: ChangeTime['change'], each: number): Change {
  const id = newId('change')
  const record = { id, change: kind, minutes: Math.round(10 * each) / 10, at: moment() }
  return { table: 'changeTimes', id, record }
}
function finish(): void {
  const { item } = now.value!
  const took = minutesSince(doing.value!.since)
  const isTimed = took >= LEAST_MINUTES && took <= LONGEST_MINUTES
  const tookMinutes = isTimed ? Math.round(10 * took) / 10 : null
  const done = { doneAt: moment(), tookMinutes, sewnWith: dials.value[index.value]?.numbers ?? null }
  const ticked = (one: ProjectItem) => (one.id === item.id ? { ...one, ...done } : one)
  const items = project.value!.items.map(ticked)
  change(`Done: ${now.value!.name}`, { items, doing: null }, null, allSewn())
}
/** All copies of the piece are sewn with it. */
function allSewn(): Change[] {
  const piece = now.value!.piece
  if (!piece || piece.sewn >= piece.copies) return []
  return [{ table: 'pieces', id: piece.id, record: { ...piece, sewn: piece.copies } }]
}
function tickStep(id: string): void {
  const step = walk.walk.steps.find(one => one.id === id)
  if (step) walk.tick(step, new Date())
}
/** Rows of a band are each set otherwise: its plan has them. */
const isRowByRow = computed(() => {
  const plan = now.value?.piece?.plan
  return plan?.kind === 'band' && plan.rows.length > 1
})
const shownDials = computed(() => {
  const { setup } = now.value ?? {}
  if (!setup) return []
  const own = dials.value[index.value]
  if (!own) return [{ label: 'Tension', value: setup.tension === null ? 'not set' : String(setup.tension) }]
  const { width, length, tension, from } = dialWords(own, bare)
  return [
    { label: 'Width', value: width },
    { label: 'Length', value: length },
    { label: 'Tension', value: tension },
    ...(from ? [{ label: 'Width and length', value: from }] : []),
  ]
})
/** What was on the machine before the first piece, the walk knows. */
const changesHead = computed(() => {
  if (changes.value.length > 0) return 'To change'
  return sewn.value[0] === index.value ? 'To change: as the walk says' : 'Nothing to change'
})
const timeWords = computed(() => {
  const each = minutes.value[index.value]
  if (each != null) return `about ${minutesWords(each)}`
  return isWorking.value ? 'working out the time…' : 'time not known'
})
</script>

<template>
  <div>
    <StationHead />
    <UEmpty
      v-if="!project || work.length === 0"
      icon="i-lucide-list-ordered"
      title="Nothing to sew yet"
      description="Put pieces into a project first."
    />
    <UCard
      v-else-if="!now"
      as="section"
      aria-label="All done"
      class="grid gap-3"
    >
      <h2>{{ project.name }} is sewn</h2>
      <p role="status">All {{ work.length }} are done.</p>
      <p>Put the machine back as it was: its usual plate, foot, needle and tension.</p>
      <UButton
        to="/putback"
        icon="i-lucide-undo-2"
        label="Put back"
        class="justify-self-start"
      />
    </UCard>
    <div
      v-else
      class="sew"
    >
      <UCard
        as="section"
        aria-label="Now"
        class="grid gap-3"
      >
        <p class="hint">{{ project.name }}: {{ done }} of {{ work.length }} done</p>
        <UProgress
          :model-value="done"
          :max="work.length"
          aria-label="Pieces done"
        />
        <h2>{{ index + 1 }} {{ now.name }}</h2>
        <p class="hint">{{ KIND_WORDS[now.kind] }}, {{ timeWords }}</p>
        <dl
          v-if="shownDials.length > 0"
          class="dials"
        >
          <div
            v-for="{ label, value } in shownDials"
            :key="label"
          >
            <dt>{{ label }}</dt>
            <dd>{{ value }}</dd>
          </div>
        </dl>
        <p v-if="isRowByRow">Width, length and thread row by row: see its plan and counts.</p>
        <UButton
          v-if="!doing"
          size="lg"
          icon="i-lucide-play"
          :label="now.setup ? 'Take it in hand and begin' : 'Begin'"
          class="justify-self-start"
          @click="begin"
        />
        <template v-else-if="doing.step === 'change'">
          <h3>{{ changesHead }}</h3>
          <ul class="grid gap-1">
            <li
              v-for="one in changes"
              :key="one.change"
            >
              <b>{{ one.times > 1 ? `${one.times} threads` : CHANGE_WORDS[one.change] }}</b>:
              {{ changeTarget(one.change, now.setup!, book.shelf) }}
            </li>
          </ul>
          <p class="caution">
            <UIcon name="i-lucide-triangle-alert" /> Lock or switch off before your fingers go near the
            needle. The machine’s own manual first.
          </p>
          <UButton
            size="lg"
            icon="i-lucide-check"
            label="Changed: sew"
            class="justify-self-start"
            @click="changed"
          />
        </template>
        <UButton
          v-else
          size="lg"
          icon="i-lucide-check"
          label="Sewn: next"
          class="justify-self-start"
          @click="finish"
        />
        <div class="flex flex-wrap gap-2">
          <UButton
            v-if="now.piece"
            variant="outline"
            icon="i-lucide-ruler"
            label="Its plan and counts"
            :to="PLAN_PATHS[now.piece.plan.kind]"
          />
          <UButton
            v-if="now.setup && doing"
            variant="outline"
            icon="i-lucide-id-card"
            label="Bench card"
            to="/card"
          />
        </div>
      </UCard>
      <UCard
        v-if="now.setup && doing"
        as="section"
        aria-label="Walk, only what changes"
        class="grid gap-2"
      >
        <header>
          <h2>Walk</h2>
          <span class="hint">only what changes</span>
        </header>
        <p
          v-if="openSteps.length === 0"
          class="clear-ink"
          role="status"
        >
          Everything is threaded and set as this needs it.
        </p>
        <StepList
          v-else
          :steps="openSteps"
          :held="walk.held"
          :current="-1"
          :long="false"
          @toggle="tickStep"
        />
        <UButton
          variant="link"
          label="The whole walk, step by step"
          to="/walk"
          class="justify-self-start"
        />
      </UCard>
    </div>
  </div>
</template>

<style scoped>
.sew {
  display: grid;
  grid-template-columns: minmax(0, 1.1fr) minmax(0, 1fr);
  gap: 14px;
  align-items: start;
}
@media (max-width: 900px) {
  .sew {
    grid-template-columns: minmax(0, 1fr);
  }
}
.dials {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 26px;
}
.dials dt {
  color: var(--mute);
}
.dials dd {
  font-size: 2rem;
  font-weight: 700;
  line-height: 1.1;
}
.caution {
  border-inline-start: 4px solid var(--weld);
  padding: 6px 10px;
  background: var(--cloth);
}
</style>
