<script setup lang="ts">
import type { FormErrorEvent, FormErrorWithId } from '@nuxt/ui'
import type { FieldIssue } from '#shared/fields'
import { DRAFT } from '~/composables/useDraft'
import { useFieldProblems } from '~/fields/fieldProblems'

/** What every form of one record has: its fields, each with what is wrong with it, Save and Cancel. */
const {
  draft,
  check,
  withoutCancel = false,
} = defineProps<{
  draft: object
  /** What keeps the draft from being saved; path as the fields are named. */
  check: () => readonly FieldIssue[]
  /** Where there is nothing to go back to. @defaultValue false */
  withoutCancel?: boolean
}>()
const emit = defineEmits<{ save: []; cancel: [] }>()
const kept = inject(DRAFT, null)
const form = useTemplateRef('form')
const errors = shallowRef<readonly FormErrorWithId[]>([])
/** Errors of no field here stand at the foot. */
const unplaced = computed(() => errors.value.filter(({ id }) => id === undefined))
const typed = useFieldProblems()
/** What stands in a field and is no number comes first: the draft still holds what was there before. */
function validate() {
  const inFields = typed.all.value.map(({ name, label, problem }) => ({
    name: name ?? label,
    message: name ? problem! : `${label}: ${problem!}`,
  }))
  const inDraft = check().map(({ path, message }) => ({ name: path, message }))
  return [...inFields, ...inDraft.filter(({ name }) => !inFields.some(field => field.name === name))]
}

function refuse(event: FormErrorEvent): void {
  errors.value = event.errors
  const first = event.errors.find(({ id }) => id !== undefined)
  if (first?.id) document.getElementById(first.id)?.focus()
  else typed.refuses()
}
function cancel(): void {
  kept?.drop()
  emit('cancel')
}
function save(): void {
  errors.value = []
  emit('save')
}
// Once refused, what is mended says so at once.
watch(
  [() => draft, typed.all],
  async () => {
    if (errors.value.length === 0) return
    await form.value?.validate({ silent: true })
    errors.value = form.value?.getErrors() ?? []
  },
  { deep: true },
)
</script>

<template>
  <UForm
    ref="form"
    novalidate
    class="grid gap-3"
    :state="draft"
    :validate="validate"
    :validate-on="[]"
    :loading-auto="false"
    @submit="save"
    @error="refuse"
  >
    <p
      v-if="kept?.cameBack.value"
      role="status"
      class="hint"
    >
      What you had typed is back.
      <UButton
        variant="link"
        class="px-0 underline"
        @click="kept.startOver()"
      >
        Start over
      </UButton>
    </p>
    <slot />
    <div>
      <div
        v-if="errors.length > 0"
        role="alert"
        class="strikes-ink issues"
      >
        <p>Not saved yet: mend what is marked.</p>
        <p
          v-for="{ message } in unplaced"
          :key="message"
        >
          {{ message }}
        </p>
      </div>
      <div class="flex gap-2 mt-3">
        <UButton
          type="submit"
          label="Save"
          icon="i-lucide-check"
        />
        <UButton
          v-if="!withoutCancel"
          variant="outline"
          label="Cancel"
          @click="cancel"
        />
      </div>
    </div>
  </UForm>
</template>

<style scoped>
/* Whoever is sent to a field sees its label too. */
:deep(input),
:deep(select) {
  scroll-margin-block: 40px;
}
.issues {
  margin-top: 10px;
  font-size: 15px;
}
</style>
