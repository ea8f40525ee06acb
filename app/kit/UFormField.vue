<script setup lang="ts">
import {
  formErrorsInjectionKey,
  formFieldInjectionKey,
  formInputsInjectionKey,
  inputIdInjectionKey,
} from '@nuxt/ui/composables/useFormField'
import { type FIELD_PARTS, fieldLook } from './fieldLooks'

/** The kit's field around a control, in one component where the kit mounts four. */
const {
  as = 'div',
  name = undefined,
  label = undefined,
  hint = undefined,
  help = undefined,
  error = undefined,
  ui = {},
} = defineProps<{
  as?: string
  /** Path in the record: what the form finds wrong there stands here. */
  name?: string
  label?: string
  hint?: string
  help?: string
  error?: string
  /** Classes from outside: they win over the kit's. */
  ui?: Partial<Record<(typeof FIELD_PARTS)[number], string>>
}>()
const formErrors = inject(formErrorsInjectionKey, null)
const formInputs = inject(formInputsInjectionKey, undefined)
const wrong = computed(() => error || formErrors?.value?.find(one => one.name === name)?.message)
const ariaId = useId()
/** A control with an id of its own says so. */
const id = ref<string | undefined>(ariaId)
watch(
  id,
  now => {
    if (formInputs && name) formInputs.value[name] = { id: now }
  },
  { immediate: true },
)
provide(inputIdInjectionKey, id)
provide(
  formFieldInjectionKey,
  computed(() => ({ error: wrong.value, name, hint, help, ariaId })),
)
const look = computed(() => fieldLook({}, ui))
</script>

<template>
  <component
    :is="as"
    data-slot="root"
    :class="look.root"
  >
    <div
      data-slot="wrapper"
      :class="look.wrapper"
    >
      <div
        v-if="label"
        data-slot="labelWrapper"
        :class="look.labelWrapper"
      >
        <label
          :for="id"
          data-slot="label"
          :class="look.label"
          >{{ label }}</label
        >
        <span
          v-if="hint"
          :id="`${ariaId}-hint`"
          data-slot="hint"
          :class="look.hint"
          >{{ hint }}</span
        >
      </div>
    </div>
    <div :class="label ? look.container : ''">
      <slot :error="wrong" />
      <div
        v-if="wrong"
        :id="`${ariaId}-error`"
        data-slot="error"
        :class="look.error"
      >
        {{ wrong }}
      </div>
      <div
        v-else-if="help"
        :id="`${ariaId}-help`"
        data-slot="help"
        :class="look.help"
      >
        {{ help }}
      </div>
    </div>
  </component>
</template>
