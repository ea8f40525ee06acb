<script setup lang="ts" generic="T extends string">
/** One question sewists disagree on: the choices with a line of reason each. */
const { legend, choices, chosen } = defineProps<{
  legend: string
  choices: readonly { readonly id: T; readonly name: string; readonly why: string }[]
  chosen: T
}>()
const emit = defineEmits<{ choose: [id: T] }>()
const items = computed((): { value: string; label: string; description: string }[] =>
  choices.map(({ id, name, why }) => ({ value: id, label: name, description: why })),
)
</script>

<template>
  <div class="school">
    <URadioGroup
      :legend="legend"
      :items="items"
      :model-value="chosen as string"
      @update:model-value="emit('choose', $event as T)"
    />
    <slot />
  </div>
</template>

<style scoped>
.school {
  display: grid;
  gap: 6px;
  margin-bottom: 18px;
}
</style>
