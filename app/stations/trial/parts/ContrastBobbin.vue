<script setup lang="ts">
import { contrastBobbinOf } from '#shared/inputs'

/** With one colour above and below, which thread shows is hard to see: a bobbin of another colour tells. */
const { isFirst } = defineProps<{
  /** Before the first row a bobbin can be changed: later the rows would no longer compare. */
  isFirst: boolean
}>()
const inHand = useInHandStore()
const book = useBookStore()
const { offerUndo } = useShelf()
const above = computed(() =>
  Object.values(inHand.setup.threadIds).flatMap(id => book.shelf.threads.get(id ?? '') ?? []),
)
const contrast = computed(() => contrastBobbinOf(inHand.setup, above.value, book.shelf))
function put(threadId: string, name: string): void {
  inHand.update(`${name} on the bobbin`, { bobbinId: threadId })
  void offerUndo(`${name} on the bobbin`)
}
</script>

<template>
  <p
    v-if="contrast.looksAlike"
    class="alike"
  >
    <UIcon name="i-lucide-info" />
    <span
      >Bobbin and needle thread have one colour. The drawings show the bobbin in another tone, to tell them
      apart.<template v-if="isFirst">
        A bobbin of another colour makes the strip easy to read.</template
      ></span
    >
    <UButton
      v-if="isFirst && contrast.wound"
      size="sm"
      variant="outline"
      icon="i-lucide-disc-3"
      :label="`Put in ${contrast.wound.bobbinName}, ${contrast.wound.name}`"
      @click="put(contrast.wound.threadId, contrast.wound.name)"
    />
  </p>
</template>

<style scoped>
.alike {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 10px;
  font-size: 15px;
}
.alike span {
  flex: 1 1 240px;
}
</style>
