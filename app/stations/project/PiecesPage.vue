<script setup lang="ts">
import { useWindowVirtualizer } from '@tanstack/vue-virtual'
import { type Piece, pieceName } from '#shared/records'
import { PLAN_PATHS } from '~/planner/planPaths'
import { KINDS, ORDERS, useFoundPieces } from './useFoundPieces'

useHead({ title: 'Pieces · Lacy Spool' })
const inHand = useInHandStore()
const handwheel = useHandwheelStore()
const { remove } = useShelf()

const ROW_PX = 84
const { search, order, kind, project, projects, all, found } = useFoundPieces()

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
    return piece ? [{ piece, index: item.index, top: item.start - marginPx.value }] : []
  }),
)
/** A name or a note may run over two lines: a row stands as tall as it is, once the first rows stand. */
const measure = (row: unknown) => virtual.value.measureElement(row as Element | null)
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
        v-for="{ piece, index, top } in rows"
        :key="piece.id"
        :ref="isComplete ? measure : undefined"
        :data-index="index"
        class="row"
        :style="{ transform: `translateY(${top}px)` }"
      >
        <PieceRow
          :piece="piece"
          :has-tools="isComplete"
          @open="open(piece)"
          @duplicate="openPanel('duplicate', piece)"
          @share="openPanel('share', piece)"
          @remove="remove('pieces', piece.id, pieceName(piece))"
        />
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
</style>
