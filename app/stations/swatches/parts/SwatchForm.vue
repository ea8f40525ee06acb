<script setup lang="ts">
import { SWATCH_VERDICTS, type Swatch, swatchSchema } from '#shared/records'

/** Name, note and judgement of a kept swatch; what was sewn and read stays as it was. */
const { swatch } = defineProps<{ swatch: Swatch }>()
const emit = defineEmits<{ done: [] }>()
const { save } = useShelf()
const { sayStored } = useStoredWords()
const draft = reactive({ name: swatch.name, verdict: swatch.verdict, note: swatch.note })
const { drop } = useDraft(`swatch-${swatch.id}`, draft)
/** What another tab changed meanwhile, in what stands not here, stays. */
const begunFrom = swatch
const parsed = computed(() => swatchSchema.safeParse({ ...begunFrom, ...draft }))
const problemOf = (field: string) =>
  parsed.value.success ? undefined : parsed.value.error.issues.find(({ path }) => path[0] === field)?.message
const verdicts = SWATCH_VERDICTS.map(value => ({ value, label: value }))
function keep(): void {
  if (!parsed.value.success) return
  void sayStored('Swatch changed', { kept: save('swatches', parsed.value.data, begunFrom) })
  close()
}
function close(): void {
  drop()
  emit('done')
}
</script>

<template>
  <form
    novalidate
    class="grid gap-2"
    :aria-label="`Change ${swatch.name}`"
    @submit.prevent="keep"
  >
    <UFormField
      label="Name"
      :error="problemOf('name')"
    >
      <UInput
        v-model="draft.name"
        autocomplete="off"
      />
    </UFormField>
    <SelectField
      v-model="draft.verdict"
      label="Verdict"
      :items="verdicts"
    />
    <UFormField
      label="Note"
      :error="problemOf('note')"
    >
      <UInput
        v-model="draft.note"
        autocomplete="off"
      />
    </UFormField>
    <div class="flex gap-2">
      <UButton
        type="submit"
        size="sm"
        icon="i-lucide-check"
        label="Save"
        :disabled="!parsed.success"
      /><UButton
        size="sm"
        variant="ghost"
        label="Cancel"
        @click="close"
      />
    </div>
  </form>
</template>
