<script setup lang="ts">
import { whenever } from '@vueuse/core'
import { isTrouble } from '~/stores/book/storage'
import { ALL_VIEWS, JUMPS } from '~/stations'
import { useAskedUndo } from '~/composables/useUndo'
import { KEYS } from '~/utils/keys'
import { firstViewStands } from '~/utils/firstView'
import { goneTo } from '~/utils/whereNow'
import {
  LateKeysSheet,
  LateSchoolsSheet,
  LateSearchSheet,
  LateStorageNotice,
  LateUndoAsk,
} from '~/asking/lateParts'

const book = useBookStore()
const settings = useSettingsStore()
const colorMode = useColorMode()
const hasNotice = computed(
  () => isTrouble(book.storage) || book.lost.length > 0 || book.unreadable.length > 0,
)
const keysOpen = ref(false)
const schoolsOpen = ref(false)
const searchOpen = ref(false)

const { undo, redo, undoWords, redoWords } = useUndo()
const askedUndo = useAskedUndo()
const { said } = useSaid()
useHands()
const router = useRouter()
goneTo(router.currentRoute.value.path)
router.afterEach(({ path }) => goneTo(path))
const switchLamp = () => {
  colorMode.preference = colorMode.value === 'dark' ? 'light' : 'dark'
}
const openSearch = () => {
  searchOpen.value = true
}
const openSchools = () => {
  schoolsOpen.value = true
}
const openKeys = () => {
  keysOpen.value = true
}
const TOOLS = computed(() => [
  { name: 'Search', icon: 'i-lucide-search', key: KEYS.search.shown, isOff: false, does: openSearch },
  {
    name: undoWords.value === null ? 'Undo' : `Undo: ${undoWords.value}`,
    short: 'Undo',
    icon: 'i-lucide-undo-2',
    key: KEYS.undo.shown,
    isOff: undoWords.value === null,
    does: undo,
  },
  {
    name: redoWords.value === null ? 'Redo' : `Redo: ${redoWords.value}`,
    short: 'Redo',
    icon: 'i-lucide-redo-2',
    key: KEYS.redo.shown,
    isOff: redoWords.value === null,
    does: redo,
  },
  {
    name: settings.unit === 'mm' ? 'Units: millimetres' : 'Units: inches',
    short: 'Units',
    icon: 'i-lucide-ruler',
    key: KEYS.unit.shown,
    isOff: false,
    does: settings.switchUnit,
  },
  {
    name: 'Sewists differ: your choices',
    short: 'Choices',
    icon: 'i-lucide-split',
    key: KEYS.schools.shown,
    isOff: false,
    does: openSchools,
  },
  {
    name: 'Dim lamp',
    short: 'Lamp',
    icon: 'i-lucide-lamp',
    key: KEYS.lamp.shown,
    isOff: false,
    isOn: colorMode.value === 'dark',
    does: switchLamp,
  },
  { name: 'Keys', icon: 'i-lucide-keyboard', key: KEYS.keys.shown, isOff: false, does: openKeys },
])

/** Fetching the other views slows nothing that is pressed first. */
const SETTLED_MS = 2000
whenever(
  firstViewStands,
  () => {
    setTimeout(
      () =>
        requestIdleCallback(() => {
          // What does not come now is asked for again when one goes there.
          for (const { path } of ALL_VIEWS) preloadRouteComponents(path).catch(() => {})
          import('~/fields/OpenList.vue').catch(() => {})
          // From here on the verdict begins where own swatches say.
          import('~/stores/start').then(
            ({ useStartStore }) => useStartStore(),
            () => {},
          )
        }),
      SETTLED_MS,
    )
  },
  { once: true, immediate: true },
)

useJumpKeys(JUMPS)
useKeys({
  search: openSearch,
  searchToo: openSearch,
  keys: openKeys,
  unit: settings.switchUnit,
  lamp: switchLamp,
  schools: openSchools,
  undo,
  redo,
})
</script>

<template>
  <div class="frame">
    <a
      href="#work"
      class="skip"
      >Skip to the station</a
    >
    <StationRail :tools="TOOLS" />
    <LineUp v-if="book.ready" />
    <main
      id="work"
      tabindex="-1"
    >
      <LateStorageNotice v-if="hasNotice" />
      <slot />
    </main>
    <p
      class="sr-only"
      role="status"
      aria-label="What just happened"
    >
      {{ said }}
    </p>
    <LateUndoAsk
      v-if="askedUndo"
      @close="askedUndo = null"
    />
    <LateKeysSheet
      v-if="keysOpen"
      v-model:open="keysOpen"
    />
    <LateSchoolsSheet
      v-if="schoolsOpen"
      v-model:open="schoolsOpen"
    />
    <LateSearchSheet
      v-if="searchOpen"
      v-model:open="searchOpen"
      @schools="openSchools"
    />
  </div>
</template>

<style scoped>
.frame {
  display: grid;
  grid-template: auto 1fr / 196px minmax(0, 1fr);
  min-height: 100dvh;
}
.skip {
  position: absolute;
  left: -999px;
  top: 4px;
  z-index: 60;
  padding: 10px 14px;
  background: var(--white);
  border: 2px solid var(--mulberry);
  border-radius: 8px;
}
.skip:focus {
  left: 4px;
}
main {
  padding: 14px 22px 20px;
  min-width: 0;
  outline: none;
}
@media (max-width: 1150px) {
  .frame {
    grid-template-columns: 128px minmax(0, 1fr);
  }
  main {
    padding: 12px 16px 20px;
  }
}
@media (max-width: 640px) {
  .frame {
    grid-template: auto auto 1fr auto / minmax(0, 1fr);
  }
  main {
    padding: 10px 12px 16px;
  }
}
@media print {
  .frame {
    display: block;
  }
}
</style>
