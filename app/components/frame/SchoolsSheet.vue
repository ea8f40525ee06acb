<script setup lang="ts">
import { MARGIN_SCHOOLS, TRIPLE_GAP_SCHOOLS, WIDE_GAP_SCHOOLS } from '#core/schools'

const open = defineModel<boolean>('open', { required: true })
const bench = useBenchStore()
const schools = computed(() => bench.settings.schools)
const whyNotFive = ref(false)

function setLength(field: 'ownMarginMm' | 'clearanceMm', mm: number | null): void {
  if (mm === null || Number.isNaN(mm)) return
  if (field === 'clearanceMm') bench.changeSettings({ clearanceMm: mm })
  else bench.changeSchools({ ownMarginMm: mm })
}
</script>

<template>
  <UModal
    v-model:open="open"
    title="Schools"
    description="Where sewists disagree, you choose. Each choice says why; all are common practice, none has a published source."
  >
    <template #body>
      <fieldset class="school">
        <legend>Margin taken off before a twin swings</legend>
        <label v-for="school in MARGIN_SCHOOLS" :key="school.id">
          <input type="radio" name="margin" :checked="schools.margin === school.id" @change="bench.changeSchools({ margin: school.id })">
          <span><b>{{ school.name }}{{ school.marginMm === null ? '' : `, ${school.marginMm} mm` }}</b> <span class="hint">{{ school.why }}</span></span>
        </label>
        <LengthField
          v-if="schools.margin === 'own'"
          label="My own margin"
          limit="marginMm"
          :model-value="schools.ownMarginMm"
          @update:model-value="setLength('ownMarginMm', $event)"
        />
        <button type="button" class="why" :aria-expanded="whyNotFive" @click="whyNotFive = !whyNotFive">
          Why not simply “under 5 mm is fine”?
        </button>
        <p v-if="whyNotFive" class="hint">
          Because it strikes: a 5 or 6 mm machine with any twin, a 7 mm machine above gap 2.0 and a 9 mm machine above gap 4.0 all reach their end before 5 mm. Widest stitch less gap is right on every one of them.
        </p>
      </fieldset>
      <fieldset class="school">
        <legend>Clearance kept on each side of a measured opening</legend>
        <LengthField
          label="Clearance"
          limit="clearanceMm"
          :model-value="bench.settings.clearanceMm"
          @update:model-value="setLength('clearanceMm', $event)"
        />
      </fieldset>
      <fieldset class="school">
        <legend>The gap on a triple needle’s label</legend>
        <label v-for="school in TRIPLE_GAP_SCHOOLS" :key="school.id">
          <input
            type="radio"
            name="triple"
            :checked="schools.tripleGap === school.id"
            @change="bench.changeSchools({ tripleGap: school.id })"
          >
          <span><b>{{ school.name }}</b> <span class="hint">{{ school.why }}</span></span>
        </label>
      </fieldset>
      <fieldset class="school">
        <legend>Swing with a wide twin</legend>
        <label v-for="school in WIDE_GAP_SCHOOLS" :key="school.id">
          <input type="radio" name="wide" :checked="schools.wideGap === school.id" @change="bench.changeSchools({ wideGap: school.id })">
          <span><b>{{ school.name }}</b> <span class="hint">{{ school.why }}</span></span>
        </label>
      </fieldset>
    </template>
  </UModal>
</template>

<style scoped>
.school { display: grid; gap: 6px; margin-bottom: 18px; }
.school legend { font-weight: 700; margin-bottom: 4px; }
.school label { display: flex; gap: 10px; align-items: flex-start; min-height: 44px; padding: 6px 8px; border-radius: 8px; cursor: pointer; }
.school label:hover { background: var(--paper); }
.school input[type="radio"] { width: 20px; height: 20px; margin-top: 2px; accent-color: var(--mulberry); flex: none; }
.school .hint { display: block; }
.why { text-align: left; text-decoration: underline; min-height: 44px; cursor: pointer; }
</style>
