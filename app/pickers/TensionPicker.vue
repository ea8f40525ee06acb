<script setup lang="ts">
import { FARTHEST_MARK } from '#core/dial'
import { BOBBIN_TENSIONS, settingWord } from '#core/terms'
import { formatShort } from '#core/units'
import { tensionSource } from '#shared/setup'
import { useFieldProblems } from '~/fields/fieldProblems'

const book = useBookStore()
const inHand = useInHandStore()
const dial = computed(() => inHand.parts.machine?.tensionDial ?? null)
const carried = computed(() => inHand.verdict.reasons.find(({ code }) => code === 'tension-carried') ?? null)
const source = computed(() => tensionSource(inHand.setup, book.shelf))
const limit = computed((): readonly [number, number] =>
  dial.value ? [dial.value.min, dial.value.max] : [-FARTHEST_MARK, FARTHEST_MARK],
)
const tension = computed({
  get: () => inHand.setup.tension,
  set: value => set(value),
})
function set(value: number | null): void {
  inHand.update('Set the tension', { tension: value }, 'tension')
}
const { refuses } = useFieldProblems()
/** What was carried over is right for this once it is set here. */
function confirm(): void {
  if (!refuses()) set(inHand.setup.tension)
}
</script>

<template>
  <form
    novalidate
    class="grid gap-3"
    @submit.prevent="confirm"
  >
    <h2 class="serif text-xl">Tension</h2>
    <NumberField
      v-model="tension"
      label="On this machine’s dial"
      :limit="limit"
      optional
      placeholder="not set"
    />
    <p
      v-if="carried"
      role="status"
      class="hint"
    >
      <b>{{ carried.message }}</b> Setting it here says that it is right for this.
    </p>
    <p v-else-if="source">
      <SourceChip
        :of="source.of"
        about="Tension"
      >
        <p>{{ source.why }}</p>
      </SourceChip>
    </p>
    <p class="hint">
      <template v-if="dial"
        >Normal is {{ formatShort(dial.home) }} on this dial of {{ formatShort(dial.min) }} to
        {{ formatShort(dial.max) }}.</template
      ><template v-else> Add this machine’s normal tension under Machine.</template>
      Another machine needs another number.
    </p>
    <SelectField
      :model-value="inHand.setup.bobbinTension"
      label="Bobbin tension"
      :items="BOBBIN_TENSIONS.map(value => ({ value, label: settingWord(value) }))"
      @update:model-value="inHand.update('Note the bobbin tension', { bobbinTension: $event })"
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
        :label="`Back to normal, ${formatShort(dial.home)}`"
        @click="set(dial.home)"
      />
    </div>
  </form>
</template>
