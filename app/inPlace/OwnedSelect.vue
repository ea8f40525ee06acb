<script setup lang="ts">
import { needleNameAndType } from '#core/needle'
import { type FormTable, RECORD_FORMS } from '~/pickers/recordForms'

/** One of the things one owns. What is not owned yet is added right here, and is the one chosen. */
const model = defineModel<string | null>({ required: true })
const {
  table,
  label,
  none = 'Not chosen',
} = defineProps<{
  table: Exclude<FormTable, 'bobbins'>
  label: string
  /** What no choice is called. @defaultValue 'Not chosen' */
  none?: string
}>()
const book = useBookStore()
const items = computed(() => [
  { value: '', label: none },
  ...[...book.shelf[table].values()]
    .map(owned => ({
      value: owned.id,
      label: 'construction' in owned ? needleNameAndType(owned) : owned.name,
    }))
    .sort((a, b) => a.label.localeCompare(b.label)),
])
const chosen = computed({
  get: () => model.value ?? '',
  set: id => {
    model.value = id || null
  },
})
const isAdding = ref(false)
function done(id: string | null): void {
  isAdding.value = false
  if (id !== null) model.value = id
}
</script>

<template>
  <div class="owned">
    <div class="line">
      <SelectField
        v-model="chosen"
        :label="label"
        :items="items"
        class="grow"
      />
      <UButton
        v-if="!isAdding"
        variant="ghost"
        icon="i-lucide-plus"
        :aria-label="`${label}: add one`"
        @click="
          () => {
            isAdding = true
          }
        "
      />
    </div>
    <section
      v-if="isAdding"
      class="adding"
      :aria-label="`${label}: a new one`"
    >
      <component
        :is="RECORD_FORMS[table]"
        :record="null"
        @done="done"
      />
    </section>
  </div>
</template>

<style scoped>
.owned {
  display: grid;
  gap: 8px;
  min-width: 0;
}
.line {
  display: flex;
  align-items: end;
  gap: 4px;
  min-width: 0;
}
.grow {
  flex: 1;
  min-width: 0;
}
.adding {
  padding: 10px;
  border: 1.5px solid var(--line);
  border-radius: 10px;
  background: var(--cloth);
}
</style>
