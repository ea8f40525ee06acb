<script setup lang="ts">
import { WEDGES, wedgeReading, wedgeSheets } from '#core/measure'
import { CHECK_LINES } from '#core/paper'
import type { Print } from '~/paper/print'
import { usePaper } from '~/paper/usePaper'
import { orNull } from '~/planner/orNull'
import { useKeptNumber } from './useKeptNumber'
import { useTarget } from './useTarget'

useHead({ title: 'Wedge gauge · Lacy Spool' })
const { quantity, quantities, things, ofId, added } = useTarget('wedge')
/** The check line is a matter of the printer: it holds for all that is cut from the sheet. */
const paper = usePaper()
const line = computed(() => CHECK_LINES[paper.value])
const kept = {
  a4: useKeptNumber('lacy-spool-check-line', CHECK_LINES.a4.longMm),
  letter: useKeptNumber('lacy-spool-check-line-letter', CHECK_LINES.letter.longMm),
}
/** Each paper has a line of its own. */
const checkMm = computed({
  get: () => kept[paper.value].value,
  set: mm => {
    kept[paper.value].value = mm
  },
})
const number = ref<string>('2')
/** As it is printed on the wedge, in millimetres, whatever unit one reads. */
const readMm = ref<number | null>(null)
const wedge = computed(() => WEDGES.find(one => String(one.number) === number.value)!)
const measured = computed(() => {
  const read = readMm.value
  return read === null ? null : orNull(() => wedgeReading(wedge.value, read, checkMm.value, paper.value))
})
const problem = computed(() => {
  if (readMm.value === null) return ''
  const { fromMm, toMm } = wedge.value
  if (!(readMm.value >= fromMm && readMm.value <= toMm))
    return `Wedge ${wedge.value.number} goes from ${fromMm} to ${toMm}: take the one that fits.`
  if (measured.value === null)
    return `The check line is ${line.value.words} long on paper printed at 100 %. Print it anew.`
  return ''
})
const prints: readonly Print[] = [
  { label: 'Wedge gauge as PDF', name: 'wedge-gauge', as: 'pdf', sheets: wedgeSheets },
  { label: 'Wedge gauge as SVG', name: 'wedge-gauge', as: 'svg', sheets: wedgeSheets },
]
const wedges = WEDGES.map(one => ({
  value: String(one.number),
  label: `${one.number}: ${one.fromMm} to ${one.toMm}`,
}))
</script>

<template>
  <WayFrame>
    <template #head>
      <PrintPanel
        label="Print the gauge"
        heading="A gauge to cut out of card"
        :prints="prints"
        align="end"
      />
    </template>
    <UCard
      as="section"
      aria-label="How"
      class="grid gap-3"
    >
      <h2>Slide it in until it stops</h2>
      <WedgePicture
        :wedge="wedge"
        :read-mm="problem ? null : readMm"
      />
      <ol class="list-decimal ps-5 grid gap-1">
        <li>Print it on card at 100 %, cut along the middle of the lines.</li>
        <li><b>Machine off, needle out.</b> The machine’s own manual says how foot and plate come off.</li>
        <li>Slide a wedge flat into the opening, tip first, until it stops by itself.</li>
        <li>Read the number at the opening’s edge.</li>
      </ol>
    </UCard>
    <template #result>
      <UCard
        as="section"
        aria-label="Reading"
        class="grid gap-3"
      >
        <TargetFields
          v-model:quantity="quantity"
          v-model:of="ofId"
          :quantities="quantities"
          :things="things"
          @added="added"
        />
        <SegmentBar
          v-model="number"
          label="Which wedge"
          :items="wedges"
        />
        <div class="grid grid-cols-2 items-start gap-2">
          <NumberField
            v-model="readMm"
            label="Number it stops at"
            :limit="[WEDGES[0]!.fromMm, WEDGES.at(-1)!.toMm]"
            hint="As printed on the wedge."
          />
          <LengthField
            v-model="checkMm"
            label="Its check line measures"
            limit="pieceMm"
            hint="By your ruler: the line at the foot of the sheet."
          />
        </div>
        <p
          v-if="problem"
          role="alert"
          class="strikes-ink"
        >
          {{ problem }}
        </p>
        <p
          v-if="measured && measured.printScale !== 1"
          class="hint"
        >
          Your printer made it {{ measured.printScale.toFixed(3) }} times as large: that is corrected.
        </p>
      </UCard>
      <KeepMeasure
        :quantity="quantity"
        :of-id="ofId"
        :things="things"
        :measured="measured"
        way="wedge"
      >
        <h2>No reading yet</h2>
        <p class="hint">
          The ± comes from cutting, reading and printing. The opening is rounded down, to the safe side.
        </p>
      </KeepMeasure>
    </template>
  </WayFrame>
</template>
