<script setup lang="ts">
import type { Missing } from '#core/walk'
import { askedStop, type StopTitle } from '~/frame/askedStop'

/** What the walk cannot say yet: each a press that opens where it is chosen. */
const { missing } = defineProps<{ missing: readonly Missing[] }>()
const CHOSEN_AT: Readonly<Record<Missing['code'], StopTitle>> = {
  'machine': 'Machine',
  'needle': 'Needle',
  'side-hook': 'Needle',
  'foot': 'Foot and plate',
  'single-hole': 'Foot and plate',
  'threads': 'Spools',
  'bobbin': 'Bobbin',
  'tension': 'Tension',
  'stitch': 'Stitch',
  'strikes': 'Stitch',
}
function choose({ code }: Missing): void {
  askedStop.value = CHOSEN_AT[code]
}
</script>

<template>
  <section
    v-if="missing.length > 0"
    class="missing"
    aria-label="What is missing"
  >
    <b>Not all of it yet:</b>
    <UButton
      v-for="one in missing"
      :key="one.code"
      variant="link"
      size="sm"
      :label="one.message"
      :ui="{ label: 'whitespace-normal text-start underline' }"
      @click="choose(one)"
    />
  </section>
</template>

<style scoped>
.missing {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 2px 12px;
  margin-bottom: 12px;
  padding: 5px 14px;
  background: var(--close-bg);
  border: 1.5px solid var(--weld);
  border-radius: 12px;
  color: var(--ink);
}
</style>
