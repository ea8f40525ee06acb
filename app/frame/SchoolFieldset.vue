<script setup lang="ts" generic="T extends string">
/** One question sewists disagree on: the choices with a line of reason each. */
const { legend, choices, chosen } = defineProps<{
  legend: string
  choices: readonly { readonly id: T; readonly name: string; readonly why: string }[]
  chosen: T
}>()
const emit = defineEmits<{ choose: [id: T] }>()
const group = useId()
</script>

<template>
  <fieldset class="school">
    <legend>{{ legend }}</legend>
    <label
      v-for="school in choices"
      :key="school.id"
    >
      <input
        type="radio"
        :name="group"
        :checked="chosen === school.id"
        @change="emit('choose', school.id)"
      />
      <span
        ><b>{{ school.name }}</b> <span class="hint">{{ school.why }}</span></span
      >
    </label>
    <slot />
  </fieldset>
</template>

<style scoped>
.school {
  display: grid;
  gap: 6px;
  margin-bottom: 18px;
}
legend {
  font-weight: 700;
  margin-bottom: 4px;
}
label {
  display: flex;
  gap: 10px;
  align-items: flex-start;
  min-height: 44px;
  padding: 6px 8px;
  border-radius: 8px;
  cursor: pointer;
}
label:hover {
  background: var(--paper);
}
input[type='radio'] {
  width: 20px;
  height: 20px;
  margin-top: 2px;
  accent-color: var(--mulberry);
  flex: none;
}
label .hint {
  display: block;
}
</style>
