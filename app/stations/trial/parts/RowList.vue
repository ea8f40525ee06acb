<script setup lang="ts">
import { formatShort } from '#core/units'
import { readingWord, signed } from '~/utils/readingWords'

/** The rows sewn, in order; what no longer counts is struck through with its reason. */
const trial = useTrialStore()
const rows = computed(() => trial.strip?.rows ?? [])
const odd = computed(() => {
  const pair = trial.advice?.disagree
  return new Set(pair ? pair.map(i => trial.counted[i]?.number) : [])
})
</script>

<template>
  <table v-if="rows.length > 0">
    <thead>
      <tr>
        <th>Row</th>
        <th>At</th>
        <th>Show</th>
        <th>Ridge</th>
        <th><span class="sr-only">Take out</span></th>
      </tr>
    </thead>
    <tbody>
      <template
        v-for="(row, i) in rows"
        :key="i"
      >
        <tr :class="{ old: !row.comparable, odd: odd.has(i + 1) }">
          <td>
            {{ i + 1
            }}<UIcon
              v-if="odd.has(i + 1)"
              name="i-lucide-triangle-alert"
              class="close-ink"
            />
          </td>
          <td>
            <b>{{ formatShort(row.dial) }}</b><span
              v-if="row.changed"
              class="hint"
              >{{ row.changed }}</span
            >
          </td>
          <td>
            {{ row.show === null ? '–' : signed(row.show) }}
            <span class="hint">{{ row.show === null ? '' : readingWord('show', row.show) }}</span>
          </td>
          <td>
            {{ row.ridge === null ? '–' : signed(row.ridge) }}
            <span class="hint">{{ row.ridge === null ? '' : readingWord('ridge', row.ridge) }}</span>
          </td>
          <td>
            <button
              type="button"
              :aria-label="`Take row ${i + 1} out`"
              @click="trial.forget(i + 1)"
            >
              <UIcon name="i-lucide-x" />
            </button>
          </td>
        </tr>
        <tr class="pictures">
          <td colspan="5">
            <PhotoPair
              :photos="row.photos"
              :of="`row ${i + 1}`"
              @change="(side, id) => trial.setPhoto(i + 1, side, id)"
            />
          </td>
        </tr>
      </template>
    </tbody>
  </table>
  <p
    v-else
    class="hint"
  >
    No row sewn yet.
  </p>
  <p
    v-if="rows.some(row => !row.comparable)"
    class="hint"
  >
    Rows struck through were sewn with something else on the machine: they do not count.
  </p>
</template>

<style scoped>
table {
  width: 100%;
  border-collapse: collapse;
}
th {
  text-align: left;
  font-size: 14px;
  color: var(--mute);
  font-weight: 600;
}
td {
  padding: 1px 4px 1px 0;
  border-top: 1px solid var(--line);
  line-height: 1.2;
}
td .hint {
  display: block;
  font-size: 12.5px;
}
.pictures td {
  border-top: 0;
}
.old td {
  text-decoration: line-through;
  color: var(--mute);
}
button {
  min-width: 36px;
  min-height: 40px;
  display: grid;
  place-items: center;
  cursor: pointer;
  color: var(--mute);
}
</style>
