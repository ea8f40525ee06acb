<script setup lang="ts">
import { findStitch } from '#core/stitch'
import { LateStitchSheet } from '~/asking/lateParts'

const inHand = useInHandStore()
const { length } = useLength()
const open = ref(false)
const book = useBookStore()
/** A stitch that was dropped is read in the sheet. */
const incoming = useIncomingTo()
watch(
  incoming,
  to => {
    if (to === 'stitch') open.value = true
  },
  { immediate: true },
)
/** Before anything was kept, the stitches one begins with are one press away. */
const FIRST_STITCHES = ['straight', 'zigzag', 'serpentine'] as const
const isBeginning = computed(
  () => book.shelf.swatches.size === 0 && [...book.shelf.pieces.values()].every(({ name }) => name === ''),
)
const firsts = FIRST_STITCHES.map(id => findStitch(id)!)
const held = computed(() => {
  const { stitch } = inHand.parts
  return stitch && stitch.alignment !== 'centre' ? `held ${stitch.alignment} · ` : ''
})
</script>

<template>
  <div>
    <div class="line">
      <UButton
        variant="ghost"
        color="neutral"
        class="pick"
        @click="
          () => {
            open = true
          }
        "
      >
        <span>{{ inHand.parts.stitch?.name ?? 'Choose a stitch' }}</span>
        <span class="hint">{{ held }}length {{ length(inHand.setup.stitch.lengthMm) }}</span>
      </UButton>
      <!-- No tooltip: what shows one is no part of the first screen. -->
      <UButton
        variant="ghost"
        color="neutral"
        class="mirror"
        icon="i-lucide-flip-horizontal-2"
        title="Mirror the stitch"
        aria-label="Mirror"
        :aria-pressed="inHand.setup.stitch.mirror"
        @click="inHand.setStitch({ mirror: !inHand.setup.stitch.mirror })"
      />
    </div>
    <div
      v-if="isBeginning"
      class="firsts"
      role="group"
      aria-label="Stitches to begin with"
    >
      <UButton
        v-for="stitch in firsts"
        :key="stitch.id"
        size="sm"
        variant="outline"
        :label="stitch.name"
        :aria-pressed="inHand.setup.stitch.stitchId === stitch.id"
        @click="inHand.chooseStitch(stitch)"
      />
    </div>
    <LateStitchSheet
      v-if="open"
      v-model:open="open"
    />
  </div>
</template>

<style scoped>
.line,
.firsts {
  display: flex;
  gap: 8px;
}
.line .pick {
  flex: 1;
}
.firsts {
  flex-wrap: wrap;
  margin-top: 6px;
}
.mirror {
  border: 1.5px solid var(--line-strong);
  border-radius: 10px;
  background: var(--cloth);
}
.mirror[aria-pressed='true'] {
  border-color: var(--mulberry);
  box-shadow: 0 0 0 1.5px var(--mulberry);
}
</style>
