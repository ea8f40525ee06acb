<script setup lang="ts">
import { parseDecimal, formatNumber } from '#core/units'
import { bladeNames, type BladeName } from '#core/needle'
import { drawnDiameter } from '#core/thread'
import { bobbinCapacityM, threadUsage, USUAL_WASTE } from '#core/usage'

/** Metres of each thread for a seam, held against what is left, and bobbins to wind. */
const book = useBookStore()
const bench = useBenchStore()
const { length } = useLength()
const thread = (id: string | null) => book.shelf.threads.get(id ?? '') ?? null
const cloth = computed(() => book.shelf.cloths.get(bench.setup.clothId ?? '') ?? null)
const thicknessMm = computed(() =>
  cloth.value?.thicknessMm == null ? null : cloth.value.thicknessMm * bench.setup.layers,
)
const usage = computed(() => {
  const swing = bench.swingInput
  if (!swing) return null
  return threadUsage({
    stitch: swing.stitch,
    maxWidthMm: swing.machine.maxWidthMm,
    needle: swing.needle,
    seamM: bench.setup.seamM,
    thicknessMm: thicknessMm.value,
    waste: USUAL_WASTE,
  })
})
const idOf = (blade: BladeName) => bench.setup.threadIds[blade === 'only' ? 'left' : blade]
const rows = computed(() => {
  if (!usage.value || !bench.parts.needle) return []
  const { needleThreads, bobbinM } = usage.value
  const names = bladeNames(bench.parts.needle.construction)
  return [
    ...needleThreads.map(({ metres }, i) => ({
      name: names[i] === 'only' ? 'needle' : names[i]!,
      metres,
      thread: thread(idOf(names[i]!)),
    })),
    { name: 'bobbin', metres: bobbinM, thread: thread(bench.setup.bobbinId) },
  ].map((row, _, all) => {
    // One spool may feed several blades: what is left must do for all of them.
    const wanted = all
      .filter(other => row.thread !== null && other.thread?.id === row.thread.id)
      .reduce((sum, other) => sum + other.metres, 0)
    const left = row.thread?.metresLeft ?? null
    return { ...row, left, short: left !== null && wanted > left ? wanted - left : null }
  })
})
/**
 * What one bobbin holds of this thread: known or weighed, else from the winding space of a bobbin measured.
 */
const holds = computed(() => {
  const bobbins = [...book.shelf.bobbins.values()]
  const known = bobbins.find(
    ({ threadId, holdsM }) => threadId === bench.setup.bobbinId && holdsM !== null,
  )?.holdsM
  if (known) return { metres: known, source: 'known' }
  const measured = bobbins.find(
    ({ outerMm, coreMm, wideMm }) =>
      outerMm !== null && coreMm !== null && wideMm !== null && outerMm > coreMm,
  )
  return measured
    ? {
        metres: bobbinCapacityM(
          measured.outerMm!,
          measured.coreMm!,
          measured.wideMm!,
          drawnDiameter(thread(bench.setup.bobbinId)).mm,
        ),
        source: 'from its winding space, a guess',
      }
    : null
})
const bobbinsToWind = computed(() =>
  usage.value && holds.value ? Math.max(1, Math.ceil(usage.value.bobbinM / holds.value.metres)) : 0,
)
const seamText = ref(String(bench.setup.seamM))
const problem = computed(() => {
  const metres = parseDecimal(seamText.value)
  return seamText.value.trim() !== '' && metres >= 0.01 && metres <= 10_000
    ? null
    : 'Seam goes from 0.01 to 10000 m.'
})
function setSeam(): void {
  if (!problem.value) bench.update('Set the seam', { seamM: parseDecimal(seamText.value) }, 'seam')
}
watch(
  () => bench.setup.seamM,
  metres => {
    if (parseDecimal(seamText.value) !== metres) seamText.value = String(metres)
  },
)
const metres = (value: number) => `${value < 10 ? formatNumber(value, 1) : Math.ceil(value)} m`
const bobbinWords = computed(() => {
  if (!holds.value) return 'Bobbins to wind: not measured; note what one holds in the workbox. '
  const count = bobbinsToWind.value === 1 ? 'One bobbin' : `${bobbinsToWind.value} bobbins`
  return `${count} to wind, about ${metres(holds.value.metres)} each (${holds.value.source}). `
})
</script>

<template>
  <section
    class="card"
    aria-label="Thread needed"
  >
    <header>
      <h2>Thread needed</h2>
      <label class="seam"
        >for a seam of
        <input
          v-model="seamText"
          inputmode="decimal"
          aria-label="Length of the seam in metres"
          autocomplete="off"
          @input="setSeam"
        />
        m</label
      >
    </header>
    <p
      v-if="problem"
      role="alert"
      class="strikes-ink hint"
    >
      {{ problem }}
    </p>
    <p
      v-if="!usage"
      class="hint"
    >
      Choose a machine and a needle first.
    </p>
    <table
      v-else
      class="table"
    >
      <tbody>
        <tr
          v-for="row in rows"
          :key="row.name"
        >
          <th scope="row">
            {{ row.name }} <span class="hint">{{ row.thread?.name ?? 'not chosen' }}</span>
          </th>
          <td>
            <b>{{ usage.atLeast ? 'at least ' : '' }}{{ metres(row.metres) }}</b>
          </td>
          <td :class="row.short === null ? 'hint' : 'strikes-ink'">
            {{
              row.left === null
                ? 'left: not measured'
                : row.short === null
                  ? `${metres(row.left)} left`
                  : `${metres(row.short)} short`
            }}
          </td>
        </tr>
      </tbody>
    </table>
    <p
      v-if="usage"
      class="hint note"
    >
      {{ bobbinWords }}
      Rule: stitch length and
      {{ thicknessMm === null ? 'cloth not measured' : `${length(thicknessMm)} of cloth` }} a stitch,
      {{ Math.round(100 * USUAL_WASTE) }} % for tails and trials; {{ usage.stitches }} stitches.
    </p>
  </section>
</template>

<style scoped>
.seam {
  display: flex;
  align-items: center;
  gap: 5px;
  font-size: 14px;
  color: var(--mute);
}
.seam input {
  width: 64px;
  min-height: 44px;
  padding: 4px 8px;
  font: inherit;
  font-size: 16px;
  color: var(--ink);
  background: var(--white);
  border: 1.5px solid var(--line-strong);
  border-radius: 8px;
  text-align: right;
}
.table {
  width: 100%;
  border-collapse: collapse;
  font-size: 15px;
}
th {
  text-align: left;
  font-weight: 600;
}
th .hint {
  font-weight: 450;
}
th,
td {
  padding: 5px 4px;
  border-bottom: 1px solid var(--line);
}
td {
  text-align: right;
  white-space: nowrap;
}
.note {
  margin-top: 6px;
}
</style>
