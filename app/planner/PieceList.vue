<script setup lang="ts">
import { newestFirst } from '#shared/fields'
import type { Piece } from '#shared/records'
import { newId } from '~/utils/id'

/** Kept pieces of a station: search, open, duplicate, delete. */
const { paths, what } = defineProps<{
  /** Of the planner that opens a kind; kinds it does not name are not listed. */
  paths: Readonly<Partial<Record<Piece['plan']['kind'], string>>>
  /** What one of them is, for words. */
  what: string
}>()
const book = useBookStore()
const { remove } = useShelf()
const search = useUrlState<string>('search', { usual: '' })
const all = computed(() =>
  newestFirst(
    [...book.shelf.pieces.values()].filter(({ plan }) => paths[plan.kind]),
    ({ keptAt }) => keptAt,
  ),
)
const found = computed(() => {
  const words = search.value.toLowerCase().split(/\s+/).filter(Boolean)
  return all.value.filter(({ name, note }) => {
    const text = `${name} ${note}`.toLowerCase()
    return words.every(word => text.includes(word))
  })
})
const MOST_BEFORE_COPY = 73
function duplicate(piece: Piece): void {
  const id = newId('piece')
  const name = `${piece.name.slice(0, MOST_BEFORE_COPY)} (copy)`
  book.commit(`Duplicate ${piece.name}`, [
    { table: 'pieces', id, record: { ...piece, id, name, keptAt: new Date().toISOString() } },
  ])
}
</script>

<template>
  <div>
    <StationHead>
      <UInput
        v-model="search"
        icon="i-lucide-search"
        aria-label="Search kept pieces"
        placeholder="name, note"
      />
    </StationHead>
    <p
      class="hint"
      role="status"
    >
      {{ found.length }} of {{ all.length }} {{ all.length === 1 ? 'piece' : 'pieces' }}
    </p>
    <UEmpty
      v-if="all.length === 0"
      icon="i-lucide-bookmark"
      :title="`No ${what} kept yet`"
      description="Plan one and press “Keep this piece”."
    />
    <ul
      class="list"
      aria-label="Kept pieces"
    >
      <li
        v-for="piece in found"
        :key="piece.id"
        class="card row"
      >
        <UButton
          variant="ghost"
          color="neutral"
          class="open"
          :to="{ path: paths[piece.plan.kind], query: { piece: piece.id } }"
        >
          <b>{{ piece.name }}</b>
          <span class="hint"
            >{{ piece.copies }} {{ piece.copies === 1 ? 'copy' : 'copies'
            }}{{ piece.note ? ` · ${piece.note}` : '' }}</span
          >
        </UButton>
        <span class="hint">{{ shortDayOf(piece.keptAt) }}</span>
        <IconButton
          icon="i-lucide-copy"
          tip="Duplicate"
          :label="`Duplicate ${piece.name}`"
          @click="duplicate(piece)"
        />
        <IconButton
          icon="i-lucide-trash-2"
          tip="Delete"
          :label="`Delete ${piece.name}`"
          @click="
            () => {
              remove('pieces', piece.id, piece.name)
            }
          "
        />
      </li>
    </ul>
  </div>
</template>

<style scoped>
.list {
  display: grid;
  gap: 8px;
}
.row {
  display: flex;
  align-items: center;
  gap: 10px;
  padding: 6px 10px;
}
.open {
  flex: 1;
  display: grid;
  text-align: left;
  line-height: 1.25;
}
</style>
