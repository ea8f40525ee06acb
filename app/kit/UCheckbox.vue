<script setup lang="ts">
import appConfig from '#build/app.config'
import { useFormField } from '@nuxt/ui/composables/useFormField'
import { normalizeClass } from 'vue'
import { checkboxLook } from './tickLooks'

/**
 * The kit's box to tick, in one component where the kit mounts eight; and the kit's makes the browser lay
 * out the whole page, to read the words that its label gives it anyway.
 */
defineOptions({ inheritAttrs: false })
const model = defineModel<boolean>({ default: false })
const {
  label = undefined,
  description = undefined,
  disabled = false,
} = defineProps<{ label?: string; description?: string; disabled?: boolean }>()
const slots = defineSlots<{ label?: () => unknown }>()
const field = useFormField({})
const fallback = useId()
const id = computed(() => field.id.value ?? fallback)
const kind = computed(() => ({ color: field.color.value, disabled }))
const look = computed(() => checkboxLook(kind.value))
const state = computed(() => (model.value ? 'checked' : 'unchecked'))
</script>

<template>
  <div
    data-slot="root"
    :class="checkboxLook(kind, { root: normalizeClass($attrs.class) }).root"
  >
    <div
      data-slot="container"
      :class="look.container"
    >
      <button
        :id="id"
        type="button"
        role="checkbox"
        :aria-checked="model"
        data-slot="base"
        :data-state="state"
        :disabled="disabled"
        :class="look.base"
        v-bind="{ ...$attrs, ...field.ariaAttrs.value, class: undefined }"
        @keydown.enter.prevent
        @click="model = !model"
      >
        <span
          v-if="model"
          data-slot="indicator"
          :data-state="state"
          :class="look.indicator"
          ><UIcon
            :name="appConfig.ui.icons.check"
            data-slot="icon"
            :class="look.icon"
        /></span>
      </button>
    </div>
    <div
      v-if="label || slots.label || description"
      data-slot="wrapper"
      :class="look.wrapper"
    >
      <label
        v-if="label || slots.label"
        :for="id"
        data-slot="label"
        :class="look.label"
        ><slot name="label">{{ label }}</slot></label
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
