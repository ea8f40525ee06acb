<script setup lang="ts">
import type { RailTool } from './railTool'

/** What the rail can do on every page: as many leave no room for words beside their signs. */
const { tools } = defineProps<{ tools: readonly RailTool[] }>()
const emit = defineEmits<{ use: [tool: RailTool] }>()
</script>

<template>
  <div class="tools">
    <UButton
      v-for="tool in tools"
      :key="tool.icon"
      variant="ghost"
      color="neutral"
      :disabled="tool.isOff"
      :aria-pressed="tool.isOn"
      :aria-label="tool.name"
      :title="tool.name"
      @click="emit('use', tool)"
    >
      <UIcon :name="tool.icon" /><span aria-hidden="true">{{ tool.short ?? tool.name }}</span>
    </UButton>
  </div>
</template>

<style scoped>
.tools {
  margin-top: auto;
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 2px;
  padding-top: 6px;
}
.tools button {
  display: grid;
  place-items: center;
  align-content: center;
  gap: 1px;
  min-width: 0;
  min-height: 46px;
  padding: 0;
  border-radius: 8px;
  cursor: pointer;
  font-size: 14px;
  font-weight: 500;
  line-height: 1.1;
}
.tools .iconify {
  font-size: 20px;
}
.tools button:hover:enabled {
  background: var(--cloth);
}
.tools button[aria-pressed='true'] {
  background: var(--white);
  box-shadow: inset 0 0 0 1.5px var(--mulberry);
}
.tools button:disabled {
  color: var(--mute);
  cursor: default;
  opacity: 0.7;
}
/* Side by side and by their signs alone: below thirteen stations there is no room for words. */
@media (max-width: 1150px) {
  .tools {
    grid-template-columns: repeat(2, minmax(0, 1fr));
    padding-top: 2px;
  }
  .tools button {
    min-height: 44px;
  }
  .tools button > span:not(.iconify),
  /* Search and undo stay at hand, the rest is one press away. */
  .tools button:nth-child(n + 3) {
    display: none;
  }
}
@media (max-width: 640px) {
  .tools {
    display: none;
  }
}
</style>
