<script setup lang="ts">
import { MOST_PIECES } from '#core/order'
import { arranged, beforeAmong, sittingsOf, suggestedBefore } from '#core/project'
import { changeTarget, stabilizerMm2 } from '#shared/inputs'
import type { Project, ProjectItem } from '#shared/records'
import type { Print } from '~/paper/print'
import { orNull } from '~/planner/orNull'
import { newId } from '~/utils/id'
import { projectSheets } from './projectSheet'
import { changeList, CHANGE_WORDS, dialWords, KIND_WORDS } from './projectWords'
import { minutesWords } from '~/utils/minutesWords'
import { fileNameOf } from '~/utils/fileName'
import { localDay } from '~/utils/localDay'
import { useProject } from './useProject'
import { useProjectWork } from './useProjectWork'

useHead({ title: 'Project · Lacy Spool' })
const book = useBookStore()
const { remove } = useShelf()
const { all, asked, project, change, begin } = useProject()
const desk = useProjectWork(() => project.value)
const { work, dials, minutes, minutesEach, pieces, sewn, steps, inside, before, broken, totals, unknown } =
  desk
const projects = computed(() => all.value.map(({ id, name }) => ({ value: id, label: name })))
const chosen = computed({
  get: () => project.value?.id ?? '',
  set: id => {
    asked.value = id
  },
})

const idsOf = (pairs: readonly (readonly [number, number])[]): Project['before'] =>
  pairs.map(([a, b]) => [work.value[a]!.item.id, work.value[b]!.item.id])
function put(label: string, items: ProjectItem[]): void {
  change(label, { items })
}
function move(from: number, to: number): void {
  const items = [...project.value!.items]
  const [item] = items.splice(from, 1)
  items.splice(to, 0, item!)
  put('Change the order', items)
}
function add(what: ProjectItem['work']): void {
  const item: ProjectItem = { id: newId('item'), work: what, doneAt: null, sewnWith: null, tookMinutes: null }
  put('Add work', [...project.value!.items, item])
}
function removeItem(i: number): void {
  const { id } = work.value[i]!.item
  const { items, before: rules, doing } = project.value!
  change('Take work out', {
    items: items.filter(one => one.id !== id),
    before: rules.filter(pair => !pair.includes(id)),
    doing: doing?.itemId === id ? null : doing,
  })
}
function tick(i: number): void {
  const { id, doneAt } = work.value[i]!.item
  const now = doneAt === null ? new Date().toISOString() : null
  const sewnWith = doneAt === null ? (dials.value[i]?.numbers ?? null) : null
  put(
    doneAt === null ? 'Tick off' : 'Take a tick back',
    project.value!.items.map(one => (one.id === id ? { ...one, doneAt: now, sewnWith } : one)),
  )
}
/** Rules by kind in place of those there are. */
function suggest(): void {
  change('Usual order of work', { before: idsOf(suggestedBefore(work.value.map(({ kind }) => kind))) })
}
const ruleProblem = ref('')
function addRule(first: number, second: number): void {
  ruleProblem.value = ''
  try {
    beforeAmong(work.value.length, [...before.value, [first, second]], [])
  } catch {
    const names = [first, second].map(i => `“${work.value[i]!.name}”`)
    ruleProblem.value = `${names[1]} already comes before ${names[0]}: take that rule back first.`
    return
  }
  change('Add a rule', { before: [...project.value!.before, ...idsOf([[first, second]])] })
}
function removeRule(rule: number): void {
  change('Take a rule back', { before: idsOf(before.value.filter((_, i) => i !== rule)) })
}
/** Among those with a machine, what holds through the others too; null: rules from a file go in a circle. */
const sewnBefore = computed(() => orNull(() => beforeAmong(work.value.length, before.value, sewn.value)))
function takeOrder(order: readonly number[]): void {
  const settled = order.map(k => sewn.value[k]!)
  const places = arranged(work.value.length, before.value, settled)
  if (places.every((place, i) => place === i)) return
  put(
    'Best order',
    places.map(place => project.value!.items[place]!),
  )
}

/** Whatever the order is, rows of a piece are changed from one to the next. */
const changingInside = computed(() => inside.value.reduce((sum, minutesOf) => sum + minutesOf, 0))
const changing = computed(() =>
  steps.value.reduce((sum, step) => sum + (step?.minutes ?? 0), changingInside.value),
)
const byHand = computed(() =>
  work.value.reduce((sum, { item }) => sum + (item.work.kind === 'plain' ? item.work.minutes : 0), 0),
)
/** By its name, how much is laid under all of it. */
const stabilizers = computed(() => {
  const sums = new Map<string, number>()
  desk.runs.value.forEach((own, i) => {
    const found = book.shelf.stabilizers.get(work.value[i]!.setup?.stabilizerId ?? '')
    if (found && own) sums.set(found.name, (sums.get(found.name) ?? 0) + stabilizerMm2(own))
  })
  return [...sums].map(([name, mm2]) => ({ name, mm2 }))
})
const sittings = computed(() => {
  const left = work.value.map(({ item }, i) =>
    item.doneAt === null ? (minutes.value[i] ?? 0) + (steps.value[i]?.minutes ?? 0) + inside.value[i]! : 0,
  )
  return project.value && sittingsOf(left, project.value.weekdayMinutes, localDay(), project.value.dueOn)
})
const title = computed(() => project.value?.name ?? 'Project')
const fileName = computed(() => fileNameOf(title.value))
const prints = computed((): Print[] => [
  {
    label: 'Order, settings and counts',
    name: `${fileName.value}-order`,
    as: 'pdf',
    disabled: work.value.length === 0,
    sheets: paper => projectSheets(title.value, aboutWords.value, sheetItems.value, paper),
  },
])
const aboutWords = computed(() => {
  const due = project.value?.dueOn ? `, due ${dayOf(`${project.value.dueOn}T12:00`)}` : ''
  const what = `${work.value.length} pieces and jobs, ${minutesWords(changing.value)} of changing${due}`
  return `${what}. The machine’s own manual first.`
})
const { bare } = useLength()
const SET_UP_FIRST = ['machine', 'needle', 'thread', 'bobbin', 'foot', 'plate'] as const
const sheetItems = computed(() =>
  work.value.map(({ name, kind, setup }, i) => {
    // What the first one needs is no change: it is set up.
    const isFirst = setup !== null && work.value.findIndex(one => one.setup !== null) === i
    const needs = isFirst ? SET_UP_FIRST : (steps.value[i]?.changes ?? [])
    const changes = changeList(needs).map(({ change: what }) => {
      const target = changeTarget(what, setup!, book.shelf)
      return `${CHANGE_WORDS[what]}: ${target}`
    })
    const own = dials.value[i]
    const dialled = own ? [dialWords(own, bare).line] : []
    const time = minutes.value[i] == null ? '' : `, ${minutesWords(minutes.value[i])}`
    return { head: `${i + 1}  ${name} (${KIND_WORDS[kind]}${time})`, lines: [...changes, ...dialled] }
  }),
)
</script>

<template>
  <div>
    <StationHead>
      <SelectField
        v-if="projects.length > 1"
        v-model="chosen"
        label="Project"
        :items="projects"
      />
      <UButton
        variant="outline"
        icon="i-lucide-plus"
        label="New project"
        @click="begin"
      />
      <ShareButton
        v-if="project"
        :shared="{ table: 'projects', id: project.id }"
        :name="project.name"
      />
      <PrintPanel
        v-if="project"
        label="Print"
        heading="Print"
        align="end"
        :prints="prints"
      />
    </StationHead>
    <UEmpty
      v-if="!project"
      icon="i-lucide-list-ordered"
      title="No project yet"
      description="A project puts the pieces of one thing to make in the best order."
    >
      <template #body>
        <figure class="text-muted text-start border border-dashed rounded-xl p-4">
          <ol>
            <li>1 Cut out the collar, 20 minutes</li>
            <li>2 Collar, pintucks, 35 minutes</li>
            <li>2.5 minutes: Needle · Thread</li>
            <li>3 Pocket, topstitching, 12 minutes</li>
          </ol>
          <figcaption class="hint">Example: three pieces of work in their order</figcaption>
        </figure>
      </template>
    </UEmpty>
    <div
      v-else
      class="planner"
    >
      <div class="wants">
        <template v-if="desk.isPainted.value">
          <ProjectHead
            :key="project.id"
            :project="project"
            @change="(label, over, field) => change(label, over, `${project!.id}-${field}`)"
          />
          <AddWork
            :is-full="work.length >= MOST_PIECES"
            @add="add"
          />
          <UCard
            as="section"
            aria-label="Rules and minutes"
            class="grid gap-2"
          >
            <FoldAway title="What comes before what">
              <BeforeRules
                :work="work"
                :before="before"
                @suggest="suggest"
                @add="addRule"
                @remove="removeRule"
              />
              <p
                v-if="ruleProblem"
                class="strikes-ink"
                role="alert"
              >
                {{ ruleProblem }}
              </p>
            </FoldAway>
            <FoldAway title="Minutes a change takes">
              <ChangeTimes :known="desk.changeMinutes.value" />
            </FoldAway>
            <UButton
              variant="ghost"
              color="neutral"
              size="sm"
              icon="i-lucide-trash-2"
              label="Delete this project"
              class="justify-self-start"
              @click="
                () => {
                  remove('projects', project!.id, project!.name)
                }
              "
            />
          </UCard>
        </template>
      </div>
      <div class="looks">
        <UCard
          as="section"
          aria-label="Order of work"
          class="grid gap-2"
        >
          <header class="flex-wrap">
            <h2>{{ minutesWords(changing) }} of changing</h2>
            <UButton
              icon="i-lucide-play"
              label="Sew it"
              :to="{ path: '/project-sew', query: { project: project.id } }"
            />
          </header>
          <p
            v-if="!sewnBefore"
            class="strikes-ink"
            role="alert"
          >
            The rules go in a circle: take one back under “What comes before what”.
          </p>
          <BestOrder
            v-else
            :pieces="pieces"
            :before="sewnBefore"
            :minutes="minutesEach"
            :inside="changingInside"
            @found="takeOrder"
          />
          <p
            v-if="work.length === 0"
            class="hint"
          >
            Nothing to do yet: add kept pieces, kept plans, or work without a machine.
          </p>
          <ItemList
            :work="work"
            :minutes="minutes"
            :pending="desk.pending.value"
            :dials="dials"
            :steps="steps"
            :inside="inside"
            :before="before"
            :broken="broken"
            @move="move"
            @remove="removeItem"
            @tick="tick"
          />
        </UCard>
      </div>
      <div class="does">
        <AskFault
          v-if="desk.fault.value"
          what="What the project takes"
          :fault="desk.fault.value"
          @again="desk.again"
        />
        <WorkingOut
          v-else-if="desk.isWorking.value"
          :tall="420"
        />
        <ProjectTotals
          v-else
          :totals="totals"
          :changing="changing"
          :by-hand="byHand"
          :unknown="unknown"
          :stabilizers="stabilizers"
        />
        <SittingsCard
          v-if="sittings && !desk.isWorking.value"
          :plan="sittings"
          :title="title"
          :due-on="project.dueOn"
          :names="work.map(({ name }) => name)"
        />
      </div>
    </div>
  </div>
</template>
