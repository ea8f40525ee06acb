<script setup lang="ts">
import { formatShort } from '#core/units'
import type { Swatch } from '#shared/records'
import { dayOf } from '~/utils/dates'
import { SWATCH_FILTERS } from '../swatchFilters'
import { SWATCH_LOOKS } from '../swatchLooks'

/** Swatches a line each. */
const { swatches, chosen } = defineProps<{ swatches: readonly Swatch[]; chosen: readonly string[] }>()
const emit = defineEmits<{ choose: [id: string]; use: [swatch: Swatch] }>()
/** In this order; needle and verdict have columns of their own. */
const SHOWN = (['goal', 'machine', 'thread', 'stitch', 'cloth'] as const).map(wanted => {
  const [, label, valueOf] = SWATCH_FILTERS.find(([id]) => id === wanted)!
  return { label, valueOf }
})
</script>

<template>
  <div class="card scroll">
    <table>
      <thead>
        <tr>
          <th><span class="sr-only">Compare</span></th>
          <th>Name</th>
          <th>Tension</th>
          <th
            v-for="{ label } in SHOWN"
            :key="label"
          >
            {{ label }}
          </th>
          <th>Verdict</th>
          <th>Kept</th>
          <th><span class="sr-only">Use</span></th>
        </tr>
      </thead>
      <tbody>
        <tr
          v-for="swatch in swatches"
          :key="swatch.id"
        >
          <td class="tick">
            <label
              ><input
                type="checkbox"
                :aria-label="`Compare ${swatch.name}`"
                :checked="chosen.includes(swatch.id)"
                @change="emit('choose', swatch.id)"
            /></label>
          </td>
          <th scope="row">{{ swatch.name }}</th>
          <td>
            <b>{{ swatch.setup.tension === null ? '–' : formatShort(swatch.setup.tension) }}</b>
          </td>
          <td
            v-for="{ label, valueOf } in SHOWN"
            :key="label"
          >
            {{ valueOf(swatch) }}
          </td>
          <td
            class="whole"
            :style="{ color: SWATCH_LOOKS[swatch.verdict].ink }"
          >
            <UIcon :name="SWATCH_LOOKS[swatch.verdict].icon" /> {{ SWATCH_LOOKS[swatch.verdict].word }}
          </td>
          <td class="whole">{{ dayOf(swatch.keptAt) }}</td>
          <td>
            <button
              type="button"
              class="use"
              :aria-label="`Use the settings of ${swatch.name}`"
              @click="emit('use', swatch)"
            >
              Use
            </button>
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.scroll {
  overflow-x: auto;
}
table {
  width: 100%;
  border-collapse: collapse;
}
th,
td {
  padding: 3px 10px 3px 0;
  text-align: left;
  border-top: 1px solid var(--line);
}
thead th {
  border-top: 0;
  font-size: 14px;
  color: var(--mute);
}
.whole {
  white-space: nowrap;
}
.tick label {
  display: grid;
  place-items: center;
  width: 34px;
  height: 44px;
  cursor: pointer;
}
input {
  width: 19px;
  height: 19px;
  accent-color: var(--mulberry);
}
.use {
  min-height: 44px;
  padding: 0 8px;
  font-weight: 650;
  color: var(--mulberry);
  text-decoration: underline;
  cursor: pointer;
}
</style>
