<script setup lang="ts">
import { GROUPS, type Station } from '~/stations'

/** All stations in working order, group by group, as plain links: the kit’s menu would bring more. */
const { here } = defineProps<{ here: Station | undefined }>()
</script>

<template>
  <div class="list">
    <template
      v-for="group in GROUPS"
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
</template>

<style scoped>
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

/* On a low screen groups are parted by a line, so that all stations stand in view. */
@media (max-width: 1150px), (max-height: 860px) {
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
@media (max-width: 1150px) {
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
}
@media (max-width: 640px) {
  .list {
    display: none;
  }
}
</style>
