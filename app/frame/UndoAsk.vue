<script setup lang="ts">
/** What lies on another page is not taken back unseen. */
const asked = useAskedUndo()
function answer(isYes: boolean): void {
  const { yes } = asked.value!
  asked.value = null
  if (isYes) yes()
}
</script>

<template>
  <UModal
    v-if="asked"
    :open="true"
    :title="asked.title"
    :description="`It was done at ${asked.where}, not on this page.`"
    @update:open="answer(false)"
  >
    <template #body>
      <div class="flex flex-wrap gap-2">
        <UButton
          :label="asked.label"
          @click="answer(true)"
        />
        <UButton
          variant="outline"
          label="Leave it as it is"
          @click="answer(false)"
        />
      </div>
    </template>
  </UModal>
</template>
