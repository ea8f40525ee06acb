<script setup lang="ts" generic="T extends string">
/** One of several choices; of many, one types what one looks for. Takes its errors from the form. */
const model = defineModel<T>({ required: true })
const {
  label,
  name = undefined,
  items,
  bare = false,
} = defineProps<{
  label: string
  /** Path in the record, in dots: what is wrong with it stands here. @defaultValue undefined */
  name?: string
  items: readonly { readonly value: T; readonly label: string }[]
  /** Shows the label to screen readers only. @defaultValue false */
  bare?: boolean
}>()
const MANY = 12
/** The kit's lists have no empty value: no choice goes by this one in them. */
const NO_CHOICE = '-'
const listed = computed((): { value: string; label: string }[] =>
  items.map(item => ({ ...item, value: item.value || NO_CHOICE })),
)
const chosen = computed<string>({
  get: () => model.value || NO_CHOICE,
  set: value => {
    model.value = (value === NO_CHOICE ? '' : value) as T
  },
})
</script>

<template>
  <UFormField
    :name="name"
    :label="label"
    :ui="bare ? { labelWrapper: 'sr-only' } : {}"
  >
    <USelectMenu
      v-if="items.length > MANY"
      v-model="chosen"
      role="combobox"
      value-key="value"
      :aria-label="label"
      :items="listed"
      :search-input="{ placeholder: 'Search', icon: 'i-lucide-search' }"
    />
    <USelect
      v-else
      v-model="chosen"
      :items="listed"
    />
  </UFormField>
</template>
