<script setup lang="ts">
import { newestFirst } from '#shared/fields'
import { useWindowVirtualizer } from '@tanstack/vue-virtual'
import { JOBS } from '#core/job'
import { needleSearchText } from '#core/needle'
import { setupPartsOf, judgePiece, pieceSetupOf } from '#shared/inputs'
import { type Piece, pieceName } from '#shared/records'
import { PLAN_PATHS } from '~/planner/planPaths'
import { JOB_LOOKS } from '~/utils/verdict'
import { KIND_WORDS } from './projectWords'

useHead({ title: 'Pieces · Lacy Spool' })
const book = useBookStore()
const inHand = useInHandStore()
const settings = useSettingsStore()
const handwheel = useHandwheelStore()
const { remove } = useShelf()

const ROW_PX = 84
const search = useUrlState<string>('search', { usual: '' })
const ORDERS = [
  { value: 'newest', label: 'Newest first' },
  { value: 'oldest', label: 'Oldest first' },
  { value: 'name', label: 'By name' },
] as const
type Order = (typeof ORDERS)[number]['value']
const order = useUrlState<Order>('order', { usual: 'newest', choices: ORDERS.map(({ value }) => value) })
const KINDS = [
  { value: 'all', label: 'all' },
  ...Object.keys(PLAN_PATHS).map(kind => ({
    value: kind,
    label: KIND_WORDS[kind as Piece['plan']['kind']],
  })),
]
const kind = useUrlState<string>('kind', { usual: 'all', choices: KINDS.map(({ value }) => value) })
const project = useUrlState<string>('project', { usual: '' })
const projects = computed(() => [
  { value: '', label: 'all' },
  ...newestFirst(book.shelf.projects.values(), ({ keptAt }) => keptAt).map(({ id, name }) => ({
    value: id,
    label: name,
  })),
])
/** Pieces of the project that is chosen; null: of every one, and of none. */
const inProject = computed(() => {
  const chosen = book.shelf.projects.get(project.value)
  if (!chosen) return null
  return new Set(chosen.items.flatMap(({ work }) => (work.kind === 'piece' ? [work.pieceId] : [])))
})
const all = computed(() => newestFirst(book.shelf.pieces.values(), ({ begunAt }) => begunAt ?? ''))
const newest = computed(() =>
  all.value.filter(
    ({ id, plan }) =>
      (kind.value === 'all' || plan.kind === kind.value) && (inProject.value?.has(id) ?? true),
  ),
)
const ordered = computed(() => {
  switch (order.value) {
    case 'oldest':
      return [...newest.value].reverse()
    case 'name':
      return [...newest.value].sort((a, b) => pieceName(a).localeCompare(pieceName(b)))
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
    : ordered.value.filter(piece => words.every(word => textOf(piece).includes(word)))
})
function textOf(piece: Piece): string {
  const { machine, needle, stitch, foot } = setupPartsOf(pieceSetupOf(piece, book.shelf.stitches), book.shelf)
  const parts = [machine?.name, needle && needleSearchText(needle), stitch?.name, foot?.name]
  return [pieceName(piece), piece.note, KIND_WORDS[piece.plan.kind], ...parts].join(' ').toLowerCase()
}

const list = useTemplateRef('list')
/**
 * Once the first rows stand: what narrows the list, the buttons of each row, more rows out of sight, and how
 * far down the page the list really begins. Each of them takes its time, and asking lays the page out.
 */
const isComplete = ref(false)
const marginPx = ref(190)
const overscan = computed(() => (isComplete.value ? 3 : 0))
// The frame after the one in which the first rows are drawn.
onMounted(() => requestAnimationFrame(() => requestAnimationFrame(() => setTimeout(completeList))))
async function completeList(): Promise<void> {
  isComplete.value = true
  await nextTick()
  marginPx.value = list.value?.offsetTop ?? marginPx.value
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
    const piece = found.value[item.index]
    return piece ? [{ piece, index: item.index, top: item.start - marginPx.value, ...facts(piece) }] : []
  }),
)
/** A name or a note may run over two lines: a row stands as tall as it is, once the first rows stand. */
const measure = (row: unknown) => virtual.value.measureElement(row as Element | null)
function facts(piece: Piece) {
  const setup = pieceSetupOf(piece, book.shelf.stitches)
  const parts = setupPartsOf(setup, book.shelf)
  const verdict = judgePiece(piece, 0, book.shelf, settings.record)
  const { widthMm, lengthMm } = setup.stitch
  const copies = piece.copies === 1 ? '' : `${piece.copies} copies`
  return {
    name: pieceName(piece),
    isInHand: piece.id === inHand.piece.id,
    look: verdict.swing && JOB_LOOKS[verdict.verdict],
    line: [
      piece.plan.kind === 'seam' ? JOBS[setup.job].name.toLowerCase() : KIND_WORDS[piece.plan.kind],
      copies,
      parts.machine?.name,
      parts.needle && needleSearchText(parts.needle),
      `${parts.stitch?.name ?? 'stitch gone'} `
        + `${widthMm > 0 ? `${bareMm(widthMm)} × ` : ''}${inMm(lengthMm)}`,
    ]
      .filter(Boolean)
      .join(' · ')
      // A unit alone on a line reads like a word that is missing.
      .replace(/ mm$/, '\u00a0mm'),
    day: piece.begunAt === null ? '' : shortDayOf(piece.begunAt),
  }
}

function open(piece: Piece): void {
  inHand.take(piece.id)
  handwheel.drop = 0
  void navigateTo(PLAN_PATHS[piece.plan.kind])
}
/** What a press in a row opens: another like it, or its link. */
const panel = shallowRef<{ readonly to: 'duplicate' | 'share'; readonly piece: Piece } | null>(null)
function openPanel(to: 'duplicate' | 'share', piece: Piece): void {
  panel.value = { to, piece }
}
function closePanel(): void {
  panel.value = null
}
</script>

<template>
  <div>
    <StationHead>
      <div
        v-if="all.length > 0"
        class="find"
      >
        <UInput
          v-model="search"
          icon="i-lucide-search"
          class="search"
          aria-label="Search pieces"
          placeholder="name, needle …"
        />
        <template v-if="isComplete">
          <SelectField
            v-model="kind"
            label="Kind"
            :items="KINDS"
          />
          <SelectField
            v-if="projects.length > 1"
            v-model="project"
            label="Project"
            :items="projects"
          />
          <SelectField
            v-model="order"
            label="Order"
            :items="ORDERS"
          />
        </template>
      </div>
    </StationHead>
    <p
      v-if="all.length > 0"
      class="hint count"
      role="status"
    >
      {{ found.length }} of {{ all.length }} {{ all.length === 1 ? 'piece' : 'pieces' }}
    </p>
    <UEmpty
      v-if="all.length === 0"
      icon="i-lucide-bookmark"
      title="No piece yet"
      description="Choose a job in the line-up. The piece is kept from its first change."
    />
    <ul
      ref="list"
      class="list"
      :style="{ height: `${virtual.getTotalSize()}px` }"
      aria-label="Pieces"
    >
      <li
        v-for="{ piece, name, isInHand, index, top, look, line, day } in rows"
        :key="piece.id"
        :ref="isComplete ? measure : undefined"
        :data-index="index"
        class="row"
        :style="{ transform: `translateY(${top}px)` }"
      >
        <div class="piece">
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
            :aria-current="isInHand ? 'true' : undefined"
            @click="open(piece)"
          >
            <b>{{ name }}<span v-if="isInHand"> · in hand</span></b>
            <span class="hint">{{ line }}</span>
            <span
              v-if="piece.note"
              class="hint note"
              >{{ piece.note }}</span
            >
          </UButton>
          <span class="hint day">{{ day }}</span>
          <div class="tools">
            <template v-if="isComplete">
              <UButton
                variant="ghost"
                color="neutral"
                icon="i-lucide-copy"
                :aria-label="`Duplicate ${name}`"
                @click="openPanel('duplicate', piece)"
              />
              <UButton
                variant="ghost"
                color="neutral"
                icon="i-lucide-share-2"
                :aria-label="`Share ${name}`"
                @click="openPanel('share', piece)"
              />
              <UButton
                variant="ghost"
                color="neutral"
                icon="i-lucide-trash-2"
                :aria-label="`Delete ${name}`"
                @click="
                  () => {
                    remove('pieces', piece.id, name)
                  }
                "
              />
            </template>
          </div>
        </div>
      </li>
    </ul>
    <DuplicatePiece
      v-if="panel?.to === 'duplicate'"
      :piece="panel.piece"
      @done="closePanel"
    />
    <UModal
      v-if="panel?.to === 'share'"
      :open="true"
      :title="`Share “${pieceName(panel.piece)}”`"
      description="As a link, or as a file."
      @update:open="closePanel"
    >
      <template #body>
        <SharePanel
          :shared="{ table: 'pieces', id: panel.piece.id }"
          :name="pieceName(panel.piece)"
        />
      </template>
    </UModal>
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
  width: 200px;
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
.piece {
  min-height: 76px;
  display: flex;
  align-items: center;
  gap: 12px;
  padding: 6px 8px 6px 12px;
  background: var(--white);
  border: 1.5px solid var(--line);
  border-radius: 12px;
}
/* As wide as its three buttons, before they stand. */
.tools {
  flex: none;
  display: flex;
  min-width: 132px;
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
.open {
  flex-direction: column;
  align-items: start;
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
  .piece {
    flex-wrap: wrap;
  }
  .piece > :deep(.open) {
    flex: 1;
    min-width: 0;
  }
  .tools {
    flex-basis: 100%;
    justify-content: end;
  }
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
