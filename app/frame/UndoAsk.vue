<script setup lang="ts">
import { obstaclesWords } from './obstacleWords'

/** What lies on another page, or has something newer over it, is not taken back unseen. */
const asked = useAskedUndo()
const said = computed(() => {
  const why = asked.value?.why ?? ''
  return typeof why === 'string' ? [why] : obstaclesWords(why)
})
function answer(way: (() => void) | null): void {
  asked.value = null
  way?.()
}
</script>

<template>
  <UModal
    v-if="asked"
    :open="true"
    :title="asked.title"
    :description="said[0]"
    @update:open="answer(null)"
  >
    <template #body>
      <p
        v-for="words in said.slice(1)"
        :key="words"
        class="mb-2"
      >
        {{ words }}
      </p>
      <div class="flex flex-wrap gap-2">
        <UButton
          v-for="({ label, way }, i) in asked.ways"
          :key="label"
          :variant="i === 0 ? 'solid' : 'outline'"
          :label="label"
          @click="answer(way)"
        />
        <UButton
          variant="outline"
          label="Leave it as it is"
          @click="answer(null)"
        />
      </div>
    </template>
  </UModal>
</template>
