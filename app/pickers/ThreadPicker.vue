<script setup lang="ts">
import { drawnDiameter, THREAD_KINDS } from '#core/thread'
import type { Thread } from '#shared/records'

const { title, selectedId } = defineProps<{ title: string; selectedId: string | null }>()
const emit = defineEmits<{ choose: [id: string | null] }>()
const book = useBookStore()
const { remove } = useShelf()
const { length } = useLength()
const threads = computed(() => [...book.shelf.threads.values()].sort((a, b) => a.name.localeCompare(b.name)))

function hint(thread: Thread): string {
  const { mm, source } = drawnDiameter(thread)
  return (
    `${THREAD_KINDS[thread.kind].name} · `
    + `${source === 'guess' ? 'thickness not measured' : `${length(mm)} thick (${source === 'rule' ? 'from tex' : 'measured'})`}`
  )
}
const paint = ({ colours }: Thread) =>
  'linear-gradient(90deg, '
  + `${colours.map(({ hex }, i) => `${hex} ${(100 * i) / colours.length}% ` + `${(100 * (i + 1)) / colours.length}%`).join(', ')})`
</script>

<template>
  <RecordPicker
    :title="title"
    :items="threads"
    :selected-id="selectedId"
    :name="t => t.name"
    :hint="hint"
    none-label="Not chosen"
    add-label="Add a thread"
    @choose="emit('choose', $event)"
    @remove="remove('threads', $event.id, $event.name)"
  >
    <template #before>
      <slot />
    </template>
    <template #mark="{ item }">
      <span
        class="swatch"
        aria-hidden="true"
        :style="{ background: paint(item) }"
      />
    </template>
    <template #form="{ record, done }">
      <ThreadForm
        :record="record"
        @done="done"
      />
    </template>
  </RecordPicker>
</template>

<style scoped>
.swatch {
  flex: none;
  width: 30px;
  height: 22px;
  border-radius: 6px;
  border: 1px solid var(--line-strong);
}
</style>
