<script setup lang="ts">
import { verdictWords } from '#core/verdict'
import { JOB_LOOKS } from '~/utils/verdict'

/** The verdict on the setup, which leads to where what decides can be seen, and mended. */
const inHand = useInHandStore()
const look = computed(() => (inHand.result ? JOB_LOOKS[inHand.verdict.verdict] : null))
const words = computed(() => verdictWords(inHand.verdict))
/** What it says is read out; no other place says it again. */
const decidedAt = computed(() => (inHand.verdict.reasons[0]?.about === 'setup' ? '/pairing' : '/'))
</script>

<template>
  <NuxtLink
    :to="decidedAt"
    class="verdict"
    :class="{ rule: inHand.verdict.evidence === 'rule' }"
    :style="look ? { background: look.bg, borderColor: look.edge, color: look.ink } : {}"
    aria-live="polite"
  >
    <b
      ><UIcon
        v-if="look"
        :name="look.icon"
        class="sign"
      />{{ look?.word ?? 'No verdict' }}</b
    >
    <span>{{ words }}</span>
  </NuxtLink>
</template>

<style scoped>
.verdict {
  flex: none;
  min-width: 112px;
  max-width: 250px;
  min-height: 44px;
  padding: 4px 10px;
  border: 1.5px solid var(--line-strong);
  border-radius: 12px;
  line-height: 1.15;
  background: var(--white);
}
/* Not measured: drawn as a guess. */
.rule {
  border-style: dashed;
}
b {
  display: flex;
  align-items: center;
  gap: 6px;
  font-size: 17px;
}
span {
  font-size: 14px;
}
.sign {
  font-size: 19px;
}
@media (max-width: 640px) {
  .verdict {
    flex: 0 1 42%;
    padding: 3px 8px;
  }
  b {
    font-size: 15px;
  }
}
</style>
