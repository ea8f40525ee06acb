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
      <UCheckbox
        :model-value="false"
        :description="item.why"
        @update:model-value="emit('done', item)"
      >
        <template #label
          ><b>{{ item.message }}</b></template
        >
      </UCheckbox>
    </li>
  </ol>
</template>
