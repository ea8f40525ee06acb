<script setup lang="ts">
import { GROUPS, stationOf } from '~/stations'
import type { RailTool } from './railTool'

/** All stations and the tools: a list at the side, on a phone one tab a group. */
const { tools } = defineProps<{ tools: readonly RailTool[] }>()
const { currentRoute } = useRouter()
const rail = useTemplateRef<HTMLElement>('rail')
useOneStop(rail)
/** Going to another view of it leaves the rail as it is. */
const here = computed(() => stationOf(currentRoute.value.path))
const GROUP_ICONS = {
  Plan: 'i-lucide-move-horizontal',
  Prepare: 'i-lucide-footprints',
  Sew: 'i-lucide-scissors',
  Keep: 'i-lucide-book-open',
} as const
/** The last one stands at the foot, where it needs no word of its own. */
const last = computed(() => tools.at(-1))
const openTab = ref('')
const isOpen = (name: string) =>
  computed({
    get: () => openTab.value === name,
    set: now => {
      openTab.value = now ? name : ''
    },
  })
const tabs = GROUPS.map(group => ({ ...group, open: isOpen(group.name) }))
const more = isOpen('Tools')
watch(
  () => currentRoute.value.path,
  () => {
    openTab.value = ''
  },
)
function use({ does }: RailTool): void {
  openTab.value = ''
  does()
}
</script>

<template>
  <nav
    ref="rail"
    class="rail"
    data-menu
    aria-label="Stations"
  >
    <div class="word serif">Lacy Spool<i aria-hidden="true" /></div>
    <RailStations :here="here" />
    <RailTools
      :tools="tools.slice(0, -1)"
      @use="use"
    />
    <div class="tabs">
      <RailTab
        v-for="tab in tabs"
        :key="tab.name"
        v-model:open="tab.open.value"
        :name="tab.name"
        :icon="GROUP_ICONS[tab.name]"
        :is-here="here?.group === tab.name"
      >
        <NuxtLink
          v-for="station in tab.stations"
          :key="station.key"
          no-prefetch
          :to="station.views[0].path"
          class="row"
          :aria-current="here === station ? 'page' : undefined"
        >
          <UIcon :name="station.icon" />{{ station.name }}
        </NuxtLink>
      </RailTab>
    </div>
    <div class="more">
      <RailTab
        v-model:open="more"
        name="Tools"
        icon="i-lucide-ellipsis"
        align="end"
      >
        <UButton
          v-for="tool in tools"
          :key="tool.icon"
          variant="ghost"
          color="neutral"
          class="row"
          :disabled="tool.isOff"
          :aria-pressed="tool.isOn"
          @click="use(tool)"
        >
          <UIcon :name="tool.icon" />{{ tool.name }}
        </UButton>
      </RailTab>
    </div>
    <div class="foot">
      <SavedWord />
      <UButton
        v-if="last"
        variant="ghost"
        color="neutral"
        class="last"
        :icon="last.icon"
        :aria-label="last.name"
        @click="last.does()"
      />
    </div>
  </nav>
</template>

<style scoped>
.rail {
  grid-row: 1 / 3;
  position: sticky;
  top: 0;
  height: 100dvh;
  padding: 12px 12px 8px;
  border-right: 1px solid var(--line);
  display: flex;
  flex-direction: column;
  overflow-y: auto;
}
.word {
  font-size: 24px;
  margin: 0 6px 4px;
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
.foot {
  display: flex;
  align-items: center;
  justify-content: space-between;
  border-top: 1px solid var(--line);
}
.tabs,
.more {
  display: none;
}
.row {
  display: flex;
  align-items: center;
  gap: 12px;
  width: 100%;
  min-height: 48px;
  padding: 4px 10px;
  border-radius: 8px;
  text-align: left;
  cursor: pointer;
}
.row .iconify {
  font-size: 20px;
}
.row[aria-current],
.row[aria-pressed='true'] {
  font-weight: 700;
  box-shadow: inset 3px 0 0 var(--mulberry);
}
.row:disabled {
  color: var(--mute);
  cursor: default;
  opacity: 0.7;
}

@media (max-width: 1150px) and (min-width: 641px) {
  .rail {
    padding: 10px 4px 6px;
  }
  .word {
    font-size: 0;
    margin: 0 auto 4px;
  }
  .word i {
    width: 26px;
    height: 26px;
    background: radial-gradient(
      circle,
      var(--paper) 0 4px,
      var(--mulberry) 4.5px 9px,
      var(--weld) 9.5px 100%
    );
  }
  .last {
    display: none;
  }
  .foot {
    justify-content: center;
    border: 0;
  }
  .more {
    display: block;
  }
}
@media (max-width: 640px) {
  .rail {
    grid-row: 4;
    position: sticky;
    bottom: 0;
    top: auto;
    height: auto;
    flex-direction: row;
    align-items: center;
    border-right: 0;
    border-top: 1px solid var(--line);
    background: var(--paper);
    padding: 2px 4px;
    z-index: 20;
  }
  .word,
  .last {
    display: none;
  }
  .foot {
    order: -1;
    border: 0;
  }
  .tabs {
    flex: 3;
    display: flex;
  }
  .more {
    flex: 1;
    display: block;
  }
  .tabs :deep(.anchor) {
    flex: 1;
  }
}
/* On a low screen, or at great magnification, nothing lies over the page. */
@media (max-height: 500px) {
  .rail {
    position: static;
    height: auto;
  }
}
@media print {
  .rail {
    display: none;
  }
}
</style>
