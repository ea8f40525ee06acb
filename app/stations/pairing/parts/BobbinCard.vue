<script setup lang="ts">
import { formatNumber } from '#core/units'
import type { BobbinAdvice, RankedBobbin } from '#core/pairing'

const { advice, ranked } = defineProps<{ advice: BobbinAdvice; ranked: readonly RankedBobbin[] }>()
const MOST = 4
const LOOK_WORDS = {
  'matches': 'same colour',
  'near': 'nearly the colour',
  // The patch of colour says it.
  'shows': '',
  'colour not known': 'colour not known',
} as const satisfies Record<RankedBobbin['look'], string>
const book = useBookStore()
const inHand = useInHandStore()
const rows = computed(() =>
  ranked.slice(0, MOST).flatMap(bobbin => {
    const thread = book.shelf.threads.get(bobbin.id)
    return thread ? [{ ...bobbin, thread }] : []
  }),
)
</script>

<template>
  <UCard
    as="section"
    aria-label="Bobbin"
  >
    <header>
      <h2>{{ advice.mode === 'bobbin work' ? 'Bobbin work' : 'Bobbin' }}</h2>
      <SourceChip
        of="rule"
        about="bobbin"
      >
        <p
          v-for="{ what, why } in advice.choices"
          :key="what"
        >
          <b>{{ what }}</b>: {{ why }}.
        </p>
        <p>Another colour shows where the bobbin thread comes up.</p>
      </SourceChip>
    </header>
    <ol class="choices">
      <li
        v-for="({ what }, i) in advice.choices"
        :key="what"
        :class="{ first: i === 0 }"
      >
        <b>{{ what }}</b>
      </li>
    </ol>
    <ol
      v-if="advice.steps.length > 0"
      class="steps"
    >
      <li
        v-for="step in advice.steps"
        :key="step"
      >
        {{ step }}
      </li>
    </ol>
    <ul
      class="owned"
      aria-label="Bobbin threads I own"
    >
      <li
        v-for="{ id, thread, look, deltaE } in rows"
        :key="id"
      >
        <span
          class="swatch"
          aria-hidden="true"
          :style="{ background: thread.colours[0]!.hex }"
        />
        <span class="words"
          ><b>{{ thread.name }}</b
          ><span
            class="hint"
            :title="deltaE === null ? undefined : `Colour difference CIEDE2000: ${formatNumber(deltaE, 1)}`"
            >{{ LOOK_WORDS[look] }}</span
          ></span
        >
        <UButton
          size="sm"
          variant="outline"
          :label="inHand.setup.bobbinId === id ? 'is in' : 'Use'"
          :aria-label="
            inHand.setup.bobbinId === id ? `is in: ${thread.name}` : `Use ${thread.name} on the bobbin`
          "
          :disabled="inHand.setup.bobbinId === id"
          @click="inHand.update('Choose the bobbin thread', { bobbinId: id })"
        />
      </li>
    </ul>
    <p
      v-if="rows.length === 0"
      class="hint"
    >
      You own none of these: {{ advice.choices[0]?.what }} is what to buy.
    </p>
  </UCard>
</template>

<style scoped>
.choices {
  font-size: 14px;
  display: grid;
  gap: 2px;
  line-height: 1.3;
}
.choices .first {
  font-size: 15px;
}
.steps {
  margin-top: 6px;
  padding: 6px 8px;
  border-radius: 8px;
  background: var(--close-bg);
  font-size: 14px;
  display: grid;
  gap: 3px;
}
.owned {
  display: grid;
  gap: 4px;
  margin-top: 8px;
}
.owned li {
  display: flex;
  align-items: center;
  gap: 8px;
}
.words {
  flex: 1;
  min-width: 0;
  line-height: 1.2;
  font-size: 14.5px;
}
.words .hint {
  display: block;
}
.swatch {
  flex: none;
  width: 22px;
  height: 22px;
  border-radius: 6px;
  border: 1px solid var(--line-strong);
}
</style>
