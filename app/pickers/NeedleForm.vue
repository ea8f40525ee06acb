<script setup lang="ts">
import { NEEDLE_STATES } from '#core/care'
import { needleTag, parseNeedleLabel } from '#core/needle'
import { FRESH_NEEDLE, type NeedleRecord, needleSchema } from '#shared/records'
import { type FieldIssue, fieldIssues } from '#shared/fields'
import { newId } from '~/utils/id'

const { record } = defineProps<{ record: NeedleRecord | null }>()
const emit = defineEmits<{ done: [id: string | null] }>()
const settings = useSettingsStore()
const { save } = useShelf()
const fields = reactive({
  text: record ? `${needleTag(record)} ${record.type}` : '',
  wear: {
    ...FRESH_NEEDLE,
    ...(record
      ? {
          count: record.count,
          state: record.state,
          hoursSewn: record.hoursSewn,
          blocksSewn: record.blocksSewn,
        }
      : {}),
    seen: { ...(record?.seen ?? FRESH_NEEDLE.seen) },
  } as Pick<NeedleRecord, 'count' | 'state' | 'hoursSewn' | 'blocksSewn' | 'seen'>,
})
const { text, wear } = toRefs(fields)
const { begun, drop } = useDraft(`needles-${record?.id ?? 'new'}`, fields)
const states = NEEDLE_STATES.map(value => ({ value, label: value }))
// What is owned has been read already; only a label newly typed goes by the school.
const tripleGap = computed(() => (record ? 'neighbour' : settings.schools.tripleGap))
const reading = computed(() => parseNeedleLabel(text.value, tripleGap.value))

const id = record?.id ?? newId('needle')
/** As it was when typing began, perhaps before a reload. */
const begunFrom = record && { ...record, ...(begun as typeof fields).wear }
const written = () => ({ ...wear.value, id, ...(reading.value.ok ? reading.value.needle : {}) })

/** Once a label was refused, its error stands at the field and need not stand below it too. */
const refused = ref('')
const isRead = computed(() => reading.value.ok || (text.value.trim() !== '' && text.value !== refused.value))
function check(): readonly FieldIssue[] {
  if (!reading.value.ok) {
    refused.value = text.value
    return [{ path: 'label', message: reading.value.message }]
  }
  const parsed = needleSchema.safeParse(written())
  return parsed.success ? [] : fieldIssues(parsed.error)
}
function submit(): void {
  void save('needles', needleSchema.parse(written()), begunFrom)
  drop()
  emit('done', id)
}
</script>

<template>
  <RecordForm
    :draft="fields"
    :check="check"
    @save="submit"
    @cancel="emit('done', null)"
  >
    <TextField
      v-model="text"
      name="label"
      label="Label from the packet"
      placeholder="2.5/80, 4.0/100 jeans, 90/14"
    />
    <p
      v-if="isRead"
      role="status"
    >
      {{ reading.ok ? `${reading.said}. ${reading.note ?? ''}` : reading.message }}
    </p>
    <NeedleSizes
      :reading="reading"
      @take="
        label => {
          text = label
        }
      "
    />
    <div class="grid grid-cols-2 gap-2">
      <NumberField
        v-model="wear.count"
        name="count"
        label="In the case"
        limit="count"
        whole
      />
      <SelectField
        v-model="wear.state"
        name="state"
        label="State"
        :items="states"
      />
      <NumberField
        v-model="wear.hoursSewn"
        name="hoursSewn"
        label="Sewn"
        unit="h"
        limit="hours"
        optional
        placeholder="not counted"
      />
      <NumberField
        v-model="wear.blocksSewn"
        name="blocksSewn"
        label="Fused blocks"
        limit="count"
        whole
      />
    </div>
    <fieldset class="seen">
      <legend class="field-label">It has sewn</legend>
      <UCheckbox
        v-model="wear.seen.metallic"
        label="metallic"
      />
      <UCheckbox
        v-model="wear.seen.fusible"
        label="fusible"
      />
      <UCheckbox
        v-model="wear.seen.pearl"
        label="pearl"
      />
    </fieldset>
  </RecordForm>
</template>

<style scoped>
.seen {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
}
.seen > * {
  min-height: 36px;
  align-items: center;
}
</style>
