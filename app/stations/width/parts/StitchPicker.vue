<script setup lang="ts">
import { LateStitchSheet } from '~/asking/lateParts'

const inHand = useInHandStore()
const open = ref(false)
/** A stitch that was dropped is read in the sheet. */
const incoming = useIncomingTo()
watch(
  incoming,
  to => {
    if (to === 'stitch') open.value = true
  },
  { immediate: true },
)
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
        <span class="hint">{{ held }}length {{ inMm(inHand.setup.stitch.lengthMm) }}</span>
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
    <LateStitchSheet
      v-if="open"
      v-model:open="open"
    />
  </div>
</template>

<style scoped>
.line {
  display: flex;
  gap: 8px;
}
.line .pick {
  flex: 1;
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
