<script setup lang="ts">
import type { StartSettings } from '#core/pairing'
import { formatShort, lengthWithUnit } from '#core/units'

/** Numbers to begin a trial with, each with its source, and one press that dials them in. */
const { start } = defineProps<{ start: StartSettings }>()
const bench = useBenchStore()
const settings = useSettingsStore()
const mm = (value: number | null, text: string) =>
  value === null ? text : lengthWithUnit(value, settings.unit)
const rows = computed(() => [
  {
    name: 'Tension',
    ...start.tension,
    text:
      start.tensionNumber === null
        ? start.tension.text
        : `${formatShort(start.tensionNumber)} (home ${formatShort(bench.parts.machine!.tensionDial!.home)})`,
  },
  {
    name: 'Length',
    ...start.length,
    text: start.length.source === 'own plan' ? start.length.text : mm(start.lengthMm, start.length.text),
  },
  { name: 'Width', ...start.width, text: mm(start.widthMm, start.width.text) },
  { name: 'Speed', ...start.speed },
  { name: 'Stabilizer', ...start.stabilizer },
  { name: 'Foot', ...start.foot },
  { name: 'Plate', ...start.plate },
])
function dialIn(): void {
  bench.update('Dial in the start settings', {
    ...(start.tensionNumber === null ? {} : { tension: start.tensionNumber }),
    stitch: { ...bench.setup.stitch, lengthMm: start.lengthMm ?? bench.setup.stitch.lengthMm },
  })
}
</script>

<template>
  <section
    class="card"
    aria-label="Start settings"
  >
    <header>
      <h2>Where to start</h2>
      <UButton
        size="sm"
        variant="outline"
        label="Dial in"
        @click="dialIn"
      />
    </header>
    <dl class="rows">
      <template
        v-for="{ name, text, source, why } in rows"
        :key="name"
      >
        <dt>{{ name }}</dt>
        <dd>
          <b>{{ text }}</b> <span class="hint">{{ source }}: {{ why }}</span>
        </dd>
      </template>
    </dl>
  </section>
</template>

<style scoped>
.rows {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 4px 10px;
  font-size: 14.5px;
  line-height: 1.25;
}
dt {
  color: var(--mute);
  font-size: 14px;
}
dd .hint {
  display: block;
  font-size: 13px;
}
</style>
