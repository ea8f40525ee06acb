<script setup lang="ts">
import { evidenceWords } from '#core/swing'
import { dayOf } from '~/utils/dates'

/** What the verdict rests on, and how sure that is. */
const { about } = defineProps<{ about: string }>()
const inHand = useInHandStore()
const handWalks = useHandWalksStore()
const walked = computed(() =>
  handWalks.latest
    ? `Turned through by hand ${dayOf(handWalks.latest.walkedAt)}.`
    : 'Not turned through by hand.',
)
</script>

<template>
  <SourceChip
    :of="inHand.verdict.evidence"
    :about="about"
  >
    <p>{{ evidenceWords(inHand.verdict) }}.</p>
    <p>{{ walked }}</p>
  </SourceChip>
</template>
