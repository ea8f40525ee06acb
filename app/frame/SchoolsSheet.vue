<script setup lang="ts">
import { formatShort } from '#core/units'
import {
  CUTTER_SCHOOLS,
  FILM_SPEED_SCHOOLS,
  HEAVY_BOBBIN_SCHOOLS,
  HIDDEN_BOBBIN_SCHOOLS,
  LAST_GUIDE_SCHOOLS,
  MARGIN_SCHOOLS,
  MARGINS_MM,
  PEARL_EYE_SCHOOLS,
  PEARL_TENSION_SCHOOLS,
  SATIN_FILM_SCHOOLS,
  THICK_PEARL_SCHOOLS,
  THREADING_SCHOOLS,
  TRIPLE_GAP_SCHOOLS,
  UNWINDING_SCHOOLS,
  WIDE_GAP_SCHOOLS,
} from '#core/schools'

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
        legend="The gap on a triple needle’s label"
        :choices="TRIPLE_GAP_SCHOOLS"
        :chosen="schools.tripleGap"
        @choose="settings.changeSchools({ tripleGap: $event })"
      />
      <SchoolFieldset
        legend="Swing with a wide twin"
        :choices="WIDE_GAP_SCHOOLS"
        :chosen="schools.wideGap"
        @choose="settings.changeSchools({ wideGap: $event })"
      />
      <SchoolFieldset
        legend="On the bobbin under heavy thread"
        :choices="HEAVY_BOBBIN_SCHOOLS"
        :chosen="schools.heavyBobbin"
        @choose="settings.changeSchools({ heavyBobbin: $event })"
      />
      <SchoolFieldset
        legend="Tension for pearl cotton"
        :choices="PEARL_TENSION_SCHOOLS"
        :chosen="schools.pearlTension"
        @choose="settings.changeSchools({ pearlTension: $event })"
      />
      <SchoolFieldset
        legend="Pearl cotton No. 8"
        :choices="THICK_PEARL_SCHOOLS"
        :chosen="schools.thickPearl"
        @choose="settings.changeSchools({ thickPearl: $event })"
      />
      <SchoolFieldset
        legend="Pearl cotton No. 12"
        :choices="PEARL_EYE_SCHOOLS"
        :chosen="schools.pearlEye"
        @choose="settings.changeSchools({ pearlEye: $event })"
      />
      <SchoolFieldset
        legend="Speed for flat metallic (film)"
        :choices="FILM_SPEED_SCHOOLS"
        :chosen="schools.filmSpeed"
        @choose="settings.changeSchools({ filmSpeed: $event })"
      />
      <SchoolFieldset
        legend="Flat metallic (film) in satin"
        :choices="SATIN_FILM_SCHOOLS"
        :chosen="schools.satinFilm"
        @choose="settings.changeSchools({ satinFilm: $event })"
      />
      <SchoolFieldset
        legend="On the bobbin under a hidden edge"
        :choices="HIDDEN_BOBBIN_SCHOOLS"
        :chosen="schools.hiddenBobbin"
        @choose="settings.changeSchools({ hiddenBobbin: $event })"
      />
      <SchoolFieldset
        legend="A spool that unwinds from the side"
        :choices="UNWINDING_SCHOOLS"
        :chosen="schools.unwinding"
        @choose="settings.changeSchools({ unwinding: $event })"
      />
      <SchoolFieldset
        legend="Thread cutter with a twin"
        :choices="CUTTER_SCHOOLS"
        :chosen="schools.cutter"
        @choose="settings.changeSchools({ cutter: $event })"
      />
      <SchoolFieldset
        legend="Leading the threads of a twin"
        :choices="THREADING_SCHOOLS"
        :chosen="schools.threading"
        @choose="settings.changeSchools({ threading: $event })"
      />
      <SchoolFieldset
        legend="The last guide above a twin"
        :choices="LAST_GUIDE_SCHOOLS"
        :chosen="schools.lastGuide"
        @choose="settings.changeSchools({ lastGuide: $event })"
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
