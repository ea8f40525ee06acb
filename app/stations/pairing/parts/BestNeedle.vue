<script setup lang="ts">
import { leadingColour } from '#core/colour'
import { needleTag } from '#core/needle'
import { PRACTICE, type RankedNeedle, threadClassOf } from '#core/pairing'
import type { Thread } from '#shared/records'
import { lookOfNeedle } from '../needleLook'

/** Threads in the eye of one needle, how well they fit, why, and what to mind with them. */
const { one, threads, isToBuy } = defineProps<{
  one: RankedNeedle
  threads: readonly Thread[]
  isToBuy: boolean
}>()
const look = computed(() => lookOfNeedle(one))
const eyes = computed(() =>
  threads.map((thread, i) => ({
    hex: leadingColour(thread.colours) ?? '#8a7e7d',
    kind: thread.kind,
    thickness: one.fits[i]!.thickness,
  })),
)
const cautions = computed(() => [
  ...new Set(threads.flatMap(thread => PRACTICE[threadClassOf(thread)].cautions)),
])
const DECIDED_WORDS = { 'practice': 'by what sewists use', 'eye model': 'by the width of its eye' } as const
</script>

<template>
  <UCard
    as="section"
    class="best"
    aria-label="Thread in the eye"
  >
    <EyePicture
      :type="one.needle.type"
      :size-nm="one.needle.sizeNm"
      :eye-mm="one.fit.eyeMm"
      :threads="eyes"
    />
    <div>
      <p class="name serif">
        {{ isToBuy ? 'To buy: ' : '' }}{{ needleTag(one.needle) }} {{ one.needle.type }}
      </p>
      <p
        class="verdict"
        :style="{ color: look.ink }"
      >
        <UIcon :name="look.icon" /> <b>{{ look.word }}</b>{{ ' ' }}
        <span class="hint">{{ one.score }} of 100, {{ DECIDED_WORDS[one.fit.decidedBy] }}</span>
      </p>
      <ul class="reasons">
        <li
          v-for="reason in one.reasons"
          :key="reason"
        >
          {{ reason }}
        </li>
      </ul>
    </div>
    <p
      v-if="cautions.length > 0"
      class="cautions hint"
    >
      <UIcon name="i-lucide-hand" /> {{ cautions.join(' ') }}
    </p>
  </UCard>
</template>

<style scoped>
.best {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 8px 16px;
  align-items: start;
}
.cautions {
  grid-column: 1 / -1;
}
.cautions .iconify {
  vertical-align: -2px;
  color: var(--weld-text);
}
.name {
  font-size: 21px;
}
.verdict {
  display: flex;
  align-items: center;
  flex-wrap: wrap;
  gap: 6px;
}
.reasons {
  margin-top: 4px;
  display: grid;
  gap: 3px;
  font-size: 14.5px;
  line-height: 1.3;
}
@media (max-width: 640px) {
  .best {
    grid-template-columns: 1fr;
  }
}
</style>
