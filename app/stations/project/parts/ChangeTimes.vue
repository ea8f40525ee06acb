<script setup lang="ts">
import { type Change, CHANGES } from '#core/order'
import type { KnownMinutes } from '#core/project'
import { formatNumber } from '#core/units'
import { CHANGE_WORDS } from '../projectWords'

/** Minutes each change takes: as set, until one’s own were timed while sewing a project. */
const { known } = defineProps<{ known: Readonly<Record<Change, KnownMinutes>> }>()
const settings = useSettingsStore()
function set(change: Change, minutes: number): void {
  settings.change({ changeMinutes: { ...settings.record.changeMinutes, [change]: minutes } })
}
const sourceWords = ({ times, minutes }: KnownMinutes) =>
  times > 0 ? `own, ${formatNumber(minutes, 1)} (${times} timed)` : 'as set'
</script>

<template>
  <div class="grid gap-2">
    <div
      v-for="change in CHANGES"
      :key="change"
      class="line"
    >
      <NumberField
        :model-value="settings.record.changeMinutes[change]"
        :label="CHANGE_WORDS[change]"
        limit="changeMinutes"
        unit="min"
        @update:model-value="set(change, $event)"
      />
      <span class="hint">{{ sourceWords(known[change]) }}</span>
    </div>
    <p class="hint">Guesses of ours to begin with. Changes timed in “Sew it” take their place.</p>
  </div>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
  align-items: end;
}
</style>
