<script setup lang="ts">
import { threadNeedsOf } from '#shared/inputs'

/** Thread needed for the seam on the bench. */
const book = useBookStore()
const bench = useBenchStore()
const needs = computed(() => bench.seam && threadNeedsOf(bench.seam, bench.setup, book.shelf))
</script>

<template>
  <ThreadNeeded
    :seam="bench.seam"
    :needs="needs"
    :seam-m="bench.setup.seamM"
    @seam="bench.update('Set the seam', { seamM: $event }, 'seam')"
  />
</template>
