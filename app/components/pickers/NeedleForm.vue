<script setup lang="ts">
import { needleLabel, parseNeedleLabel } from '#core/needle'
import { FRESH_NEEDLE } from '#shared/defaults'
import type { NeedleRecord } from '#shared/records'
import { newId } from '~/utils/id'

const { record } = defineProps<{ record: NeedleRecord | null }>()
const emit = defineEmits<{ done: [id: string | null] }>()
const bench = useBenchStore()
const { save } = useShelf()
const text = ref(record ? `${record.construction === 'triple' ? 'triple ' : ''}${needleLabel(record)} ${record.type}` : '')
const reading = computed(() => parseNeedleLabel(text.value, record ? 'neighbour' : bench.tripleGap))

function submit(): void {
  if (!reading.value.ok) return
  const id = record?.id ?? newId('needle')
  save('needles', { ...FRESH_NEEDLE, ...record, id, ...reading.value.needle })
  emit('done', id)
}
</script>

<template>
  <RecordForm :issues="[]" @save="submit" @cancel="emit('done', null)">
    <TextField v-model="text" label="Label from the packet" placeholder="2.5/80, 4.0/100 jeans, 90/14" />
    <p role="status" :class="reading.ok ? '' : 'hint'">{{ reading.ok ? `${reading.said}. ${reading.note ?? ''}` : reading.message }}</p>
  </RecordForm>
</template>
