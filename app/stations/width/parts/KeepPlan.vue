<script setup lang="ts">
import { MOST_NAME, nameField } from '#shared/fields'
import { formatNumber } from '#core/units'
import { newId } from '~/utils/id'

const book = useBookStore()
const bench = useBenchStore()
const { sayStored } = useStoredWords()
const open = ref(false)
const name = ref('')
const problem = ref('')

function start(): void {
  name.value = [
    bench.parts.stitch?.name,
    bench.parts.needle && bench.parts.needle.construction !== 'single'
      ? formatNumber(bench.parts.needle.gapMm, 1)
      : '',
    bench.parts.machine?.name,
  ]
    .filter(Boolean)
    .join(' · ')
    .slice(0, MOST_NAME)
  open.value = true
}
function keep(): void {
  const parsed = nameField.safeParse(name.value)
  problem.value = parsed.success ? '' : `Name ${parsed.error.issues[0]?.message}.`
  if (!parsed.success) return
  const { id: _, ...setup } = bench.setup
  const id = newId('plan')
  const stored = book.commit(`Keep ${parsed.data}`, [
    {
      table: 'plans',
      id,
      record: { id, name: parsed.data, setup, keptAt: new Date().toISOString(), note: '' },
    },
  ])
  open.value = false
  void sayStored(`Kept as “${parsed.data}”`, { kept: stored })
}
useKeys({ keepPlan: start })
</script>

<template>
  <PopPanel
    v-model:open="open"
    label="Keep this plan"
    align="end"
  >
    <UButton
      icon="i-lucide-bookmark"
      label="Keep this plan"
      @click="start"
    />
    <template #content>
      <form
        novalidate
        @submit.prevent="keep"
      >
        <label
          class="field-label"
          for="plan-name"
          >Keep it under a name</label
        >
        <UInput
          id="plan-name"
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
          label="Keep"
          icon="i-lucide-check"
          class="mt-3"
        />
      </form>
    </template>
  </PopPanel>
</template>
