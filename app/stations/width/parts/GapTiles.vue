<script setup lang="ts">
import { describeNeedle, needleLabel } from '#core/needle'
import { isStraightOnly } from '#core/schools'
import { judgeSwing } from '#core/swing'
import { swingInputOf } from '#shared/inputs'
import type { NeedleRecord } from '#shared/records'
import { byConstructionAndGap, inTheCase } from '~/utils/needles'

/**
 * Every twin and triple owned, side by side, each with its own safe width or its refusal. Singles stand in
 * the line-up.
 */
const book = useBookStore()
const inHand = useInHandStore()
const settings = useSettingsStore()

const tiles = computed(() =>
  [...book.shelf.needles.values()]
    .filter(n => n.construction !== 'single' && inTheCase(n, inHand.setup.needleId))
    .sort(byConstructionAndGap)
    .map(needle => {
      const input = swingInputOf(inHand.setup, { ...inHand.parts, needle }, settings.record)
      const result = input && judgeSwing(input)
      return {
        needle,
        refused: result !== null && result.safeWidthMm === null,
        word: result ? wordFor(needle, result.safeWidthMm, result.verdict) : '',
      }
    }),
)

function wordFor(needle: NeedleRecord, safe: number | null, verdict: string): string {
  if (safe === null) return verdict === 'close' ? 'close' : 'hits'
  if (safe === 0) return 'straight'
  if (isStraightOnly(needle, settings.schools)) return 'straight'
  return `to ${limitMm(safe)}`
}

function next(): void {
  const index = tiles.value.findIndex(({ needle }) => needle.id === inHand.setup.needleId)
  const tile = tiles.value[(index + 1) % tiles.value.length]
  if (tile) inHand.update('Choose the needle', { needleId: tile.needle.id })
}
useKeys({ nextNeedle: next })
</script>

<template>
  <div
    v-if="tiles.length > 0"
    class="tiles"
    role="group"
    aria-label="Twin and triple needles I own"
  >
    <UButton
      v-for="{ needle, word, refused } in tiles"
      :key="needle.id"
      variant="ghost"
      color="neutral"
      class="tile"
      :class="{ no: refused, triple: needle.construction === 'triple' }"
      :aria-pressed="needle.id === inHand.setup.needleId"
      @click="inHand.update('Choose the needle', { needleId: needle.id })"
    >
      <span class="sr-only">{{ describeNeedle(needle) }}: </span>
      <b>{{ needle.construction === 'triple' ? '3× ' : '' }}{{ needleLabel(needle) }}</b>
      <em class="type">{{ needle.type }}</em>
      <em>{{ word }}</em>
    </UButton>
  </div>
</template>

<style scoped>
.tiles {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(76px, 1fr));
  gap: 6px;
  max-height: 240px;
  overflow-y: auto;
  scrollbar-width: thin;
  padding: 2px;
  margin: -2px;
}
.tile {
  display: block;
  min-height: 52px;
  min-width: 0;
  padding: 1px 2px;
  text-align: center;
  line-height: 1.1;
  background: var(--cloth);
  border: 1.5px solid var(--line-strong);
  border-radius: 10px;
  cursor: pointer;
}
.tile:hover {
  border-color: var(--mulberry);
}
.tile b {
  display: block;
  font-size: 15px;
  font-weight: 650;
}
.tile.triple b {
  font-size: 14px;
  white-space: nowrap;
}
.tile em {
  display: block;
  font-style: normal;
  font-weight: 450;
  font-size: 14px;
  color: var(--ink);
  white-space: nowrap;
}
.tile .type {
  color: var(--mute);
  font-size: 14px;
  white-space: normal;
  overflow-wrap: anywhere;
}
.tile[aria-pressed='true'] {
  border-color: var(--mulberry);
  box-shadow: 0 0 0 1.5px var(--mulberry);
  background: var(--white);
}
.tile.no {
  background: var(--strikes-bg);
  border-color: var(--madder);
}
.tile.no em:last-child {
  color: var(--madder-text);
  font-weight: 650;
}
</style>
