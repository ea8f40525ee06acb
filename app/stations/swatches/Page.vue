<script setup lang="ts">
import type { Ref } from 'vue'
import type { CardFieldId } from '#core/card'
import { emptyTables, type Swatch } from '#shared/records'
import { writeBackup } from '#shared/backup'
import { swatchFields } from '#shared/inputs'
import WorkProgress from '~/asking/WorkProgress.vue'
import { useShare } from '~/share/useShare'
import { dayOf } from '~/utils/dates'
import { download } from '~/utils/download'
import { findSwatches, SWATCH_FILTERS, type SwatchFilter, valuesOf } from './swatchFilters'
import { groupedSwatches, orderedSwatches, SWATCH_ORDERS, type SwatchOrder } from './swatchOrder'
import { useLabels } from './useLabels'
import { newId } from '~/utils/id'
import { MOST_SWATCH_CSV, readSwatchCsv, writeSwatchCsv } from './swatchCsv'
import { LateCsvImport, LateSwatchCharts, LateSwatchLarge } from '~/asking/lateStationParts'

useHead({ title: 'Swatch book · Lacy Spool' })
const book = useBookStore()
const swatches = useSwatchStore()
const inHand = useInHandStore()
const { remove, offerUndo } = useShelf()
const toast = useToast()
const search = useUrlState<string>('search', { usual: '' })
const filters = Object.fromEntries(
  SWATCH_FILTERS.map(([id]) => [id, useUrlState<string>(id, { usual: '', isStep: true })]),
) as unknown as Record<SwatchFilter, Ref<string>>
const chosen = computed(
  () =>
    Object.fromEntries(SWATCH_FILTERS.map(([id]) => [id, filters[id].value])) as Record<SwatchFilter, string>,
)
const order = useUrlState<SwatchOrder>('order', {
  usual: 'newest',
  choices: SWATCH_ORDERS.map(({ value }) => value),
})
const groupBy = useUrlState<SwatchFilter | ''>('group', {
  usual: '',
  choices: ['', ...SWATCH_FILTERS.map(([id]) => id)],
})
const groupings: readonly { readonly value: SwatchFilter | ''; readonly label: string }[] = [
  { value: '', label: 'not grouped' },
  ...SWATCH_FILTERS.map(([value, label]) => ({ value, label: `by ${label.toLowerCase()}` })),
]
const found = computed(() =>
  orderedSwatches(findSwatches(swatches.newest, search.value, chosen.value), order.value),
)
/** The one that is opened large. */
const openedId = useUrlState<string>('swatch', { usual: '', isStep: true })
const opened = computed(() => book.shelf.swatches.get(openedId.value) ?? null)
const VIEWS = [
  { value: 'cards', label: 'Cards' },
  { value: 'table', label: 'Table' },
  { value: 'charts', label: 'Charts' },
] as const
type View = (typeof VIEWS)[number]['value']
const view = useUrlState<View>('view', {
  usual: 'cards',
  choices: VIEWS.map(({ value }) => value),
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
const choices = computed(() => {
  const values = painted.value ? valuesOf(swatches.newest) : null
  return SWATCH_FILTERS.map(([id, label]) => ({
    id,
    label,
    items: [
      { value: '', label: 'all' },
      ...[...(values?.[id] ?? [])].sort().map(value => ({ value, label: value })),
    ],
  }))
})

/** On a phone the filters fold away. */
const folded = ref(false)
const set = computed(() => Object.values(chosen.value).filter(value => value !== '').length)

const MOST_COMPARED = 4
const compared = ref<string[]>([])
const side = computed(() =>
  compared.value.flatMap(id => swatches.newest.find(swatch => swatch.id === id) ?? []),
)
function choose(id: string): void {
  if (compared.value.includes(id)) compared.value = compared.value.filter(other => other !== id)
  else if (compared.value.length < MOST_COMPARED) compared.value = [...compared.value, id]
  else toast.add({ title: 'Four side by side are enough', description: 'Take one out first.' })
}
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
const writing = ref(false)
const importing = ref(false)
const dropped = shallowRef<File | null>(null)
useIncoming(['swatches'], file => {
  dropped.value = file
  importing.value = true
})
watch(importing, now => {
  if (!now) dropped.value = null
})
const asCsv = () => download('swatches.csv', 'text/csv', writeSwatchCsv(found.value))
/** The swatches found as a file that Files takes in like any other. */
function asJson(): void {
  const nothing = emptyTables()
  download(
    'swatches.json',
    'application/json',
    JSON.stringify(
      writeBackup(
        { ...nothing, swatches: new Map(found.value.map(swatch => [swatch.id, swatch])) },
        new Date().toISOString(),
      ),
      null,
      2,
    ),
  )
}
/** The few fields of a swatch that a label has room for. */
const LABEL_FIELDS: readonly CardFieldId[] = [
  'tension',
  'width',
  'length',
  'needle',
  'left',
  'middle',
  'right',
  'bobbin',
  'foot',
]
const { linkOf } = useShare()
function labelOf(swatch: Swatch) {
  const fields = new Map(swatchFields(swatch).map(({ id, value }) => [id, value]))
  const note = { tension: `normal ${fields.get('home')}` } as Partial<Record<CardFieldId, string>>
  return {
    title: swatch.name,
    date: dayOf(swatch.keptAt),
    card: {
      fields: LABEL_FIELDS.filter(id => fields.get(id) !== 'none').map(id => ({
        id,
        label: id,
        value: fields.get(id)!,
        note: note[id] ?? '',
      })),
    },
  }
}
const labels = useLabels()
const saveLabels = () =>
  labels.save(side.value.length > 0 ? side.value : found.value, async swatch => ({
    ...labelOf(swatch),
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
      <div class="tools">
        <UModal
          v-model:open="writing"
          title="Write a swatch"
        >
          <UButton
            size="sm"
            icon="i-lucide-pen-line"
            label="Write a swatch"
          />
          <template #body>
            <WriteSwatch @done="writing = false" />
          </template>
        </UModal>
        <UButton
          v-if="hasAny"
          variant="outline"
          size="sm"
          icon="i-lucide-tags"
          :label="side.length > 0 ? `Labels for ${side.length}` : 'Labels'"
          :disabled="found.length === 0 || labels.progress.value !== null"
          @click="saveLabels"
        />
        <UButton
          v-if="hasAny"
          variant="outline"
          size="sm"
          icon="i-lucide-file-down"
          label="CSV"
          :disabled="found.length === 0"
          @click="asCsv"
        />
        <UButton
          v-if="hasAny"
          variant="outline"
          size="sm"
          icon="i-lucide-file-json"
          label="JSON"
          :disabled="found.length === 0"
          @click="asJson"
        />
        <UButton
          variant="outline"
          size="sm"
          icon="i-lucide-file-up"
          label="From a CSV"
          @click="
            () => {
              importing = true
            }
          "
        />
        <SegmentBar
          v-if="hasAny"
          v-model="view"
          label="How to show it"
          :items="VIEWS"
        />
      </div>
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
    <div
      v-if="hasAny"
      class="filters"
    >
      <div class="search">
        <UFormField label="Search">
          <UInput
            id="swatch-search"
            v-model="search"
            type="search"
            placeholder="name, thread, note …"
          />
        </UFormField>
      </div>
      <UButton
        class="fold"
        variant="outline"
        icon="i-lucide-list-filter"
        :label="set > 0 ? `Filters, ${set} set` : 'Filters'"
        :aria-expanded="folded"
        @click="
          () => {
            folded = !folded
          }
        "
      />
      <SelectField
        v-for="{ id, label, items } in choices"
        :key="id"
        :class="{ shut: !folded }"
        :label="label"
        :model-value="chosen[id]"
        :items="items"
        @update:model-value="filters[id].value = $event"
      />
      <SelectField
        v-model="order"
        label="Order"
        :class="{ shut: !folded }"
        :items="SWATCH_ORDERS"
      />
      <SelectField
        v-model="groupBy"
        label="Group"
        :class="{ shut: !folded }"
        :items="groupings"
      />
    </div>
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
            :chosen="compared.includes(swatch.id)"
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
      :chosen="compared"
      @choose="choose"
      @use="use"
    />
    <div
      v-if="side.length > 0"
      class="tray"
      role="status"
    >
      <span>{{ side.length === 1 ? 'One chosen: choose one more' : `${side.length} side by side` }}</span>
      <UButton
        v-if="side.length > 1"
        size="sm"
        icon="i-lucide-arrow-up"
        label="See them"
        @click="seeThem"
      />
      <UButton
        size="sm"
        variant="outline"
        label="Choose none"
        @click="
          () => {
            compared = []
          }
        "
      />
    </div>
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
.tools {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
}
.filters {
  display: grid;
  grid-template-columns: repeat(5, minmax(0, 1fr));
  gap: 10px;
}
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
.tray {
  position: sticky;
  bottom: 10px;
  z-index: 5;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 14px;
  width: fit-content;
  max-width: 100%;
  margin: 14px auto 0;
  padding: 7px 14px;
  background: var(--white);
  border: 1.5px solid var(--line-strong);
  border-radius: 12px;
  box-shadow: 0 4px 16px #0002;
}
@media (max-width: 1150px) {
  .filters {
    grid-template-columns: repeat(5, minmax(0, 1fr));
  }
}
.fold {
  display: none;
}
@media (max-width: 640px) {
  .filters {
    grid-template-columns: repeat(2, minmax(0, 1fr));
    align-items: end;
  }
  .fold {
    display: inline-flex;
  }
  .shut {
    display: none;
  }
  .tray {
    bottom: 78px;
  }
  .cards {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
