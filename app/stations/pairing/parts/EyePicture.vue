<script setup lang="ts">
import { formatNumber } from '#core/units'
import { needleSizeLabel, type NeedleType } from '#core/needle'
import type { Thickness } from '#core/pairing'
import { leastSure, type ThreadKind } from '#core/thread'

/**
 * The thread in the eye, to scale: the blade, its clear eye, and the thread's cross-section; a flat metallic
 * as the band it is.
 */
const { type, sizeNm, eyeMm, threads } = defineProps<{
  type: NeedleType
  sizeNm: number
  eyeMm: number
  threads: readonly { readonly hex: string; readonly kind: ThreadKind; readonly thickness: Thickness }[]
}>()
const PX_PER_MM = 95
const CSS_PX_PER_MM = 96 / 25.4
const FILM_THICK_MM = 0.03
const EYE_LONG = 2.6
const bladeMm = computed(() => sizeNm / 100)
const across = computed(() => Math.max(bladeMm.value, ...threads.map(({ thickness }) => thickness.mm)) + 0.12)
const tall = computed(() => eyeMm * EYE_LONG + 0.16)
function threadWords({ kind, thickness }: (typeof threads)[number]): string {
  const thick = inMm(thickness.mm)
  return kind === 'film' ? `the flat metallic is a band ${thick} wide` : `the thread is ${thick} thick`
}
const label = computed(() => {
  const eye = `${type} ${needleSizeLabel(sizeNm)}: the eye is ${inMm(eyeMm)} wide`
  return `${eye}; ${threads.map(threadWords).join(', ')}.`
})
const thickWords = computed(() => {
  const mm = threads.map(({ thickness }) => bareMm(thickness.mm)).join(' and ')
  const isBand = threads.length > 0 && threads.every(({ kind }) => kind === 'film')
  return threads.length === 0 ? '' : `${isBand ? 'band' : 'thread'} ${mm} mm`
})
const source = computed(() => leastSure(threads.map(({ thickness }) => thickness.source)))
</script>

<template>
  <figure class="eyes">
    <div class="pictures">
      <svg
        v-for="(thread, i) in threads"
        :key="i"
        :width="across * PX_PER_MM"
        :height="tall * PX_PER_MM"
        :viewBox="`${-across / 2} ${-tall / 2} ${across} ${tall}`"
        role="img"
        :aria-label="label"
      >
        <rect
          :x="-bladeMm / 2"
          :y="-tall / 2"
          :width="bladeMm"
          :height="tall"
          fill="var(--plate)"
          stroke="var(--line-strong)"
          stroke-width="0.008"
        />
        <rect
          :x="-eyeMm / 2"
          :y="(-eyeMm * EYE_LONG) / 2"
          :width="eyeMm"
          :height="eyeMm * EYE_LONG"
          :rx="eyeMm / 2"
          fill="var(--hole)"
        />
        <rect
          v-if="thread.kind === 'film'"
          :x="-thread.thickness.mm / 2"
          :y="-FILM_THICK_MM / 2"
          :width="thread.thickness.mm"
          :height="FILM_THICK_MM"
          :fill="thread.hex"
          stroke="var(--white)"
          stroke-width="0.008"
        />
        <circle
          v-else
          cx="0"
          cy="0"
          :r="thread.thickness.mm / 2"
          :fill="thread.hex"
          stroke="var(--white)"
          stroke-width="0.012"
          :stroke-dasharray="thread.thickness.source === 'guess' ? '0.04 0.03' : undefined"
        />
      </svg>
    </div>
    <figcaption class="hint">
      eye {{ inMm(eyeMm) }}, {{ formatNumber(PX_PER_MM / CSS_PX_PER_MM, 0) }}× size<br />{{ thickWords }}
      <SourceChip
        v-if="threads.length > 0"
        :of="source"
        about="thread thickness"
      >
        <p
          v-for="(thread, i) in threads"
          :key="i"
        >
          {{ inMm(thread.thickness.mm) }}: {{ THICKNESS_WHY[thread.thickness.source] }}
        </p>
      </SourceChip>
    </figcaption>
  </figure>
</template>

<style scoped>
.pictures {
  display: flex;
  gap: 8px;
  justify-content: center;
}
figcaption {
  margin-top: 6px;
  text-align: center;
  line-height: 1.25;
}
</style>
