<script setup lang="ts">
import { JUMPS, STATIONS } from '~/stations'
import { EVERYWHERE, KEYS } from '~/utils/keys'

const open = defineModel<boolean>('open', { required: true })
const isOn = useKeysOn()
const rows = [
  ...JUMPS.map(({ key, name }) => ({ shown: key, does: name })),
  ...STATIONS.flatMap(({ keys }) => keys.map(id => KEYS[id])),
  ...EVERYWHERE.map(id => KEYS[id]),
]
const WHEN =
  'They work while you are not typing and no panel is open. '
  + 'Arrows go along the stations and the line-up.'
</script>

<template>
  <UModal
    v-model:open="open"
    title="Keys"
    :description="WHEN"
  >
    <template #body>
      <USwitch
        v-model="isOn"
        label="Single keys do something"
        description="Combinations with Ctrl always work."
        class="mb-4"
      />
      <dl class="keys">
        <template
          v-for="{ shown, does } in rows"
          :key="shown"
        >
          <dt>
            <UKbd :value="shown" />
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
</style>
