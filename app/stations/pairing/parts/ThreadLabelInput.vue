<script setup lang="ts">
import { MOST_NAME } from '#shared/fields'
import {
  parseThreadLabel,
  shadeOf,
  THREAD_KINDS,
  threadDiameterMm,
  type ThreadCount,
  usualKindOf,
} from '#core/thread'
import { type Thread, UNKNOWN_THREAD } from '#shared/records'
import { newId } from '~/utils/id'

/** A thread by its label as printed: understood, said back, and put into the workbox and onto a blade. */
const { sides } = defineProps<{
  sides: readonly (readonly [side: 'left' | 'middle' | 'right', label: string])[]
}>()
const inHand = useInHandStore()
const text = ref('')
const hex = ref('#77294f')
const reading = computed(() => (text.value.trim() === '' ? null : parseThreadLabel(text.value)))
// A colour that is named is what it looks like, until another is chosen.
watch(text, now => {
  hex.value = shadeOf(now) ?? hex.value
})
const PLAIN_RUN_MM = 1000
const countWords = (count: ThreadCount) =>
  `${count.said}; taken as ${THREAD_KINDS[usualKindOf(count)].name.toLowerCase()}, about `
  + `${inMm(threadDiameterMm(count.tex, usualKindOf(count)))} thick by rule`

/** A fibre that is named without a count: how thick it is stays unknown. */
const bareKind = computed(() => {
  const now = reading.value
  return now && !now.ok && now.code === 'no-count' ? now.kind : null
})
function addCounted(count: ThreadCount): void {
  add({ kind: usualKindOf(count), tex: count.tex, texBasis: count.basis })
}
function add(made: Pick<Thread, 'kind' | 'tex' | 'texBasis'>): void {
  const id = newId('thread')
  const name = text.value.trim().slice(0, MOST_NAME)
  const side = sides.find(([one]) => inHand.setup.threadIds[one] === null)?.[0] ?? sides[0]![0]
  const record = {
    ...UNKNOWN_THREAD,
    id,
    name,
    ...made,
    label: name,
    colours: [{ hex: hex.value, runMm: PLAIN_RUN_MM }],
  }
  inHand.update(`Add ${name}`, { threadIds: { ...inHand.setup.threadIds, [side]: id } }, null, [
    { table: 'threads', id, record },
  ])
  text.value = ''
}
const readingWords = computed(() => {
  if (!reading.value) return ''
  if (reading.value.ok) return `${countWords(reading.value.count)}.`
  if (reading.value.code === 'ambiguous') return 'Which is it? The likely one stands first.'
  if (bareKind.value) return 'Which count? Type the number from the spool, or leave it open.'
  return reading.value.message
})
</script>

<template>
  <form
    novalidate
    @submit.prevent="reading?.ok && addCounted(reading.count)"
  >
    <div class="line">
      <ColourField
        v-model="hex"
        label="Its colour"
        bare
      />
      <UInput
        v-model="text"
        aria-label="Thread label from the spool"
        autocomplete="off"
        placeholder="add: 40 wt, pearl 12"
        class="flex-1"
      />
      <UButton
        type="submit"
        variant="outline"
        label="Add"
        :disabled="!reading?.ok"
      />
    </div>
    <p
      v-if="reading"
      role="status"
      class="hint"
      :class="{ 'strikes-ink': !reading.ok && reading.code !== 'ambiguous' && !bareKind }"
    >
      {{ readingWords }}
    </p>
    <div
      v-if="reading && !reading.ok && reading.code === 'ambiguous'"
      class="asks"
    >
      <UButton
        v-for="count in reading.readings"
        :key="count.said"
        size="sm"
        variant="outline"
        :label="count.said"
        @click="addCounted(count)"
      />
    </div>
    <UButton
      v-if="bareKind"
      size="sm"
      variant="outline"
      class="mt-1"
      :label="`${THREAD_KINDS[bareKind].name}, thickness not known`"
      @click="add({ kind: bareKind, tex: null, texBasis: null })"
    />
  </form>
</template>

<style scoped>
.line {
  display: flex;
  gap: 8px;
}
.asks {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-top: 4px;
}
</style>
