<script setup lang="ts">
import { until } from '@vueuse/core'
import { isTrouble } from '~/stores/book/storage'
import { ALL_VIEWS, JUMPS, STATIONS, stationOf } from '~/stations'

const { currentRoute } = useRouter()
/** Going to another view of it leaves the rail as it is. */
const here = computed(() => stationOf(currentRoute.value.path))
const book = useBookStore()
const settings = useSettingsStore()
const colorMode = useColorMode()
const hasNotice = computed(
  () => isTrouble(book.storage) || book.lost.length > 0 || book.unreadable.length > 0,
)
const keysOpen = ref(false)
const schoolsOpen = ref(false)

const { takeBack, doAgain } = useUndo()
const switchUnit = () => settings.change({ unit: settings.unit === 'mm' ? 'inch' : 'mm' })
const switchLamp = () => {
  colorMode.preference = colorMode.value === 'dark' ? 'light' : 'dark'
}

/** By then the first view stands, so that fetching the others does not slow it down. */
const FIRST_VIEW_MS = 2000
onNuxtReady(async () => {
  await until(() => book.ready).toBe(true)
  setTimeout(
    () =>
      requestIdleCallback(() => {
        for (const { path } of ALL_VIEWS) void preloadRouteComponents(path)
        // From here on the verdict begins where own swatches say.
        void import('~/stores/start').then(({ useStartStore }) => useStartStore())
      }),
    FIRST_VIEW_MS,
  )
})

defineShortcuts({
  ...Object.fromEntries(JUMPS.map(({ key, path }) => [key.toLowerCase(), () => navigateTo(path)])),
  '?': () => {
    keysOpen.value = true
  },
  'u': switchUnit,
  'l': switchLamp,
  's': () => {
    schoolsOpen.value = true
  },
  'meta_z': takeBack,
  'meta_shift_z': doAgain,
})
</script>

<template>
  <div class="frame">
    <a
      href="#work"
      class="skip"
      >Skip to the station</a
    >
    <nav
      class="rail"
      aria-label="Stations"
    >
      <div class="word serif">Lacy Spool<i aria-hidden="true" /></div>
      <template
        v-for="(station, index) in STATIONS"
        :key="station.key"
      >
        <small
          v-if="station.group !== STATIONS[index - 1]?.group"
          class="group"
          >{{ station.group }}</small
        >
        <NuxtLink
          no-prefetch
          :to="station.views[0].path"
          class="station"
          :class="{ on: here === station }"
          :aria-current="here === station ? 'page' : undefined"
        >
          <UIcon
            :name="station.icon"
            class="station-icon"
          />
          <span>{{ station.name }}</span>
          <kbd aria-hidden="true">{{ station.key }}</kbd>
        </NuxtLink>
      </template>
      <div class="tools">
        <button
          type="button"
          :disabled="!book.canUndo"
          @click="takeBack"
        >
          <UIcon name="i-lucide-undo-2" /><span>Undo</span>
        </button>
        <button
          type="button"
          :disabled="!book.canRedo"
          @click="doAgain"
        >
          <UIcon name="i-lucide-redo-2" /><span>Redo</span>
        </button>
        <button
          type="button"
          @click="switchUnit"
        >
          <UIcon name="i-lucide-ruler" /><span>{{ settings.unit === 'mm' ? 'Millimetres' : 'Inches' }}</span>
        </button>
        <button
          type="button"
          @click="schoolsOpen = true"
        >
          <UIcon name="i-lucide-split" /><span>Schools</span>
        </button>
        <button
          type="button"
          :aria-pressed="colorMode.value === 'dark'"
          @click="switchLamp"
        >
          <UIcon name="i-lucide-lamp" /><span>Dim lamp</span>
        </button>
        <button
          type="button"
          @click="keysOpen = true"
        >
          <UIcon name="i-lucide-keyboard" /><span>Keys</span><kbd aria-hidden="true">?</kbd>
        </button>
      </div>
      <SavedWord />
    </nav>
    <LineUp v-if="book.ready" />
    <main
      id="work"
      tabindex="-1"
    >
      <LazyStorageNotice v-if="hasNotice" />
      <slot />
    </main>
    <LazyKeysSheet
      v-if="keysOpen"
      v-model:open="keysOpen"
    />
    <LazySchoolsSheet
      v-if="schoolsOpen"
      v-model:open="schoolsOpen"
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
.rail {
  grid-row: 1 / 3;
  position: sticky;
  top: 0;
  height: 100dvh;
  padding: 18px 14px 12px;
  border-right: 1px solid var(--line);
  display: flex;
  flex-direction: column;
  gap: 2px;
  overflow-y: auto;
}
.word {
  font-size: 24px;
  margin: 2px 6px 12px;
  white-space: nowrap;
}
.word i {
  display: inline-block;
  width: 12px;
  height: 12px;
  margin-left: 3px;
  border-radius: 50%;
  background: radial-gradient(circle, var(--paper) 0 2px, var(--mulberry) 2.5px 4px, var(--weld) 4.5px 100%);
}
.group {
  color: var(--mute);
  font-size: 13px;
  font-weight: 600;
  margin: 10px 8px 2px;
}
.station {
  display: flex;
  align-items: center;
  min-height: 44px;
  padding: 6px 10px;
  border-radius: 8px;
  font-size: 15px;
  font-weight: 550;
}
.station span:not(.iconify) {
  flex: 1;
}
.station-icon {
  display: none;
  font-size: 20px;
}
.station:hover {
  background: var(--cloth);
}
.station.on {
  background: var(--white);
  box-shadow:
    inset 3px 0 0 var(--mulberry),
    0 1px 2px #0001;
  font-weight: 700;
}
kbd {
  color: var(--mute);
  font: inherit;
  font-size: 13px;
}
.tools {
  margin-top: auto;
  display: grid;
  gap: 2px;
  padding-top: 10px;
}
.tools button {
  display: flex;
  align-items: center;
  gap: 10px;
  min-height: 44px;
  padding: 4px 10px;
  border-radius: 8px;
  text-align: left;
  cursor: pointer;
  font-size: 15px;
}
.tools button span:not(.iconify) {
  flex: 1;
}
.tools .iconify {
  font-size: 18px;
  flex: none;
}
.tools button:hover:enabled {
  background: var(--cloth);
}
.tools button:disabled {
  color: var(--mute);
  cursor: default;
  opacity: 0.7;
}
main {
  padding: 14px 22px 20px;
  min-width: 0;
  outline: none;
}

@media (max-width: 1150px) {
  .frame {
    grid-template-columns: 76px minmax(0, 1fr);
  }
  .rail {
    padding: 14px 6px;
    align-items: stretch;
  }
  .word {
    font-size: 0;
    margin: 0 auto 8px;
  }
  .word i {
    width: 30px;
    height: 30px;
    background: radial-gradient(
      circle,
      var(--paper) 0 5px,
      var(--mulberry) 5.5px 10px,
      var(--weld) 10.5px 100%
    );
  }
  .group {
    display: none;
  }
  .station {
    flex-direction: column;
    gap: 1px;
    padding: 4px 2px;
    font-size: 12.5px;
    text-align: center;
    line-height: 1.1;
  }
  .station-icon {
    display: block;
    flex: none;
  }
  .station kbd,
  .tools kbd {
    display: none;
  }
  .station.on {
    box-shadow: inset 0 3px 0 var(--mulberry);
  }
  .tools button {
    flex-direction: column;
    gap: 1px;
    font-size: 12.5px;
    text-align: center;
    padding: 6px 0;
  }
  main {
    padding: 12px 16px 20px;
  }
}
@media (max-width: 640px) {
  .frame {
    grid-template: auto 1fr auto / minmax(0, 1fr);
  }
  .rail {
    grid-row: 3;
    position: sticky;
    bottom: 0;
    top: auto;
    height: auto;
    flex-direction: row;
    border-right: 0;
    border-top: 1px solid var(--line);
    background: var(--paper);
    padding: 4px;
    overflow-x: auto;
    z-index: 20;
    gap: 0;
  }
  .word {
    display: none;
  }
  .station {
    flex: 1 0 72px;
    min-height: 52px;
    padding: 4px;
  }
  .station.on {
    box-shadow: inset 0 -3px 0 var(--mulberry);
  }
  .tools {
    margin: 0;
    padding: 0;
    display: flex;
  }
  .tools button {
    min-width: 62px;
    min-height: 52px;
  }
  main {
    padding: 10px 12px 16px;
  }
}
</style>
