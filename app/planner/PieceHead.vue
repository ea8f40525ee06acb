<script setup lang="ts">
import type { FieldIssue } from '#shared/fields'
import { useFieldsAround } from '~/fields/fieldProblems'

/** Name, copies and note of a piece, and what can be done with it. */
const name = defineModel<string>('name', { required: true })
const copies = defineModel<number>('copies', { required: true })
const note = defineModel<string>('note', { required: true })
const { isKept, keptId, isChanged, issues, differences } = defineProps<{
  isKept: boolean
  /** null: not kept yet. */
  keptId: string | null
  isChanged: boolean
  issues: readonly FieldIssue[]
  /** What putting it on the bench would change. */
  differences: readonly string[]
}>()
const emit = defineEmits<{ keep: []; startOver: []; putOnBench: [then?: string] }>()
const asked = ref(false)
const { refuses } = useFieldsAround()
const nameIssue = computed(() => issues.find(({ path }) => path === 'name')?.message)
const others = computed(() => issues.filter(({ path }) => path !== 'name'))
function keep(): void {
  asked.value = true
  if (!refuses() && issues.length === 0) emit('keep')
}
</script>

<template>
  <UCard
    as="section"
    aria-label="Piece"
    class="piece"
  >
    <UFormField
      label="Name of the piece"
      :error="asked ? nameIssue : undefined"
      class="name"
    >
      <UInput
        v-model="name"
        autocomplete="off"
        placeholder="shirt front, pocket …"
      />
    </UFormField>
    <NumberField
      v-model="copies"
      label="Copies"
      limit="copies"
      whole
      class="copies"
    />
    <UFormField
      label="Note"
      class="note"
    >
      <UInput
        v-model="note"
        autocomplete="off"
      />
    </UFormField>
    <div class="acts">
      <UButton
        data-save
        icon="i-lucide-bookmark"
        :label="isKept ? 'Save changes' : 'Keep this piece'"
        :disabled="!isChanged"
        @click="keep"
      />
      <UButton
        variant="outline"
        icon="i-lucide-arrow-up-to-line"
        label="Put on the bench"
        @click="emit('putOnBench')"
      />
      <UButton
        variant="ghost"
        icon="i-lucide-test-tubes"
        label="Trial strip"
        @click="emit('putOnBench', '/trial')"
      />
      <UButton
        variant="ghost"
        icon="i-lucide-footprints"
        label="Walk"
        @click="emit('putOnBench', '/walk')"
      />
      <ShareButton
        v-if="keptId"
        :shared="{ table: 'pieces', id: keptId }"
        :name="name"
      />
      <UButton
        variant="ghost"
        label="New piece"
        @click="emit('startOver')"
      />
    </div>
    <ul
      v-if="asked && others.length > 0"
      class="strikes-ink"
      role="alert"
    >
      <li
        v-for="{ path, message } in others"
        :key="path"
      >
        {{ path }} {{ message }}
      </li>
    </ul>
    <p class="hint">
      {{
        differences.length === 0
          ? 'All of it is on the bench.'
          : `On the bench it would change: ${differences.join('; ')}.`
      }}
    </p>
  </UCard>
</template>

<style scoped>
.piece {
  display: grid;
  grid-template-columns: 1fr 84px;
  gap: 8px 10px;
}
.note,
.acts,
.piece > p,
.piece > ul {
  grid-column: 1 / -1;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
