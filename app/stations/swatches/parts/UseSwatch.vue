<script setup lang="ts">
import { formatShort } from '#core/units'
import type { Swatch } from '#shared/records'

/** A swatch from another machine: whose machine is the piece in hand set up on? */
const { swatch } = defineProps<{ swatch: Swatch }>()
const emit = defineEmits<{ done: [] }>()
const swatches = useSwatchStore()
const inHand = useInHandStore()
const { offerUndo } = useShelf()
const here = computed(() => inHand.parts.machine?.name ?? 'This machine')
const there = computed(() => swatch.frozen.machine?.name ?? 'the swatch’s machine')
const guess = computed(() => inHand.parts.machine && swatches.guessOn(swatch, inHand.parts.machine))
const guessWords = computed(() =>
  guess.value === null ? 'no tension, its dial is not known' : `tension ${formatShort(guess.value)}, a guess`,
)
const sewnWords = computed(() => {
  const { tension } = swatch.setup
  return tension === null ? 'no tension kept' : `tension ${formatShort(tension)}, as kept`
})
function useHere(): void {
  swatches.useHere(swatch)
  emit('done')
  void offerUndo(`On ${here.value}: ${guessWords.value}`)
}
function useThere(): void {
  swatches.use(swatch)
  emit('done')
  void offerUndo(`On ${there.value}: ${sewnWords.value}`)
}
</script>

<template>
  <UModal
    :open="true"
    title="On which machine?"
    :description="`“${swatch.name}” was sewn on ${there}.`"
    @update:open="emit('done')"
  >
    <template #body>
      <div class="grid gap-3">
        <UButton
          :label="`Stay on ${here}: ${guessWords}`"
          @click="useHere"
        />
        <UButton
          variant="outline"
          :label="`Change to ${there}: ${sewnWords}`"
          @click="useThere"
        />
        <p class="hint">On another machine sew a trial row first: the number is carried over.</p>
      </div>
    </template>
  </UModal>
</template>
