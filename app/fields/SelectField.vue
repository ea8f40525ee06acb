<script setup lang="ts" generic="T extends string">
import type { Fault } from '~/asking/asker'
import type OpenList from './OpenList.vue'

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
const said = computed(() => listed.value.find(({ value }) => value === chosen.value)?.label)
/** Until someone comes it is a button that looks like the list: the kit's own is made of twenty parts. */
const opened = shallowRef<typeof OpenList | null>(null)
const how = ref<'near' | 'focused' | 'opened'>('near')
const fault = ref<Fault | null>(null)
async function come(now: typeof how.value): Promise<void> {
  fault.value = null
  // Whoever has the focus keeps it, wherever the pointer is.
  if (now !== 'near') how.value = now
  try {
    opened.value = (await import('./OpenList.vue')).default
  } catch {
    fault.value = 'not-loaded'
  }
}
</script>

<template>
  <UFormField
    :name="name"
    :label="label"
    :ui="bare ? { labelWrapper: 'sr-only' } : {}"
  >
    <component
      :is="opened"
      v-if="opened"
      v-model="chosen"
      :label="label"
      :items="listed"
      :how="how"
    />
    <ListButton
      v-else
      :said="said"
      @come="come"
    />
    <AskFault
      v-if="fault"
      what="The list to choose from"
      :fault="fault"
      @again="come('opened')"
    />
  </UFormField>
</template>
