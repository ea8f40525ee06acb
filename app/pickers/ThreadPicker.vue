<script setup lang="ts">
import { drawnDiameter, THREAD_KINDS } from '#core/thread'
import type { Thread } from '#shared/records'

const {
  title,
  selectedId,
  stays = false,
} = defineProps<{
  title: string
  selectedId: string | null
  /** Another spool is to be chosen after it. @defaultValue false */
  stays?: boolean
}>()
const emit = defineEmits<{ choose: [id: string | null] }>()
const book = useBookStore()
const { remove } = useShelf()
const threads = computed(() => [...book.shelf.threads.values()].sort((a, b) => a.name.localeCompare(b.name)))

const SOURCE_WORDS = { rule: 'from tex', measured: 'measured' } as const
function hint(thread: Thread): string {
  const { mm, source } = drawnDiameter(thread)
  const thick = source === 'guess' ? 'thickness not measured' : `${inMm(mm)} thick (${SOURCE_WORDS[source]})`
  return `${THREAD_KINDS[thread.kind].name} · ${thick}`
}
/** Its colours side by side, each as wide as the next. */
function paint({ colours }: Thread): string {
  const wide = 100 / colours.length
  const stripes = colours.map(({ hex }, i) => `${hex} ${i * wide}% ${(i + 1) * wide}%`)
  return `linear-gradient(90deg, ${stripes.join(', ')})`
}
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
    :stays="stays"
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
