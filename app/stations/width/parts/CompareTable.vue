<script setup lang="ts">
import type { CompareRow } from '../compareRows'
import { VERDICT_LOOKS } from '~/utils/verdict'

const { rows, caption, first, currentId } = defineProps<{
  rows: readonly CompareRow[]
  caption: string
  first: string
  currentId: string | null
}>()
const emit = defineEmits<{ choose: [id: string] }>()
const { bare, limit } = useLength()
function safeWidth({ safeWidthMm }: CompareRow): string {
  if (safeWidthMm === null) return 'none'
  return safeWidthMm === 0 ? 'straight' : limit(safeWidthMm)
}
function columns(row: CompareRow): string {
  if (row.overlapAtSafeMm === null) return '–'
  if (row.overlapAtSafeMm < 0) return `lane ${bare(-row.overlapAtSafeMm)}`
  const share = row.interlacedAtSafe === null ? '' : `, ${Math.round(100 * row.interlacedAtSafe)} %`
  return `overlap ${bare(row.overlapAtSafeMm)}${share}`
}
</script>

<template>
  <table class="table">
    <caption class="serif">
      {{
        caption
      }}
    </caption>
    <thead>
      <tr>
        <th scope="col">{{ first }}</th>
        <th
          scope="col"
          class="num"
        >
          Safe width
        </th>
        <th scope="col">Rows there</th>
        <th scope="col">As set now</th>
      </tr>
    </thead>
    <tbody>
      <tr
        v-for="row in rows"
        :key="row.id"
        :class="{ current: row.id === currentId }"
      >
        <th scope="row">
          <button
            type="button"
            :aria-label="`Use ${row.name}, ${row.hint}`"
            :aria-current="row.id === currentId"
            @click="emit('choose', row.id)"
          >
            {{ row.name }} <span class="hint">{{ row.hint }}</span>
          </button>
        </th>
        <td class="num strong">
          {{ safeWidth(row) }}
          <span class="hint by">{{ row.binding }}</span>
        </td>
        <td>{{ columns(row) }}</td>
        <td :style="{ color: VERDICT_LOOKS[row.verdict].ink }">
          <UIcon
            :name="VERDICT_LOOKS[row.verdict].icon"
            class="sign"
          />
          {{ VERDICT_LOOKS[row.verdict].word }}
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.table {
  width: 100%;
  border-collapse: collapse;
}
caption {
  text-align: left;
  font-size: 18px;
  padding-bottom: 4px;
}
tbody th .hint {
  display: block;
  font-weight: 450;
}
.by {
  display: inline-block;
  width: 4.2em;
  text-align: left;
  font-weight: 450;
}
th,
td {
  padding: 0 6px;
  text-align: left;
  border-bottom: 1px solid var(--line);
  height: 46px;
  white-space: nowrap;
}
thead th {
  font-size: 14px;
  color: var(--mute);
  font-weight: 600;
  height: 30px;
}
.num {
  text-align: right;
}
.strong {
  font-weight: 700;
  font-size: 17px;
}
tbody th button {
  min-height: 44px;
  width: 100%;
  text-align: left;
  font-weight: 650;
  cursor: pointer;
}
tbody th button:hover {
  text-decoration: underline;
}
.current {
  background: color-mix(in srgb, var(--mulberry) 9%, transparent);
  box-shadow: inset 3px 0 0 var(--mulberry);
}
.sign {
  vertical-align: -2px;
}
</style>
