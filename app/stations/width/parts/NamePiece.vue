<script setup lang="ts">
import { MOST_NAME, nameField } from '#shared/fields'
import { formatNumber } from '#core/units'

/** The piece in hand gets a name; it is kept with or without. */
const inHand = useInHandStore()
const { sayStored } = useStoredWords()
const open = ref(false)
const name = ref('')
const problem = ref('')

function start(): void {
  name.value = inHand.piece.name || usualName()
  open.value = true
}
function usualName(): string {
  return [
    inHand.parts.stitch?.name,
    inHand.parts.needle && inHand.parts.needle.construction !== 'single'
      ? formatNumber(inHand.parts.needle.gapMm, 1)
      : '',
    inHand.parts.machine?.name,
  ]
    .filter(Boolean)
    .join(' · ')
    .slice(0, MOST_NAME)
}
function keep(): void {
  const parsed = nameField.safeParse(name.value)
  problem.value = parsed.success ? '' : `Name ${parsed.error.issues[0]?.message}.`
  if (!parsed.success) return
  const kept = inHand.change(`Name it ${parsed.data}`, { name: parsed.data })
  open.value = false
  void sayStored(`Kept as “${parsed.data}”`, { kept })
}
useKeys({ namePiece: start })
</script>

<template>
  <PopPanel
    v-model:open="open"
    label="Name this piece"
    align="end"
  >
    <UButton
      icon="i-lucide-bookmark"
      label="Name this piece"
      @click="start"
    />
    <template #content>
      <form
        novalidate
        @submit.prevent="keep"
      >
        <label
          class="field-label"
          for="piece-name"
          >Its name</label
        >
        <UInput
          id="piece-name"
          v-model="name"
          autocomplete="off"
          autofocus
        />
        <p
          v-if="problem"
          role="alert"
          class="hint strikes-ink"
        >
          {{ problem }}
        </p>
        <UButton
          type="submit"
          label="Keep the name"
          icon="i-lucide-check"
          class="mt-3"
        />
      </form>
    </template>
  </PopPanel>
</template>
