<script setup lang="ts">
const { label, value, title = '' } = defineProps<{ label: string; value: string; title?: string }>()
const emit = defineEmits<{ step: [by: number] }>()
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
      <output aria-live="polite">{{ value }}</output>
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
  width: 36px;
  min-height: 44px;
  font-size: 20px;
  cursor: pointer;
}
.field output {
  flex: 1;
  text-align: center;
  font-weight: 600;
  font-size: 15px;
  white-space: nowrap;
}
</style>
