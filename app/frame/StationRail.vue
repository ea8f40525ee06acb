<script setup lang="ts">
import { STATIONS, stationOf } from '~/stations'

/**
 * All stations in working order, and the tools: a list at the side, on a phone one tab a group. Plain links:
 * a list needs none of what the kit’s menu brings to the first screen.
 */
const { tools } = defineProps<{ tools: readonly RailTool[] }>()
const { currentRoute } = useRouter()
const rail = useTemplateRef<HTMLElement>('rail')
useOneStop(rail)
/** Going to another view of it leaves the rail as it is. */
const here = computed(() => stationOf(currentRoute.value.path))
const groups = [...new Set(STATIONS.map(({ group }) => group))].map(name => ({
  name,
  stations: STATIONS.filter(({ group }) => group === name),
}))
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
const tabs = groups.map(group => ({ ...group, open: isOpen(group.name) }))
const more = isOpen('More')
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

<script lang="ts">
/** Something the rail can do on every page. */
export interface RailTool {
  readonly name: string
  /** Where there is little room. @defaultValue the name */
  readonly short?: string
  readonly icon: string
  /** Printed beside it where there is room. */
  readonly key: string
  readonly isOff: boolean
  /** A switch; left out: it is none. */
  readonly isOn?: boolean
  readonly does: () => void
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
    <div class="list">
      <template
        v-for="group in groups"
        :key="group.name"
      >
        <small class="group">{{ group.name }}</small>
        <NuxtLink
          v-for="station in group.stations"
          :key="station.key"
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
    </div>
    <div class="tools">
      <UButton
        v-for="tool in tools.slice(0, -1)"
        :key="tool.icon"
        variant="ghost"
        color="neutral"
        :disabled="tool.isOff"
        :aria-pressed="tool.isOn"
        :aria-label="tool.name"
        :title="tool.name"
        @click="use(tool)"
      >
        <UIcon :name="tool.icon" /><span aria-hidden="true">{{ tool.short ?? tool.name }}</span>
      </UButton>
    </div>
    <div class="tabs">
      <PopPanel
        v-for="tab in tabs"
        :key="tab.name"
        v-model:open="tab.open.value"
        :label="tab.name"
      >
        <template #default="{ toggle, opened }">
          <UButton
            variant="ghost"
            color="neutral"
            class="tab"
            :class="{ on: here?.group === tab.name }"
            v-bind="opened"
            @click="toggle"
          >
            <UIcon :name="GROUP_ICONS[tab.name]" />
            {{ tab.name }}
          </UButton>
        </template>
        <template #content>
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
        </template>
      </PopPanel>
    </div>
    <div class="more">
      <PopPanel
        v-model:open="more"
        label="Tools"
        align="end"
      >
        <template #default="{ toggle, opened }">
          <UButton
            variant="ghost"
            color="neutral"
            class="tab"
            v-bind="opened"
            @click="toggle"
          >
            <UIcon name="i-lucide-ellipsis" />
            Tools
          </UButton>
        </template>
        <template #content>
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
        </template>
      </PopPanel>
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
.list {
  display: flex;
  flex-direction: column;
}
.group {
  color: var(--mute);
  font-size: 14px;
  font-weight: 600;
  margin: 6px 8px 0;
}
.station {
  display: flex;
  align-items: center;
  min-height: 44px;
  padding: 4px 10px;
  border-radius: 8px;
  font-size: 15px;
  font-weight: 550;
  line-height: 1.15;
}
.station span:not(.iconify) {
  flex: 1;
  min-width: 0;
  overflow-wrap: break-word;
  hyphens: auto;
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
  font-size: 14px;
}
/* As many tools as there will be stations leave no room for words: they stand under their signs. */
.tools {
  margin-top: auto;
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 2px;
  padding-top: 6px;
}
.tools button {
  display: grid;
  place-items: center;
  align-content: center;
  gap: 1px;
  min-width: 0;
  min-height: 46px;
  padding: 0;
  border-radius: 8px;
  cursor: pointer;
  font-size: 14px;
  font-weight: 500;
  line-height: 1.1;
}
.tools .iconify,
.tab .iconify {
  font-size: 20px;
}
.tools button:hover:enabled {
  background: var(--cloth);
}
.tools button[aria-pressed='true'] {
  background: var(--white);
  box-shadow: inset 0 0 0 1.5px var(--mulberry);
}
.tools button:disabled,
.row:disabled {
  color: var(--mute);
  cursor: default;
  opacity: 0.7;
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
.tab {
  display: grid;
  place-items: center;
  align-content: center;
  width: 100%;
  min-height: 52px;
  font-size: 14px;
  font-weight: 600;
  cursor: pointer;
}
.tab.on {
  box-shadow: inset 0 -3px 0 var(--mulberry);
  font-weight: 700;
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

/* On a low screen groups are parted by a line, so that all stations stand in view. */
@media (max-height: 860px) and (min-width: 1151px) {
  .group {
    height: 1px;
    margin: 3px 8px;
    background: var(--line);
    font-size: 0;
  }
  .group:first-child {
    display: none;
  }
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
  .group {
    height: 1px;
    margin: 3px 8px;
    background: var(--line);
    font-size: 0;
  }
  .group:first-child {
    display: none;
  }
  .station {
    gap: 6px;
    padding: 2px 4px;
    font-size: 14px;
    line-height: 1.1;
  }
  .station-icon {
    display: block;
    flex: none;
    font-size: 18px;
  }
  .station kbd {
    display: none;
  }
  /* Side by side and by their signs alone: below thirteen stations there is no room for words. */
  .tools {
    grid-template-columns: repeat(2, minmax(0, 1fr));
    padding-top: 2px;
  }
  .tools button > span:not(.iconify) {
    display: none;
  }
  .last {
    display: none;
  }
  .foot {
    justify-content: center;
    border: 0;
  }
  /* Search and undo stay at hand, the rest is one press away. */
  .tools button:nth-child(n + 3) {
    display: none;
  }
  .more {
    display: block;
  }
  .tools button {
    min-height: 44px;
  }
  .tab {
    display: flex;
    justify-content: flex-start;
    gap: 6px;
    min-height: 44px;
    padding: 2px 4px;
    font-size: 14px;
    font-weight: 500;
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
  .list,
  .tools,
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
