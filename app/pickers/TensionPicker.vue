<script setup lang="ts">
import { formatShort, parseDecimal } from '#core/units'
import { BOBBIN_TENSIONS } from '#core/terms'

const bench = useBenchStore()
const dial = computed(() => bench.parts.machine?.tensionDial ?? null)
const carried = computed(() => bench.verdict.reasons.find(({ code }) => code === 'tension-carried') ?? null)
const HOW_WORDS = {
  typed: 'As you set it.',
  sewn: 'From a row that was sewn.',
  start: 'A value to start with: not sewn yet.',
} as const
const from = computed(() => {
  const { tension, tensionFrom } = bench.setup
  return tension === null || tensionFrom === null ? '' : HOW_WORDS[tensionFrom.how]
})
const text = ref(bench.setup.tension === null ? '' : formatShort(bench.setup.tension))
const problem = computed(() => {
  if (text.value.trim() === '') return null
  const value = parseDecimal(text.value)
  const [min, max] = dial.value ? [dial.value.min, dial.value.max] : [-20, 20]
  return Number.isFinite(value) && value >= min && value <= max
    ? null
    : `Tension goes from ${min} to ${max}${dial.value ? ' on this dial' : ''}.`
})
function set(): void {
  if (problem.value) return
  bench.update('Set the tension', {
    tension: text.value.trim() === '' ? null : parseDecimal(text.value),
  })
}
function goHome(home: number): void {
  text.value = formatShort(home)
  set()
}
</script>

<template>
  <form
    novalidate
    class="grid gap-3"
    @submit.prevent="set"
  >
    <h2 class="serif text-xl">Tension</h2>
    <div>
      <label
        class="field-label"
        for="tension"
        >On this machine’s dial</label
      >
      <UInput
        id="tension"
        v-model="text"
        inputmode="decimal"
        autocomplete="off"
        placeholder="not set"
        @change="set"
      />
    </div>
    <p
      v-if="problem"
      role="alert"
      class="strikes-ink hint"
    >
      {{ problem }}
    </p>
    <p
      v-if="carried"
      role="status"
      class="hint"
    >
      <b>{{ carried.message }}</b> Setting it here says that it is right for this.
    </p>
    <p
      v-else-if="from"
      class="hint"
    >
      {{ from }}
    </p>
    <p class="hint">
      <template v-if="dial"
        >Home is {{ formatShort(dial.home) }}, the dial goes from {{ formatShort(dial.min) }} to
        {{ formatShort(dial.max) }}.</template
      ><template v-else>This machine’s dial is not known: add its home under Machine.</template>
      A number means nothing without its machine.
    </p>
    <SelectField
      :model-value="bench.setup.bobbinTension"
      label="Bobbin tension"
      :items="BOBBIN_TENSIONS.map(value => ({ value, label: value }))"
      @update:model-value="bench.update('Note the bobbin tension', { bobbinTension: $event })"
    />
    <div class="flex gap-2">
      <UButton
        type="submit"
        label="Set"
        icon="i-lucide-check"
      />
      <UButton
        v-if="dial"
        variant="outline"
        :label="`Back to home, ${formatShort(dial.home)}`"
        @click="goHome(dial.home)"
      />
    </div>
  </form>
</template>
