<script setup lang="ts">
import type { Conflict } from '#core/conflicts'
import { mendOf } from '#shared/setup'
import { SEVERITY_LOOKS } from '~/utils/fit'

/** Every conflict of the setup, worst first, with why, and one press to mend it where one change is right. */
const book = useBookStore()
const bench = useBenchStore()
const rows = computed(() =>
  bench.conflicts.map(conflict => ({
    ...conflict,
    look: SEVERITY_LOOKS[conflict.severity],
    change: conflict.mend && mendOf(conflict.mend, bench.setup, book.shelf.feet, book.shelf.stabilizers),
  })),
)
function mend({ mend: step, change }: { mend: Conflict['mend']; change: ReturnType<typeof mendOf> }): void {
  if (step && change) bench.update(`Mend: ${step.label}`, change)
}
</script>

<template>
  <p
    v-if="rows.length === 0"
    class="hint"
  >
    Nothing speaks against this setup.
  </p>
  <ul
    v-else
    class="list"
    aria-label="Conflicts"
  >
    <li
      v-for="row in rows"
      :key="row.code"
      :style="{ borderColor: row.look.edge, background: row.look.bg }"
    >
      <p
        class="head"
        :style="{ color: row.look.ink }"
      >
        <UIcon
          :name="row.look.icon"
          class="sign"
        />
        <span
          ><b>{{ row.look.word }}:</b> {{ row.message }}</span
        >
      </p>
      <p class="why">{{ row.why }}</p>
      <UButton
        v-if="row.mend && row.change"
        size="sm"
        variant="outline"
        :label="row.mend.label"
        icon="i-lucide-wrench"
        class="mt-1"
        @click="mend(row)"
      />
    </li>
  </ul>
</template>

<style scoped>
.list {
  display: grid;
  gap: 8px;
}
.list li {
  padding: 8px 10px;
  border: 1.5px solid;
  border-radius: 10px;
}
.head {
  display: flex;
  gap: 7px;
  line-height: 1.3;
  font-size: 15px;
}
.sign {
  flex: none;
  margin-top: 2px;
  font-size: 17px;
}
.why {
  margin: 2px 0 0 24px;
  font-size: 14px;
  color: var(--ink);
}
</style>
