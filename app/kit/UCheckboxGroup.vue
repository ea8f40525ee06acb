<script setup lang="ts" generic="T extends string">
import { checkboxGroupLook } from './tickLooks'

/** Where a key goes among the boxes. */
const KEYS: Record<string, (at: number, last: number) => number> = {
  ArrowDown: (at, last) => Math.min(at + 1, last),
  ArrowRight: (at, last) => Math.min(at + 1, last),
  ArrowUp: at => Math.max(at - 1, 0),
  ArrowLeft: at => Math.max(at - 1, 0),
  Home: () => 0,
  End: (_, last) => last,
}
/** The kit's group of boxes to tick: Tab comes to one of them, the arrows go on from there. */
const model = defineModel<readonly T[]>({ required: true })
const { items, legend = undefined } = defineProps<{
  items: readonly { readonly value: T; readonly label: string; readonly description?: string }[]
  legend?: string
}>()
const look = checkboxGroupLook({ orientation: 'vertical' })
const at = ref(0)
const root = useTemplateRef<HTMLElement>('root')
function tick(value: T, isTicked: boolean): void {
  model.value = isTicked ? [...model.value, value] : model.value.filter(one => one !== value)
}
function go(event: KeyboardEvent): void {
  const to = KEYS[event.key]?.(at.value, items.length - 1)
  if (to === undefined) return
  event.preventDefault()
  root.value?.querySelectorAll<HTMLElement>('[role="checkbox"]')[to]?.focus()
}
</script>

<template>
  <div
    ref="root"
    data-slot="root"
    :class="look.root"
  >
    <fieldset
      data-slot="fieldset"
      :class="look.fieldset"
      @keydown="go"
    >
      <legend
        v-if="legend"
        data-slot="legend"
        :class="look.legend"
      >
        {{ legend }}
      </legend>
      <UCheckbox
        v-for="(item, i) in items"
        :key="item.value"
        :model-value="model.includes(item.value)"
        :label="item.label"
        :description="item.description"
        :class="look.item"
        :tabindex="i === at ? 0 : -1"
        @focus="at = i"
        @update:model-value="tick(item.value, $event)"
      />
    </fieldset>
  </div>
</template>
