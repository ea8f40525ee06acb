<script setup lang="ts" generic="T extends string">
import { unrefElement } from '@vueuse/core'
import type { ComponentPublicInstance } from 'vue'

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
const chosen = computed<string>({
  get: () => model.value || NO_CHOICE,
  set: value => {
    model.value = (value === NO_CHOICE ? '' : value) as T
  },
})
/** Until someone is near it is a button that looks like the list: the kit's own is made of twenty parts. */
const isNear = ref(false)
const opensAtOnce = ref(false)
const field = useTemplateRef<HTMLElement | ComponentPublicInstance>('field')
const said = computed(() => listed.value.find(({ value }) => value === chosen.value)?.label)
async function come(how: 'near' | 'focused' | 'opened'): Promise<void> {
  opensAtOnce.value = how === 'opened'
  isNear.value = true
  if (how === 'near') return
  await nextTick()
  unrefElement(field)?.querySelector<HTMLElement>('[role="combobox"]')?.focus()
}
</script>

<template>
  <UFormField
    ref="field"
    :name="name"
    :label="label"
    :ui="bare ? { labelWrapper: 'sr-only' } : {}"
  >
    <ListButton
      v-if="!isNear"
      :said="said"
      @come="come"
    />
    <USelectMenu
      v-else-if="items.length > MANY"
      v-model="chosen"
      role="combobox"
      value-key="value"
      :aria-label="label"
      :items="listed"
      :default-open="opensAtOnce"
      :search-input="{ placeholder: 'Search', icon: 'i-lucide-search' }"
    />
    <USelect
      v-else
      v-model="chosen"
      :items="listed"
      :default-open="opensAtOnce"
    />
  </UFormField>
</template>
