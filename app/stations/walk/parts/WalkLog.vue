<script setup lang="ts">
import { dayOf } from '~/utils/dates'

/** Walks finished, with date and setup; one press begins a piece with a setup. */
const walk = useWalkStore()
const book = useBookStore()
const { beginSetUp } = useShelf()
const MOST = 12
const rows = computed(() =>
  walk.log.slice(0, MOST).map(one => ({
    id: one.id,
    summary: one.summary,
    machine: book.shelf.machines.get(one.machineId)?.name ?? 'machine gone',
    day: dayOf(one.finishedAt!),
    setup: one.setup,
  })),
)
</script>

<template>
  <section
    v-if="rows.length > 0"
    class="log"
    aria-label="Walks finished"
  >
    <h2>Walks finished</h2>
    <ul>
      <li
        v-for="row in rows"
        :key="row.id"
      >
        <span
          ><b>{{ row.summary }}</b> <span class="hint">{{ row.machine }}, {{ row.day }}</span></span
        >
        <UButton
          v-if="row.setup"
          size="sm"
          variant="outline"
          label="New piece like this"
          :aria-label="`${row.summary}: new piece like this`"
          @click="beginSetUp('Begin a piece like a walk', row.setup)"
        />
      </li>
    </ul>
  </section>
</template>

<style scoped>
.log {
  margin-top: 18px;
}
li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 14px;
  padding: 4px 0;
  border-top: 1px solid var(--line);
}
li > span {
  flex: 1 1 240px;
}
</style>
