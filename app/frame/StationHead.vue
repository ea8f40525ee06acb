<script lang="ts">
import { stationOf } from '~/stations'

/** Whether the view that comes was chosen here: its own head then takes the focus over. */
let chosenHere = false
</script>

<script setup lang="ts">
/** The name of the station one is in, its views, and what can be done in the one that is open. */
const route = useRoute()
const station = computed(() => stationOf(route.path))
const views = computed(() => (station.value && station.value.views.length > 1 ? station.value.views : []))

const nav = useTemplateRef('nav')
/** The browser lays the whole page out when what it takes away has the focus: give it up before. */
function choose({ currentTarget }: Event, path: string): void {
  if (path === route.path) return
  chosenHere = true
  ;(currentTarget as HTMLElement).blur()
}
onMounted(() => requestAnimationFrame(() => setTimeout(takeFocus)))
function takeFocus(): void {
  if (!chosenHere) return
  chosenHere = false
  nav.value?.querySelector<HTMLElement>('[aria-current]')?.focus({ preventScroll: true })
}
</script>

<template>
  <div class="head">
    <h1 :class="{ told: views.length > 0 }">{{ station?.name }}</h1>
    <nav
      ref="nav"
      aria-label="Views of this station"
    >
      <NuxtLink
        v-for="view in views"
        :key="view.path"
        no-prefetch
        :to="view.path"
        :aria-current="$route.path === view.path ? 'page' : undefined"
        @click="choose($event, view.path)"
      >
        {{ view.name }}
      </NuxtLink>
    </nav>
    <div class="aside">
      <slot />
    </div>
  </div>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 20px;
  margin-bottom: 10px;
}
h1 {
  font-size: 27px;
}
nav {
  display: flex;
  gap: 2px;
  max-width: 100%;
  overflow-x: auto;
}
nav a {
  display: flex;
  align-items: center;
  min-height: 44px;
  padding: 0 12px;
  border-bottom: 3px solid transparent;
  color: var(--mute);
  font-weight: 600;
  white-space: nowrap;
}
nav a:hover {
  color: var(--ink);
}
nav a[aria-current] {
  color: var(--ink);
  border-color: var(--mulberry);
}
.aside {
  margin-left: auto;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
}
@media (max-width: 640px), (max-height: 500px) {
  h1 {
    font-size: 23px;
  }
  /* Its views say where one is: the answer needs the room more. */
  .told {
    position: absolute;
    clip-path: inset(50%);
    width: 1px;
    height: 1px;
    overflow: hidden;
  }
  nav a {
    padding: 0 8px;
  }
}
</style>
