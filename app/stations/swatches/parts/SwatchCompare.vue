<script setup lang="ts">
import type { Swatch } from '#shared/records'
import { swatchFields } from '#shared/inputs'

/** Two to four swatches side by side; what differs is marked. */
const { swatches } = defineProps<{ swatches: readonly Swatch[] }>()
const emit = defineEmits<{ drop: [id: string] }>()
const onlyDifferent = ref(false)
const rows = computed(() => {
  const all = swatches.map(swatchFields)
  return all[0]!
    .map(({ id, label }, i) => ({
      id,
      label,
      values: all.map(fields => fields[i]!.value),
      differs: new Set(all.map(fields => fields[i]!.value)).size > 1,
    }))
    .filter(({ differs }) => differs || !onlyDifferent.value)
})
</script>

<template>
  <section
    class="card"
    aria-label="Side by side"
  >
    <header>
      <h2>Side by side</h2>
      <label
        ><input
          v-model="onlyDifferent"
          type="checkbox"
        />
        Only what differs</label
      >
    </header>
    <div class="scroll">
      <table>
        <thead>
          <tr>
            <th />
            <th
              v-for="swatch in swatches"
              :key="swatch.id"
            >
              {{ swatch.name }}
              <button
                type="button"
                :aria-label="`Take ${swatch.name} out of the comparison`"
                @click="emit('drop', swatch.id)"
              >
                <UIcon name="i-lucide-x" />
              </button>
            </th>
          </tr>
        </thead>
        <tbody>
          <tr>
            <th scope="row">As read</th>
            <td
              v-for="swatch in swatches"
              :key="swatch.id"
            >
              <SwatchPicture
                :swatch="swatch"
                class="picture"
              />
            </td>
          </tr>
          <tr
            v-for="row in rows"
            :key="row.id"
            :class="{ differs: row.differs }"
          >
            <th scope="row">
              {{ row.label
              }}<span
                v-if="row.differs"
                class="sr-only"
              >
                (differs)</span
              >
            </th>
            <td
              v-for="(value, i) in row.values"
              :key="i"
            >
              {{ value }}
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>

<style scoped>
header label {
  display: inline-flex;
  align-items: center;
  gap: 6px;
  min-height: 44px;
  cursor: pointer;
}
input {
  width: 19px;
  height: 19px;
  accent-color: var(--mulberry);
}
.scroll {
  overflow-x: auto;
}
table {
  width: 100%;
  border-collapse: collapse;
}
th,
td {
  padding: 5px 10px;
  text-align: left;
  border-top: 1px solid var(--line);
  vertical-align: top;
}
thead th {
  border-top: 0;
}
tbody th {
  color: var(--mute);
  font-weight: 600;
  white-space: nowrap;
}
.differs td {
  background: var(--close-bg);
  font-weight: 650;
}
.differs th::before {
  content: '≠ ';
  color: var(--weld-text);
  font-weight: 700;
}
.picture {
  width: 150px;
}
button {
  min-width: 32px;
  min-height: 32px;
  cursor: pointer;
  color: var(--mute);
  vertical-align: middle;
}
@media (max-width: 640px) {
  th,
  td {
    padding: 5px 6px;
    font-size: 15px;
    overflow-wrap: anywhere;
  }
  tbody th {
    width: 96px;
    white-space: normal;
  }
  td {
    min-width: 106px;
  }
  .picture {
    width: 104px;
  }
}
</style>
