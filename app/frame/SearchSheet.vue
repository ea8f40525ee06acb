<script setup lang="ts">
import { formatShort } from '#core/units'
import { useMutationObserver } from '@vueuse/core'
import type { CommandPaletteGroup, CommandPaletteItem } from '@nuxt/ui'
import { JOB_IDS, JOBS } from '#core/job'
import { needleNameAndType } from '#core/needle'
import { SIGNS } from '#core/signs'
import { newestFirst } from '#shared/fields'
import { pieceName } from '#shared/records'
import { ALL_VIEWS, STATIONS } from '~/stations'
import { PLAN_PATHS } from '~/planner/planPaths'

/** One search over everything: stations, what was kept, what one owns, stitches, signs, settings. */
const open = defineModel<boolean>('open', { required: true })
const emit = defineEmits<{ schools: [] }>()
const book = useBookStore()
const inHand = useInHandStore()
const settings = useSettingsStore()
const colorMode = useColorMode()
const { undo, undoWords } = useUndo()
const { offerUndo } = useShelf()
const setUp = useChooseJob()

/** Closes first: what it leads to takes the focus over. */
const then = (act: () => unknown) => () => {
  open.value = false
  void nextTick(act)
}
const go = (path: string, query: Record<string, string> = {}) => then(() => navigateTo({ path, query }))

const views = ALL_VIEWS.map((view): CommandPaletteItem => {
  const station = STATIONS.find(({ views }) => views.includes(view))!
  const label = view.name === station.name ? view.name : `${station.name}: ${view.name}`
  return { label, icon: station.icon, onSelect: go(view.path) }
})
const pieces = computed(() =>
  newestFirst(book.shelf.pieces.values(), ({ begunAt }) => begunAt ?? '').map(
    (piece): CommandPaletteItem => ({
      label: pieceName(piece),
      suffix: piece.note,
      icon: 'i-lucide-scissors',
      onSelect: then(() => {
        inHand.take(piece.id)
        void navigateTo(PLAN_PATHS[piece.plan.kind])
      }),
    }),
  ),
)
const swatches = computed(() =>
  newestFirst(book.shelf.swatches.values(), ({ keptAt }) => keptAt).map((swatch): CommandPaletteItem => ({
    label: swatch.name,
    // The number itself: who looks for it need not open the swatch.
    suffix: [swatch.setup.tension === null ? '' : `tension ${formatShort(swatch.setup.tension)}`, swatch.note]
      .filter(Boolean)
      .join(' · '),
    icon: 'i-lucide-book-open',
    onSelect: go('/swatches', { swatch: swatch.id }),
  })),
)
const needles = computed(() =>
  [...book.shelf.needles.values()].map((needle): CommandPaletteItem => ({
    label: needleNameAndType(needle),
    // A twin needle is also called a double needle.
    suffix: needle.construction === 'twin' ? 'double needle, put it in' : 'put it in',
    icon: 'i-lucide-pin',
    onSelect: then(() => inHand.update('Choose the needle', { needleId: needle.id })),
  })),
)
const threads = computed(() =>
  [...book.shelf.threads.values()].map((thread): CommandPaletteItem => ({
    label: thread.name,
    suffix: thread.label,
    icon: 'i-lucide-spool',
    onSelect: go('/workbox', { table: 'threads', search: thread.name }),
  })),
)
const stitches = computed(() =>
  inHand.allStitches.map((stitch): CommandPaletteItem => ({
    label: stitch.name,
    suffix: 'choose this stitch',
    icon: 'i-lucide-waves',
    onSelect: then(() => inHand.chooseStitch(stitch)),
  })),
)
const signs = SIGNS.map(({ id, words }): CommandPaletteItem => ({
  label: words,
  suffix: 'troubleshooting',
  icon: 'i-lucide-stethoscope',
  onSelect: go('/signs', { sign: id }),
}))
const actions = computed((): CommandPaletteItem[] => [
  ...JOB_IDS.map(id => ({
    label: `Job: ${JOBS[id].name}`,
    suffix: JOBS[id].about,
    icon: 'i-lucide-scissors',
    onSelect: then(() => {
      // A piece with a name is not changed unasked.
      setUp(id, inHand.piece.name === '' ? 'this' : 'new')
      void offerUndo(`Set up for ${JOBS[id].name.toLowerCase()}`)
    }),
  })),
  {
    label: undoWords.value === null ? 'Undo' : `Undo: ${undoWords.value}`,
    icon: 'i-lucide-undo-2',
    onSelect: then(undo),
    disabled: undoWords.value === null,
  },
  {
    label: settings.unit === 'mm' ? 'Show inches' : 'Show millimetres',
    icon: 'i-lucide-ruler',
    onSelect: then(settings.switchUnit),
  },
  {
    label: 'Sewists differ: your choices',
    icon: 'i-lucide-split',
    onSelect: then(() => emit('schools')),
  },
  {
    label: colorMode.value === 'dark' ? 'Daylight' : 'Dim lamp',
    icon: 'i-lucide-lamp',
    onSelect: then(() => {
      colorMode.preference = colorMode.value === 'dark' ? 'light' : 'dark'
    }),
  },
  {
    label: settings.record.threadColours === 'true' ? 'Diagram colours' : 'True colours',
    suffix: 'threads in drawings',
    icon: 'i-lucide-palette',
    onSelect: then(() =>
      settings.change({ threadColours: settings.record.threadColours === 'true' ? 'diagram' : 'true' }),
    ),
  },
  { label: 'Export everything', suffix: 'Files', icon: 'i-lucide-file-down', onSelect: go('/files') },
])
/** The kit gives its list of what was found no name; the list comes and goes with what is typed. */
const sheet = useTemplateRef('sheet')
function nameList(): void {
  sheet.value?.querySelector('[role="listbox"]')?.setAttribute('aria-label', 'What was found')
}
useMutationObserver(sheet, nameList, { childList: true, subtree: true })
watch(sheet, nameList, { flush: 'post' })
const groups = computed((): CommandPaletteGroup[] => [
  { id: 'views', label: 'Stations', items: views },
  { id: 'actions', label: 'Do', items: actions.value },
  { id: 'pieces', label: 'Pieces', items: pieces.value },
  { id: 'swatches', label: 'Swatches', items: swatches.value },
  { id: 'needles', label: 'Needles', items: needles.value },
  { id: 'threads', label: 'Threads', items: threads.value },
  { id: 'stitches', label: 'Stitches', items: stitches.value },
  { id: 'signs', label: 'Signs', items: signs },
])
</script>

<template>
  <UModal
    v-model:open="open"
    title="Search everything"
    description="Stations, what you kept, what you own, stitches, signs and settings."
    :ui="{ header: 'sr-only', body: 'p-0 sm:p-0', content: 'max-w-2xl' }"
  >
    <template #body>
      <div ref="sheet">
        <UCommandPalette
          :groups="groups"
          placeholder="Search everything"
          icon="i-lucide-search"
          close
          class="h-96"
          :fuse="{ resultLimit: 30, fuseOptions: { keys: ['label', 'suffix'], threshold: 0.3 } }"
          @update:open="open = $event"
        />
      </div>
    </template>
  </UModal>
</template>
