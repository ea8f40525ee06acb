<script setup lang="ts">
import type { PutBackItem } from '#core/putback'

/** What to undo, in order; a tick says it is done. */
const { items } = defineProps<{ items: readonly PutBackItem[] }>()
const emit = defineEmits<{ done: [item: PutBackItem] }>()
</script>

<template>
  <ol>
    <li
      v-for="item in items"
      :key="item.part"
    >
      <label>
        <input
          type="checkbox"
          :checked="false"
          @change="emit('done', item)"
        />
        <span
          ><b>{{ item.message }}</b> <span class="hint">{{ item.why }}</span></span
        >
      </label>
    </li>
  </ol>
</template>

<style scoped>
label {
  display: flex;
  align-items: flex-start;
  gap: 12px;
  min-height: 48px;
  padding: 8px 4px;
  border-bottom: 1px solid var(--line);
  cursor: pointer;
}
li:last-child label {
  border-bottom: 0;
}
b {
  font-size: 17px;
  font-weight: 650;
}
.hint {
  display: block;
}
input {
  width: 24px;
  height: 24px;
  flex: none;
  accent-color: var(--mulberry);
  cursor: pointer;
}
</style>
