<script setup lang="ts">
import type { Bobbin } from '#shared/records'
import { orUnknown } from '~/utils/orUnknown'
import { newId } from '~/utils/id'
import ThreadForm from './ThreadForm.vue'

const { record } = defineProps<{ record: Bobbin | null }>()
const emit = defineEmits<{ done: [id: string | null] }>()
const book = useBookStore()
const { draft, check, save } = useRecordForm(
  'bobbins',
  record ?? {
    id: newId('bobbin'),
    name: '',
    threadId: null,
    woundM: null,
    holdsM: null,
    outerMm: null,
    coreMm: null,
    wideMm: null,
  },
  id => emit('done', id),
)
const threads = computed(() => [
  { value: '', label: 'empty' },
  ...[...book.shelf.threads.values()].map(({ id, name }) => ({ value: id, label: name })),
])
const threadId = orUnknown(
  () => draft.threadId,
  id => {
    draft.threadId = id
  },
)
/** What it was wound with is not owned yet: it is added first, and what was typed waits. */
const isAdding = ref(false)
function added(id: string | null): void {
  isAdding.value = false
  if (id !== null) draft.threadId = id
}
</script>

<template>
  <div>
    <section
      v-if="isAdding"
      aria-label="The thread it is wound with"
    >
      <ThreadForm
        :record="null"
        @done="added"
      />
    </section>
    <RecordForm
      v-show="!isAdding"
      :draft="draft"
      :check="check"
      @save="save"
      @cancel="emit('done', null)"
    >
      <TextField
        v-model="draft.name"
        name="name"
        label="Name"
        placeholder="colour, how full"
      />
      <div class="flex items-end gap-1">
        <SelectField
          v-model="threadId"
          class="grow"
          name="threadId"
          label="Wound with"
          :items="threads"
        />
        <UButton
          variant="ghost"
          icon="i-lucide-plus"
          aria-label="Wound with: add a thread"
          @click="
            () => {
              isAdding = true
            }
          "
        />
      </div>
      <div class="grid grid-cols-2 gap-2">
        <NumberField
          v-model="draft.woundM"
          name="woundM"
          label="On it now"
          limit="metres"
          optional
          unit="m"
        />
        <NumberField
          v-model="draft.holdsM"
          name="holdsM"
          label="Holds when full"
          limit="metres"
          optional
          unit="m"
        />
      </div>
      <p class="hint">Known or weighed is best. Otherwise measure its winding space:</p>
      <div class="grid grid-cols-3 gap-2">
        <LengthField
          v-model="draft.outerMm"
          name="outerMm"
          label="Filled to"
          limit="bobbinMm"
          optional
        />
        <LengthField
          v-model="draft.coreMm"
          name="coreMm"
          label="Core"
          limit="bobbinMm"
          optional
        />
        <LengthField
          v-model="draft.wideMm"
          name="wideMm"
          label="Width"
          limit="bobbinMm"
          optional
        />
      </div>
    </RecordForm>
  </div>
</template>
