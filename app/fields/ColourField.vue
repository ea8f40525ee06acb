<script setup lang="ts">
/** A colour; behind its button it is picked with a pointer or typed. */
const model = defineModel<string>({ required: true })
const {
  label,
  name = undefined,
  bare = false,
} = defineProps<{
  label: string
  /** Path in the record, in dots: what is wrong with it stands here. @defaultValue undefined */
  name?: string
  /** Shows the label to screen readers only. @defaultValue false */
  bare?: boolean
}>()
</script>

<template>
  <UFormField
    :name="name"
    :label="label"
    :ui="bare ? { labelWrapper: 'sr-only' } : {}"
  >
    <PopPanel :label="label">
      <template #default="{ toggle, opened }">
        <UButton
          variant="outline"
          color="neutral"
          :aria-label="`${label}: ${model}, change`"
          class="w-16 p-1.5"
          v-bind="opened"
          @click="toggle"
          ><span
            class="swatch block h-8 w-full rounded"
            :style="{ background: model }"
        /></UButton>
      </template>
      <template #content>
        <div class="grid gap-3">
          <UColorPicker v-model="model" />
          <UInput
            v-model.trim="model"
            :aria-label="label"
            autocomplete="off"
            spellcheck="false"
            placeholder="#8a7e7d"
          />
        </div>
      </template>
    </PopPanel>
  </UFormField>
</template>
