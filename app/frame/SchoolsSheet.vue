<script setup lang="ts">
import { formatShort } from '#core/units'
import { MARGIN_SCHOOLS, MARGINS_MM, type Schools } from '#core/schools'
import { SCHOOL_QUESTIONS } from './schoolQuestions'

const open = defineModel<boolean>('open', { required: true })
const settings = useSettingsStore()
const schools = computed(() => settings.schools)
const whyNotFive = ref(false)
const margins = MARGIN_SCHOOLS.map(({ id, name, why }) => ({
  id,
  why,
  name: MARGINS_MM[id] === null ? name : `${name}, ${formatShort(MARGINS_MM[id])} mm`,
}))

function setLength(field: 'ownMarginMm' | 'clearanceMm', mm: number): void {
  if (field === 'clearanceMm') settings.change({ clearanceMm: mm })
  else settings.changeSchools({ ownMarginMm: mm })
}
const ABOUT =
  'Where sewists differ, you choose. Each choice gives one reason. All are common practice '
  + 'without a published source.'
</script>

<template>
  <UModal
    v-model:open="open"
    title="Sewists differ"
    :description="ABOUT"
  >
    <template #body>
      <SchoolFieldset
        legend="Margin taken off before a twin swings"
        :choices="margins"
        :chosen="schools.margin"
        @choose="settings.changeSchools({ margin: $event })"
      >
        <LengthField
          v-if="schools.margin === 'own'"
          label="My own margin"
          limit="marginMm"
          :model-value="schools.ownMarginMm"
          @update:model-value="setLength('ownMarginMm', $event)"
        />
        <UButton
          variant="link"
          class="px-0 underline"
          :aria-expanded="whyNotFive"
          @click="
            () => {
              whyNotFive = !whyNotFive
            }
          "
        >
          Why not simply “under 5 mm is fine”?
        </UButton>
        <p
          v-if="whyNotFive"
          class="hint"
        >
          A needle would hit. On a 5 or 6 mm machine any twin ends before 5 mm. So does a gap above 2.0 on 7
          mm, and above 4.0 on 9 mm. Widest stitch less gap is right on every machine.
        </p>
      </SchoolFieldset>
      <fieldset class="clearance">
        <legend>Clearance kept on each side of a measured opening</legend>
        <LengthField
          label="Clearance"
          limit="clearanceMm"
          :model-value="settings.record.clearanceMm"
          @update:model-value="setLength('clearanceMm', $event)"
        />
      </fieldset>
      <SchoolFieldset
        v-for="({ legend, choices }, question) in SCHOOL_QUESTIONS"
        :key="question"
        :legend="legend"
        :choices="choices"
        :chosen="schools[question]"
        @choose="settings.changeSchools({ [question]: $event } as Partial<Schools>)"
      />
    </template>
  </UModal>
</template>

<style scoped>
.clearance {
  margin-bottom: 18px;
}
.clearance legend {
  font-weight: 700;
  margin-bottom: 4px;
}
.why {
  text-align: left;
  text-decoration: underline;
  min-height: 44px;
  cursor: pointer;
}
</style>
