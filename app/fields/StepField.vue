<script setup lang="ts">
const {
  label,
  value,
  title = '',
  typed = false,
} = defineProps<{
  label: string
  value: string
  title?: string
  /** Whether the value may be typed too. @defaultValue false */
  typed?: boolean
}>()
const emit = defineEmits<{ step: [by: number]; type: [text: string] }>()
const text = ref(value)
watch(
  () => value,
  now => {
    text.value = now
  },
)
</script>

<template>
  <div
    role="group"
    :aria-label="label"
    :title="title || undefined"
  >
    <span class="name">{{ label }}</span>
    <div class="field">
      <button
        type="button"
        :aria-label="`${label} less`"
        @click="emit('step', -1)"
      >
        −
      </button>
      <input
        v-if="typed"
        v-model="text"
        :aria-label="label"
        inputmode="decimal"
        autocomplete="off"
        @change="emit('type', text)"
      />
      <output
        v-else
        aria-live="polite"
        >{{ value }}</output
      >
      <button
        type="button"
        :aria-label="`${label} more`"
        @click="emit('step', 1)"
      >
        +
      </button>
    </div>
  </div>
</template>

<style scoped>
.name {
  font-size: 13px;
  font-weight: 650;
}
.field {
  display: flex;
  align-items: center;
  min-height: 44px;
  border: 1.5px solid var(--line-strong);
  border-radius: 10px;
  background: var(--white);
}
.field button {
  flex: none;
  width: 32px;
  min-height: 44px;
  font-size: 20px;
  cursor: pointer;
}
.field output,
.field input {
  flex: 1;
  width: 100%;
  min-width: 0;
  text-align: center;
  font-weight: 600;
  font-size: 15px;
  white-space: nowrap;
}
</style>
