<script setup lang="ts">
import type { Swatch } from '#shared/records'
import WorkProgress from '~/asking/WorkProgress.vue'
import { useShare } from '~/share/useShare'
import { groupedSwatches } from './swatchOrder'
import { SWATCH_VIEWS, type SwatchView } from './swatchViews'
import { swatchLabel } from './swatchLabel'
import { useLabels } from './useLabels'
import { useSideBySide } from './useSideBySide'
import { useSwatchSearch } from './useSwatchSearch'
import { newId } from '~/utils/id'
import { MOST_SWATCH_CSV, readSwatchCsv } from './swatchCsv'
import { LateCsvImport, LateSwatchCharts, LateSwatchLarge } from '~/asking/lateStationParts'

useHead({ title: 'Swatch book · Lacy Spool' })
const book = useBookStore()
const swatches = useSwatchStore()
const inHand = useInHandStore()
const { remove, offerUndo } = useShelf()
const searching = useSwatchSearch()
const { search, chosen, groupBy, found } = searching
const { ids: sideIds, side, choose, chooseNone } = useSideBySide()
/** The one that is opened large. */
const openedId = useUrlState<string>('swatch', { usual: '', isStep: true })
const opened = computed(() => book.shelf.swatches.get(openedId.value) ?? null)
const view = useUrlState<SwatchView>('view', {
  usual: 'cards',
  choices: SWATCH_VIEWS.map(({ value }) => value),
  isStep: true,
})

/** What is in sight first, then a screen or two at a time: a thick book opens as fast as a thin one. */
const IN_SIGHT = 6
const A_FEW = 12
const painted = useAfterPaint()
const shown = ref(A_FEW)
watch([search, chosen], () => {
  shown.value = A_FEW
})
const page = computed(() => found.value.slice(0, painted.value ? shown.value : IN_SIGHT))
const groups = computed(() => groupedSwatches(page.value, groupBy.value))

const seeThem = () => document.getElementById('side')?.scrollIntoView({ block: 'start' })
function clear(): void {
  void navigateTo({ query: { view: view.value === 'cards' ? undefined : view.value } })
}
/** One from another machine: on which is asked first. */
const asking = shallowRef<Swatch | null>(null)
function use(swatch: Swatch): void {
  const { machine } = inHand.parts
  openedId.value = ''
  if (machine && machine.id !== swatch.setup.machineId) {
    asking.value = swatch
    return
  }
  swatches.use(swatch)
  void offerUndo(`“${swatch.name}” is what the piece in hand is set to`)
}
const importing = ref(false)
const dropped = shallowRef<File | null>(null)
useIncoming(['swatches'], file => {
  dropped.value = file
  importing.value = true
})
watch(importing, now => {
  if (!now) dropped.value = null
})
const { linkOf } = useShare()
const labels = useLabels()
const saveLabels = () =>
  labels.save(side.value.length > 0 ? side.value : found.value, async swatch => ({
    ...swatchLabel(swatch),
    code: await linkOf({ table: 'swatches', id: swatch.id }),
  }))
const readCsvFile = (text: string) =>
  readSwatchCsv(text, book.shelf, () => newId('swatch'), new Date().toISOString())
/** Nothing to find, to print or to show otherwise before there is one. */
const hasAny = computed(() => swatches.newest.length > 0)
</script>

<template>
  <div>
    <StationHead>
      <SwatchTools
        v-model:view="view"
        :has-any="hasAny"
        :found="found"
        :chosen="side.length"
        :is-busy="labels.progress.value !== null"
        @labels="saveLabels"
        @import="importing = true"
      />
    </StationHead>
    <WorkProgress
      v-if="labels.progress.value"
      doing="Making"
      one="label"
      :progress="labels.progress.value"
      class="mb-2"
      @stop="labels.stop"
    />
    <AskFault
      v-if="labels.fault.value"
      what="The labels"
      :fault="labels.fault.value"
      class="mb-2"
      @again="saveLabels"
    />
    <SwatchFilters
      v-if="hasAny"
      :of="searching"
      :is-painted="painted"
    />
    <p
      v-if="hasAny"
      class="hint count"
      role="status"
    >
      {{ found.length }} of {{ swatches.newest.length }} swatches
    </p>
    <SwatchCompare
      v-if="side.length > 1"
      id="side"
      :swatches="side"
      class="mb-4"
      @drop="choose"
    />
    <UEmpty
      v-if="!hasAny"
      icon="i-lucide-book-open"
      title="No swatch yet"
      description="Sew a trial strip and keep its number, or write down a number you know."
      :actions="[{ label: 'Trial strip', to: '/trial', icon: 'i-lucide-rows-3' }]"
    />
    <UEmpty
      v-else-if="found.length === 0"
      icon="i-lucide-search-x"
      title="No swatch is like that"
      :actions="[{ label: `Show all ${swatches.newest.length}`, variant: 'outline', onClick: clear }]"
    />
    <template v-else-if="view === 'charts'"><LateSwatchCharts :swatches="found" /></template>
    <template v-else-if="view === 'cards'">
      <template
        v-for="group in groups"
        :key="group.title"
      >
        <h2
          v-if="group.title"
          class="serif group"
        >
          {{ group.title }}
        </h2>
        <div class="cards">
          <SwatchCard
            v-for="swatch in group.swatches"
            :key="swatch.id"
            :swatch="swatch"
            :chosen="sideIds.includes(swatch.id)"
            @choose="choose(swatch.id)"
            @open="openedId = swatch.id"
            @use="use(swatch)"
            @remove="remove('swatches', swatch.id, swatch.name)"
          />
        </div>
      </template>
    </template>
    <SwatchTable
      v-else
      :swatches="page"
      :chosen="sideIds"
      @choose="choose"
      @use="use"
    />
    <SideTray
      v-if="side.length > 0"
      :count="side.length"
      @see="seeThem"
      @none="chooseNone"
    />
    <LateSwatchLarge
      v-if="opened"
      :swatch="opened"
      @close="openedId = ''"
      @use="use(opened)"
    />
    <UseSwatch
      v-if="asking"
      :swatch="asking"
      @done="
        () => {
          asking = null
        }
      "
    />
    <LateCsvImport
      v-if="importing"
      v-model:open="importing"
      table="swatches"
      title="Swatches"
      :most="MOST_SWATCH_CSV"
      :reader="readCsvFile"
      :file="dropped"
    />
    <UButton
      v-if="view !== 'charts' && found.length > shown"
      variant="outline"
      class="mt-4"
      :label="`Show ${Math.min(A_FEW, found.length - shown)} more`"
      @click="
        () => {
          shown += A_FEW
        }
      "
    />
  </div>
</template>

<style scoped>
.group {
  margin: 14px 0 8px;
  font-size: 20px;
}
.count {
  margin: 8px 0;
}
.cards {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(330px, 1fr));
  gap: 14px;
}
@media (max-width: 640px) {
  .cards {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
