<script setup lang="ts">
import type { NeedleRecord } from '#shared/records'
import { seamOf, threadNeedsOf } from '#shared/inputs'

/** Thread needed for the seam of the piece in hand, with the needle that is in or one that is looked at. */
const { needle } = defineProps<{
  /** null: none of that construction is owned. */
  needle: NeedleRecord | null
}>()
const book = useBookStore()
const inHand = useInHandStore()
const settings = useSettingsStore()
const seam = computed(() =>
  needle ? seamOf({ ...inHand.setup, needleId: needle.id }, book.shelf, settings.record) : null,
)
const needs = computed(() => seam.value && threadNeedsOf(seam.value, inHand.setup, book.shelf))
</script>

<template>
  <ThreadNeeded
    :seam="seam"
    :needs="needs"
    :seam-m="inHand.setup.seamM"
    @seam="inHand.update('Set the seam', { seamM: $event }, 'seam')"
  />
</template>
