<script setup lang="ts">
import { swatchFields } from '#shared/inputs'
import type { Swatch } from '#shared/records'

/** One swatch, large, with everything that is known of it. */
const { swatch } = defineProps<{ swatch: Swatch }>()
const emit = defineEmits<{ close: []; use: [] }>()
const fields = computed(() => swatchFields(swatch).filter(({ value }) => value !== ''))
</script>

<template>
  <UModal
    :open="true"
    :title="swatch.name"
    description="As it was sewn and read."
    :ui="{ content: 'max-w-3xl' }"
    @update:open="emit('close')"
  >
    <template #body>
      <div
        class="large"
        tabindex="0"
        role="group"
        :aria-label="swatch.name"
      >
        <SwatchPicture :swatch="swatch" />
        <dl>
          <template
            v-for="{ id, label, value } in fields"
            :key="id"
          >
            <dt>{{ label }}</dt>
            <dd>{{ value }}</dd>
          </template>
        </dl>
      </div>
    </template>
    <template #footer>
      <ShareButton
        :shared="{ table: 'swatches', id: swatch.id }"
        :name="swatch.name"
      />
      <UButton
        icon="i-lucide-arrow-up-to-line"
        :label="`Use the settings of ${swatch.name}`"
        @click="emit('use')"
      />
    </template>
  </UModal>
</template>

<style scoped>
.large {
  display: grid;
  grid-template-columns: minmax(160px, 280px) minmax(0, 1fr);
  gap: 18px;
  align-items: start;
}
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 2px 12px;
}
dt {
  color: var(--mute);
}
@media (max-width: 640px) {
  .large {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
