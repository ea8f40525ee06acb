<script setup lang="ts">
import { JUMPS, STATIONS } from '~/stations'

const open = defineModel<boolean>('open', { required: true })
const KEYS = [
  ...JUMPS.map(({ key, name }) => [key, name] as const),
  ...STATIONS.flatMap(({ keys }) => keys),
  ['U', 'Millimetres or inches'],
  ['S', 'Schools'],
  ['L', 'Dim lamp'],
  ['Ctrl Z', 'Undo'],
  ['Ctrl Shift Z', 'Redo'],
  ['?', 'This sheet'],
] as const
</script>

<template>
  <UModal
    v-model:open="open"
    title="Keys"
    description="They work whenever you are not typing."
  >
    <template #body>
      <dl class="keys">
        <template
          v-for="[key, does] in KEYS"
          :key="key"
        >
          <dt>
            <kbd>{{ key }}</kbd>
          </dt>
          <dd>{{ does }}</dd>
        </template>
      </dl>
    </template>
  </UModal>
</template>

<style scoped>
.keys {
  display: grid;
  grid-template-columns: auto 1fr auto 1fr;
  gap: 8px 14px;
}
@media (max-width: 640px) {
  .keys {
    grid-template-columns: auto 1fr;
  }
}
kbd {
  font: inherit;
  font-weight: 650;
  padding: 2px 8px;
  border: 1.5px solid var(--line-strong);
  border-radius: 6px;
  background: var(--cloth);
  white-space: pre;
}
</style>
