<script setup lang="ts">
import type { Source } from '#core/terms'

/**
 * Where a number comes from, as one small word behind it. What it rests on, and how sure that is, stands in
 * the slot, which opens on a press.
 */
const { of, about } = defineProps<{
  of: Source
  /** What the number is: “Width”. Those who do not see the chip beside it hear this. */
  about: string
}>()
defineSlots<{ default?: () => unknown }>()
</script>

<template>
  <PopPanel
    v-if="$slots.default"
    class="in-line"
    :label="`Where it comes from: ${about}`"
  >
    <template #default="{ toggle, opened }">
      <button
        type="button"
        class="chip"
        :data-source="of"
        :aria-label="`${of}: why, ${about}`"
        aria-haspopup="dialog"
        :aria-expanded="opened['aria-expanded']"
        @click="toggle"
      >
        {{ of }}
      </button>
    </template>
    <template #content>
      <div class="why">
        <slot />
      </div>
    </template>
  </PopPanel>
  <span
    v-else
    class="chip"
    :data-source="of"
    >{{ of }}</span
  >
</template>

<style scoped>
/* It stands behind its number, not below it. */
.in-line.in-line {
  display: inline-flex;
  flex: none;
}
.chip {
  position: relative;
  display: inline-block;
  padding: 0 7px;
  border: 1px solid var(--line-strong);
  border-radius: 999px;
  font: inherit;
  font-size: 14px;
  font-weight: 400;
  line-height: 20px;
  color: var(--mute);
  white-space: nowrap;
}
/* What nobody measured is drawn as a guess is drawn on cloth. */
.chip[data-source='rule'],
.chip[data-source='guess'],
.chip[data-source='not measured'] {
  border-style: dashed;
}
button.chip {
  z-index: 1;
  cursor: pointer;
  background: var(--white);
  text-decoration: underline dotted;
  text-underline-offset: 3px;
}
/* A small word, with room for a finger around it. */
button.chip::after {
  content: '';
  position: absolute;
  inset: -11px -6px;
}
.why {
  display: grid;
  gap: 6px;
  max-width: 340px;
  padding: 12px 14px;
  font-size: 15px;
  line-height: 1.35;
}
</style>
