<script setup lang="ts">
import { demoRemoval, hasDemo } from '#shared/records'
import { useLate } from '~/asking/useLate'

/** The demo in and out, and everything out. */
const book = useBookStore()
const { offerUndo } = useShelf()
const asking = ref(false)
const late = useLate()
async function loadDemo(): Promise<void> {
  await late('The demo', () => book.loadDemo(), loadDemo)
}
const ask = (now: boolean) => {
  asking.value = now
}
const demoIsIn = computed(() => hasDemo(book.tables))

const WIPE_WARNING =
  'Everything in this browser goes. Export first if you want to keep it; '
  + 'undo works until you close this tab.'
async function removeDemo(): Promise<void> {
  await offerUndo('The demo is out', book.commit('Remove the demo', demoRemoval(book.tables)))
}
async function wipe(): Promise<void> {
  asking.value = false
  await offerUndo('The book is empty', book.wipe())
}
</script>

<template>
  <UCard
    as="section"
    aria-labelledby="demo-head"
  >
    <h2 id="demo-head">Demo and clean slate</h2>
    <p>
      The demo is the costume room of an invented operetta company. It has four machines, fifteen needles, and
      a season’s plans and swatches. Nothing in it was sewn.
    </p>
    <div class="buttons">
      <UButton
        v-if="!demoIsIn"
        variant="outline"
        icon="i-lucide-drama"
        label="Load the demo"
        @click="loadDemo"
      />
      <UButton
        v-else
        variant="outline"
        icon="i-lucide-eraser"
        label="Remove the demo"
        @click="removeDemo"
      />
      <UButton
        variant="outline"
        color="error"
        icon="i-lucide-trash-2"
        label="Empty the book"
        :disabled="book.isEmpty"
        @click="ask(true)"
      />
    </div>
    <p class="hint">What your plans use stays when the demo goes.</p>
    <UModal
      v-model:open="asking"
      title="Empty the book?"
      :description="WIPE_WARNING"
    >
      <template #footer>
        <UButton
          color="error"
          label="Empty it"
          @click="wipe"
        />
        <UButton
          variant="outline"
          label="Keep it"
          @click="ask(false)"
        />
      </template>
    </UModal>
  </UCard>
</template>
