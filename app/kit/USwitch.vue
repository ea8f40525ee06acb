<script setup lang="ts">
import { useFormField } from '@nuxt/ui/composables/useFormField'
import { normalizeClass } from 'vue'
import { switchLook } from './tickLooks'

/** The kit's switch, in one component where the kit mounts eight and lays out the page for its label. */
defineOptions({ inheritAttrs: false })
const model = defineModel<boolean>({ default: false })
const {
  label = undefined,
  description = undefined,
  disabled = false,
} = defineProps<{ label?: string; description?: string; disabled?: boolean }>()
const field = useFormField({})
const fallback = useId()
const id = computed(() => field.id.value ?? fallback)
const kind = computed(() => ({ color: field.color.value, disabled }))
const look = computed(() => switchLook(kind.value))
const state = computed(() => (model.value ? 'checked' : 'unchecked'))
function flip(): void {
  model.value = !model.value
}
</script>

<template>
  <div
    data-slot="root"
    :class="switchLook(kind, { root: normalizeClass($attrs.class) }).root"
  >
    <div
      data-slot="container"
      :class="look.container"
    >
      <button
        :id="id"
        type="button"
        role="switch"
        :aria-checked="model"
        data-slot="base"
        :data-state="state"
        :disabled="disabled"
        :class="look.base"
        v-bind="{ ...$attrs, ...field.ariaAttrs.value, class: undefined }"
        @keydown.enter.prevent="flip"
        @click="flip"
      >
        <span
          data-slot="thumb"
          :data-state="state"
          :class="look.thumb"
        ></span>
      </button>
    </div>
    <div
      v-if="label || description"
      data-slot="wrapper"
      :class="look.wrapper"
    >
      <label
        v-if="label"
        :for="id"
        data-slot="label"
        :class="look.label"
        >{{ label }}</label
      >
      <p
        v-if="description"
        data-slot="description"
        :class="look.description"
      >
        {{ description }}
      </p>
    </div>
  </div>
</template>
