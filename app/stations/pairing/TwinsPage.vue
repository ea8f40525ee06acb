<script setup lang="ts">
import { formatNumber } from '#core/units'
import { type Coverage, TWIN_JOBS } from '#core/coverage'
import { needleLabel } from '#core/needle'
import { marginOfMm } from '#core/schools'
import { startCoverageWorker } from '#workers/client'
import { twinCandidates } from './twinCandidates'

useHead({ title: 'Which twins to own · Lacy Spool' })
const book = useBookStore()
const settings = useSettingsStore()
const { length } = useLength()
const ticked = computed(() => new Set(settings.record.twinJobs))
const jobs = computed(() => TWIN_JOBS.filter(({ id }) => ticked.value.has(id)))
const widths = computed(() =>
  [...new Set([...book.shelf.machines.values()].map(({ maxWidthMm }) => maxWidthMm))].sort((a, b) => a - b),
)

const coverage = shallowRef<Coverage | null>(null)
const problem = ref('')
const client = startCoverageWorker()
onScopeDispose(() => client.dispose())
let wish = 0
watchEffect(async () => {
  const mine = ++wish
  const plain = JSON.parse(
    JSON.stringify([twinCandidates(book.shelf.needles.values()), jobs.value, widths.value]),
  ) as Parameters<typeof client.api.cover> extends [infer A, infer B, infer C, unknown] ? [A, B, C] : never
  const reply = await client.api.cover(...plain, marginOfMm(settings.schools))
  // Only the newest wish is answered: ticking fast must not show an old set.
  if (mine !== wish) return
  coverage.value = reply.ok ? reply.coverage : null
  problem.value = reply.ok ? '' : reply.error.message
})
const toBuy = computed(() => coverage.value?.chosen.filter(({ needle }) => !needle.owned) ?? [])
function tick(id: string, on: boolean): void {
  settings.change({
    twinJobs: TWIN_JOBS.map(job => job.id).filter(job => (job === id ? on : ticked.value.has(job))),
  })
}
const headline = computed(() => {
  if (!coverage.value) return 'Searching …'
  const buy = toBuy.value.length === 0 ? ', and you own them' : `; ${toBuy.value.length} to buy`
  const count = coverage.value.chosen.length
  return count === 1 ? `One twin does it all${buy}` : `${count} twins do it all${buy}`
})
</script>

<template>
  <div>
    <StationHead />
    <MissingCard
      v-if="widths.length === 0"
      why="Its widest stitch decides which gaps fit."
    />
    <div
      v-else
      class="cols"
    >
      <fieldset class="card jobs">
        <legend class="sr-only">Jobs I want a twin for</legend>
        <h2>Jobs I want a twin for</h2>
        <label
          v-for="job in TWIN_JOBS"
          :key="job.id"
          class="job"
        >
          <input
            type="checkbox"
            :checked="ticked.has(job.id)"
            @change="tick(job.id, ($event.target as HTMLInputElement).checked)"
          />
          <span
            >{{ job.name }}
            <span class="hint"
              >gap
              {{
                job.gapMm[0] === job.gapMm[1]
                  ? formatNumber(job.gapMm[0], 1)
                  : `${formatNumber(job.gapMm[0], 1)} to ${formatNumber(job.gapMm[1], 1)}`
              }}{{ job.widthMm > 0 ? `, width ${length(job.widthMm)}` : ', straight' }}</span
            ></span
          >
        </label>
        <p class="hint">
          Gaps by job: common practice. Your machines:
          {{ widths.map(mm => length(mm)).join(', ') }}.
        </p>
      </fieldset>
      <section
        class="card"
        aria-label="The smallest set of twins"
        aria-live="polite"
      >
        <h2>
          {{ headline }}
        </h2>
        <p
          v-if="problem"
          role="alert"
          class="strikes-ink"
        >
          {{ problem }}
        </p>
        <table
          v-if="coverage && coverage.chosen.length > 0"
          class="table"
        >
          <thead>
            <tr>
              <th scope="col">Twin</th>
              <th scope="col">Does</th>
              <th scope="col">Only it does</th>
            </tr>
          </thead>
          <tbody>
            <tr
              v-for="{ needle, jobs: does, adds } in coverage.chosen"
              :key="needle.id"
            >
              <th scope="row">
                {{ needleLabel(needle) }} <span class="hint">{{ needle.type }}</span>{{ ' ' }}
                <em :class="needle.owned ? 'clear-ink' : 'close-ink'">{{
                  needle.owned ? 'owned' : 'to buy'
                }}</em>
              </th>
              <td>{{ does.join(', ') }}</td>
              <td class="hint">{{ adds.join(', ') || 'shares all with others' }}</td>
            </tr>
          </tbody>
        </table>
        <p
          v-if="coverage && coverage.unserved.length > 0"
          class="close-ink unserved"
        >
          <UIcon name="i-lucide-triangle-alert" /> No twin does these on your machines:
          {{ coverage.unserved.join(', ') }}.
        </p>
        <p class="hint">
          The smallest set there is, searched exactly: fewest to buy first, then fewest in all. What comes in
          which gap and type: from memory.
        </p>
      </section>
    </div>
  </div>
</template>

<style scoped>
.cols {
  display: grid;
  grid-template-columns: 360px minmax(0, 1fr);
  gap: 16px;
  align-items: start;
}
.card {
  display: grid;
  gap: 6px;
  min-width: 0;
}
.job {
  display: flex;
  gap: 10px;
  align-items: center;
  min-height: 44px;
  cursor: pointer;
  line-height: 1.25;
}
.job input {
  width: 22px;
  height: 22px;
  accent-color: var(--mulberry);
  flex: none;
}
.job .hint {
  display: block;
}
.table {
  width: 100%;
  border-collapse: collapse;
}
th,
td {
  text-align: left;
  padding: 8px 8px 8px 0;
  border-bottom: 1px solid var(--line);
  vertical-align: top;
}
thead th {
  color: var(--mute);
  font-size: 14px;
  font-weight: 600;
}
tbody th {
  white-space: nowrap;
  font-size: 17px;
}
tbody th .hint {
  font-weight: 450;
}
tbody th em {
  display: block;
  font-style: normal;
  font-size: 14px;
  font-weight: 600;
}
.unserved {
  display: flex;
  gap: 6px;
}
@media (max-width: 900px) {
  .cols {
    grid-template-columns: minmax(0, 1fr);
  }
  .cols > section {
    order: -1;
  }
  tbody th {
    white-space: normal;
  }
}
</style>
