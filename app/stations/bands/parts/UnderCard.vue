<script setup lang="ts">
import { colourDifference, colourLook } from '#core/colour'
import type { SetupContent } from '#shared/setup'

/** Sewn from the wrong side: what will be seen, and what is set otherwise. */
const { setup, isTwin } = defineProps<{
  setup: SetupContent
  isTwin: boolean
}>()
const book = useBookStore()
const bobbin = computed(() => book.shelf.threads.get(setup.bobbinId ?? '') ?? null)
const above = computed(() => book.shelf.threads.get(setup.threadIds.left ?? '') ?? null)
const matchWords = computed(() => {
  const [one, other] = [bobbin.value?.colours[0]?.hex, above.value?.colours[0]?.hex]
  if (!one || !other) return 'Choose both threads to see whether the needle’s thread shows as dots.'
  const look = colourLook(colourDifference(one, other))
  return look === 'shows'
    ? `${above.value!.name} shows as dots on ${bobbin.value!.name}: match the needle thread.`
    : `${above.value!.name} hardly shows on ${bobbin.value!.name}.`
})
</script>

<template>
  <UCard
    as="section"
    aria-label="Wrong side up"
    class="grid gap-2"
  >
    <header><h2>Wrong side up</h2></header>
    <ul class="grid gap-1">
      <li>
        Seen is what <b>{{ bobbin?.name ?? 'the bobbin’s thread' }}</b> lays, mirrored left to right: the
        picture shows the right side. Draw the lines on the wrong side.
      </li>
      <li>{{ matchWords }}</li>
      <li v-if="isTwin">
        A twin’s wrong side is a zigzag between the needle holes. Here that is the right side.
      </li>
      <li>
        Wind thick thread slowly and evenly. Lead it past the bobbin’s tension, or use a second case set
        looser (common practice). The machine’s own manual comes first.
      </li>
      <li>Pull both ends to the wrong side and tie them. Do not backtack.</li>
    </ul>
  </UCard>
</template>
