<script setup lang="ts">
import { type BenchCard, cardSheet, labelSheets } from '#core/card'
import type { Print } from '~/paper/print'
import { useShare } from '~/share/useShare'
import { dayOf } from '~/utils/dates'

/** The card for the machine's side and labels to pin to swatches. */
const { card } = defineProps<{ card: BenchCard }>()
const inHand = useInHandStore()
const count = ref(6)
const MOST_LABELS = 200
const { linkOf } = useShare()
/** The code says the piece in hand. */
const codeOf = () => linkOf({ table: 'pieces', record: inHand.piece })
const heading = () => ({
  title: inHand.parts.machine?.name ?? 'Bench card',
  date: dayOf(new Date().toISOString()),
})
const prints = computed<readonly Print[]>(() => [
  {
    label: 'Card, A6 to cut out (PDF)',
    name: 'bench-card',
    as: 'pdf',
    sheets: async paper => [cardSheet(card, { ...heading(), paper, code: await codeOf() })],
  },
  {
    label: 'Labels (PDF)',
    name: 'labels',
    as: 'pdf',
    sheets: async paper =>
      labelSheets(Array(count.value).fill({ card, ...heading(), code: await codeOf() }), paper),
  },
])
</script>

<template>
  <PrintPanel
    label="Print"
    heading="On paper, at true size"
    align="end"
    :prints="prints"
  >
    <template #labels>
      <NumberField
        v-model="count"
        label="Labels to pin to swatches"
        :limit="[1, MOST_LABELS]"
        whole
      />
    </template>
  </PrintPanel>
</template>
