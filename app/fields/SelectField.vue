<script setup lang="ts" generic="T extends string">
/** One of several choices; of many, one types what one looks for. Takes its errors from the form. */
const model = defineModel<T>({ required: true })
const {
  label,
  name = undefined,
  items,
  bare = false,
  outside = () => 'gone from the book',
} = defineProps<{
  label: string
  /** Path in the record, in dots: what is wrong with it stands here. @defaultValue undefined */
  name?: string
  items: readonly { readonly value: T; readonly label: string }[]
  /** Shows the label to screen readers only. @defaultValue false */
  bare?: boolean
  /** What a choice that is not in the list is called: never its id. @defaultValue 'gone from the book' */
  outside?: (value: T) => string
}>()
const MANY = 12
/** The kit's lists have no empty value: no choice goes by this one in them. */
const NO_CHOICE = '-'
const listed = computed((): { value: string; label: string }[] => {
  const known = items.map(item => ({ ...item, value: item.value || NO_CHOICE }))
  const isListed = !model.value || items.some(({ value }) => value === model.value)
  return isListed ? known : [...known, { value: model.value, label: outside(model.value) }]
})
/**
 * Whether someone is about to choose. The kit draws every entry of a closed list out of sight: until then it
 * is given the chosen one only.
 */
const isNear = ref(false)
const come = () => {
  isNear.value = true
}
const drawn = computed(() =>
  isNear.value ? listed.value : listed.value.filter(({ value }) => value === chosen.value),
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
    @pointerenter="come"
    @pointerdown.capture="come"
    @focusin="come"
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
      :items="drawn"
    />
  </UFormField>
</template>
