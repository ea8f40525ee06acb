<script setup lang="ts">
import type { TableColumn } from '@nuxt/ui'
import { formatNumber } from '#core/units'
import { type Coverage, TWIN_JOBS } from '#core/coverage'
import { needleLabel } from '#core/needle'
import { marginOfMm } from '#core/schools'
import { type CoverageApi, startCoverageWorker } from '#workers/client'
import { useAsked } from '~/asking/useAsked'
import { useAsker } from '~/asking/useAsker'
import { plainOf } from '~/utils/plain'
import { twinCandidates } from './twinCandidates'

useHead({ title: 'Which twins to own · Lacy Spool' })
const book = useBookStore()
const settings = useSettingsStore()
const ticked = computed(() => new Set(settings.record.twinJobs))
const jobs = computed(() => TWIN_JOBS.filter(({ id }) => ticked.value.has(id)))
const widths = computed(() =>
  [...new Set([...book.shelf.machines.values()].map(({ maxWidthMm }) => maxWidthMm))].sort((a, b) => a - b),
)

const input = computed(() =>
  plainOf({
    candidates: twinCandidates(book.shelf.needles.values()),
    jobs: jobs.value,
    widthsMm: widths.value,
    marginMm: marginOfMm(settings.schools),
  }),
)
const {
  answer: coverage,
  problem,
  fault,
  isWorking,
  again,
} = useAsked<CoverageApi, typeof input.value, Coverage>({
  asker: useAsker(startCoverageWorker),
  input: () => input.value,
  ask: (api, now) => api.cover(now.candidates, now.jobs, now.widthsMm, now.marginMm),
})
const toBuy = computed(() => coverage.value?.chosen.filter(({ needle }) => !needle.owned) ?? [])
const gapWords = ([least, most]: readonly [number, number]) =>
  least === most ? formatNumber(least, 1) : `${formatNumber(least, 1)} to ${formatNumber(most, 1)}`
const jobItems = computed(() =>
  TWIN_JOBS.map(({ id, name, gapMm, widthMm }) => ({
    value: id,
    label: name,
    description: `gap ${gapWords(gapMm)}${widthMm > 0 ? `, width ${inMm(widthMm)}` : ', straight'}`,
  })),
)
function tick(ids: readonly string[]): void {
  settings.change({ twinJobs: TWIN_JOBS.map(({ id }) => id).filter(id => ids.includes(id)) })
}
const COLUMNS: TableColumn<Coverage['chosen'][number]>[] = [
  { id: 'twin', header: 'Twin' },
  { id: 'does', header: 'Does (grey: another of these too)' },
]
const headline = computed(() => {
  if (!coverage.value) return 'The smallest set of twins'
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
      <UCard class="jobs">
        <UCheckboxGroup
          :model-value="[...ticked]"
          legend="Jobs I want a twin for"
          :items="jobItems"
          @update:model-value="tick"
        />
        <p class="hint">
          Gaps by job: common practice. Your machines:
          {{ widths.map(mm => inMm(mm)).join(', ') }}.
        </p>
      </UCard>
      <UCard
        as="section"
        aria-label="The smallest set of twins"
        aria-live="polite"
      >
        <h2>
          {{ headline }}
        </h2>
        <AskFault
          v-if="fault"
          what="The search for twins"
          :fault="fault"
          @again="again"
        />
        <WorkingOut v-else-if="isWorking && !coverage" />
        <p
          v-if="problem"
          role="alert"
          class="strikes-ink"
        >
          {{ problem.message }}.
        </p>
        <UTable
          v-if="coverage && coverage.chosen.length > 0"
          :data="[...coverage.chosen]"
          :columns="COLUMNS"
          :get-row-id="({ needle }) => needle.id"
          caption="The smallest set of twins"
        >
          <template
            #twin-cell="{
              row: {
                original: { needle },
              },
            }"
          >
            <b>{{ needleLabel(needle) }}</b> <span class="hint">{{ needle.type }}</span>{{ ' ' }}
            <UBadge
              variant="subtle"
              :color="needle.owned ? 'success' : 'warning'"
              :label="needle.owned ? 'owned' : 'to buy'"
            />
          </template>
          <template #does-cell="{ row: { original } }">
            <template
              v-for="(job, i) in original.jobs"
              :key="job"
              ><template v-if="original.adds.includes(job)">{{ job }}</template
              ><span
                v-else
                class="hint"
                >{{ job }}<span class="sr-only"> (another too)</span></span
              >{{ i < original.jobs.length - 1 ? ', ' : '' }}</template
            >
          </template>
        </UTable>
        <p
          v-if="coverage && coverage.unserved.length > 0"
          class="close-ink unserved"
        >
          <UIcon name="i-lucide-triangle-alert" /> No twin does these on your machines:
          {{ coverage.unserved.join(', ') }}.
        </p>
        <p class="hint">Fewest to buy, then fewest in all. Which gaps and types are sold: from memory.</p>
      </UCard>
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
}
</style>
