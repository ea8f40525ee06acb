<script setup lang="ts">
import { newestFirst } from '#shared/fields'
import { useWindowVirtualizer } from '@tanstack/vue-virtual'
import { needleSearchText } from '#core/needle'
import { judgeJob } from '#core/verdict'
import { benchOf, jobInputOf } from '#shared/inputs'
import type { Plan } from '#shared/records'
import { newId } from '~/utils/id'
import { JOB_LOOKS } from '~/utils/verdict'

useHead({ title: 'Kept plans · Lacy Spool' })
const book = useBookStore()
const bench = useBenchStore()
const settings = useSettingsStore()
const handwheel = useHandwheelStore()
const { remove } = useShelf()
const { bare, length } = useLength()
const { sayStored } = useStoredWords()

const ROW_PX = 84
const search = useUrlState<string>('search', { usual: '' })
const ORDERS = [
  { value: 'newest', label: 'Newest first' },
  { value: 'oldest', label: 'Oldest first' },
  { value: 'name', label: 'By name' },
] as const
type Order = (typeof ORDERS)[number]['value']
const order = useUrlState<Order>('order', { usual: 'newest', choices: ORDERS.map(({ value }) => value) })
const newest = computed(() => newestFirst(book.shelf.plans.values(), ({ keptAt }) => keptAt))
const ordered = computed(() => {
  switch (order.value) {
    case 'oldest':
      return [...newest.value].reverse()
    case 'name':
      return [...newest.value].sort((a, b) => a.name.localeCompare(b.name))
    default:
      return newest.value
  }
})
/** Twin and double are the same needle: search finds both. */
const found = computed(() => {
  const words = search.value
    .toLowerCase()
    .replace(/\bdouble\b/g, 'twin')
    .split(/\s+/)
    .filter(Boolean)
  return words.length === 0
    ? ordered.value
    : ordered.value.filter(plan => words.every(word => textOf(plan).includes(word)))
})
function textOf(plan: Plan): string {
  const { machine, needle, stitch, foot } = benchOf(plan.setup, book.shelf)
  return [plan.name, plan.note, machine?.name, needle && needleSearchText(needle), stitch?.name, foot?.name]
    .join(' ')
    .toLowerCase()
}

const list = useTemplateRef('list')
/**
 * How far down the page the list begins, and how many rows stand ready out of sight: about so far and none,
 * until the first rows stand, because asking lays the page out and each row takes its time.
 */
const marginPx = ref(190)
const overscan = ref(0)
onMounted(() => requestAnimationFrame(() => setTimeout(completeList)))
function completeList(): void {
  marginPx.value = list.value?.offsetTop ?? marginPx.value
  overscan.value = 3
}
const virtual = useWindowVirtualizer(
  computed(() => ({
    count: found.value.length,
    estimateSize: () => ROW_PX,
    overscan: overscan.value,
    initialRect: { width: window.innerWidth, height: window.innerHeight },
    scrollMargin: marginPx.value,
  })),
)
const rows = computed(() =>
  virtual.value.getVirtualItems().flatMap(item => {
    const plan = found.value[item.index]
    return plan ? [{ plan, index: item.index, top: item.start - marginPx.value, ...facts(plan) }] : []
  }),
)
/** A name or a note may run over two lines: a row stands as tall as it is, once the first rows stand. */
const measure = (row: unknown) => virtual.value.measureElement(row as Element | null)
function facts(plan: Plan) {
  const parts = benchOf(plan.setup, book.shelf)
  const job = judgeJob(jobInputOf(plan.setup, book.shelf, settings.record, settings.unit))
  const { widthMm, lengthMm } = plan.setup.stitch
  return {
    look: job.swing && JOB_LOOKS[job.verdict],
    line: [
      parts.machine?.name,
      parts.needle && needleSearchText(parts.needle),
      `${parts.stitch?.name ?? 'stitch gone'} `
        + `${widthMm > 0 ? `width ${bare(widthMm)} ` : ''}length ${length(lengthMm)}`,
    ]
      .filter(Boolean)
      .join(' · '),
    day: shortDayOf(plan.keptAt),
  }
}

function reopen(plan: Plan): void {
  bench.update(`Open ${plan.name}`, plan.setup)
  handwheel.drop = 0
  void sayStored(`“${plan.name}” is on the bench`)
  void navigateTo('/')
}
function duplicate(plan: Plan): void {
  const id = newId('plan')
  const name = `${plan.name.slice(0, 73)} (copy)`
  book.commit(`Duplicate ${plan.name}`, [
    { table: 'plans', id, record: { ...plan, id, name, keptAt: new Date().toISOString() } },
  ])
}
</script>

<template>
  <div>
    <StationHead>
      <div class="find">
        <UInput
          v-model="search"
          icon="i-lucide-search"
          class="search"
          aria-label="Search kept plans"
          placeholder="name, machine, needle, stitch"
        />
        <SelectField
          v-model="order"
          label="Order"
          :items="ORDERS"
        />
      </div>
    </StationHead>
    <p
      class="hint count"
      role="status"
    >
      {{ found.length }} of {{ newest.length }} {{ newest.length === 1 ? 'plan' : 'plans' }}
    </p>
    <UEmpty
      v-if="newest.length === 0"
      icon="i-lucide-bookmark"
      title="Nothing kept yet"
      description="Press “Keep this plan” beside the width."
    />
    <ul
      ref="list"
      class="list"
      :style="{ height: `${virtual.getTotalSize()}px` }"
      aria-label="Kept plans"
    >
      <li
        v-for="{ plan, index, top, look, line, day } in rows"
        :key="plan.id"
        :ref="overscan > 0 ? measure : undefined"
        :data-index="index"
        class="row"
        :style="{ transform: `translateY(${top}px)` }"
      >
        <div class="plan">
          <span
            class="mark"
            :style="look ? { color: look.ink, background: look.bg, borderColor: look.edge } : {}"
            ><UIcon
              v-if="look"
              :name="look.icon"
            />
            {{ look?.word ?? 'incomplete' }}</span
          >
          <UButton
            variant="ghost"
            color="neutral"
            class="open"
            @click="reopen(plan)"
          >
            <b>{{ plan.name }}</b>
            <span class="hint">{{ line }}</span>
            <span
              v-if="plan.note"
              class="hint note"
              >{{ plan.note }}</span
            >
          </UButton>
          <span class="hint day">{{ day }}</span>
          <UButton
            variant="ghost"
            color="neutral"
            icon="i-lucide-copy"
            :aria-label="`Duplicate ${plan.name}`"
            @click="duplicate(plan)"
          />
          <UButton
            variant="ghost"
            color="neutral"
            icon="i-lucide-trash-2"
            :aria-label="`Delete ${plan.name}`"
            @click="
              () => {
                remove('plans', plan.id, plan.name)
              }
            "
          />
        </div>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.find {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 8px;
}
.search {
  max-width: 320px;
}
.count {
  margin-bottom: 6px;
}
.list {
  position: relative;
}
.row {
  position: absolute;
  left: 0;
  right: 0;
  top: 0;
  padding-bottom: 8px;
  contain: layout paint style;
}
.plan {
  min-height: 76px;
  display: flex;
  align-items: center;
  gap: 12px;
  padding: 6px 8px 6px 12px;
  background: var(--white);
  border: 1.5px solid var(--line);
  border-radius: 12px;
}
.mark {
  flex: none;
  width: 98px;
  display: flex;
  align-items: center;
  gap: 5px;
  padding: 4px 8px;
  border: 1.5px solid var(--line);
  border-radius: 8px;
  font-weight: 650;
  font-size: 14px;
}
.open {
  flex: 1;
  min-width: 0;
  min-height: 44px;
  text-align: left;
  cursor: pointer;
  line-height: 1.25;
}
.open b,
.open .hint {
  display: block;
}
.open:hover b {
  text-decoration: underline;
}
.note {
  font-style: italic;
}
.day {
  flex: none;
}
@media (max-width: 640px) {
  .day {
    display: none;
  }
  .mark {
    width: 42px;
    font-size: 0;
    gap: 0;
    justify-content: center;
  }
  .mark :deep(.iconify) {
    font-size: 20px;
  }
}
</style>
