<script setup lang="ts">
import type { Cloth } from '#shared/records'
import { newId } from '~/utils/id'

const { record } = defineProps<{ record: Cloth | null }>()
const emit = defineEmits<{ done: [id: string | null] }>()
const { draft, issues, submit } = useRecordForm('cloths', record ?? { id: newId('cloth'), name: '', thicknessMm: null, hex: '#eadfcb' })

function save(): void {
  if (submit()) emit('done', draft.id)
}
</script>

<template>
  <form
    novalidate
    class="grid gap-3"
    @submit.prevent="save"
  >
    <div>
      <label
        class="field-label"
        for="cloth-name"
      >Name</label>
      <UInput
        id="cloth-name"
        v-model="draft.name"
        autocomplete="off"
      />
    </div>
    <LengthField
      v-model="draft.thicknessMm"
      label="Thickness of one layer"
      limit="thicknessMm"
      optional
      hint="Measure ten layers pressed flat and divide by ten."
    />
    <div>
      <label
        class="field-label"
        for="cloth-hex"
      >Colour</label>
      <input
        id="cloth-hex"
        v-model="draft.hex"
        type="color"
        class="colour"
      >
    </div>
    <FormFoot
      :issues="issues"
      @cancel="emit('done', null)"
    />
  </form>
</template>

<style scoped>
.colour { width: 64px; height: 44px; border: 1.5px solid var(--line-strong); border-radius: 8px; background: var(--white); padding: 3px; cursor: pointer; }
</style>
