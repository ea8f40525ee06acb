<script setup lang="ts">
import { MOST_NAME } from '#shared/fields'
import { formatNumber } from '#core/units'
import Papa from 'papaparse'
import { CoreError } from '#core/errors'
import { type Alignment, type Drop, parseDropsCsvRows, stitchFromDrops } from '#core/stitch'
import { type FieldIssue, fieldIssues } from '#shared/fields'
import { ownStitchSchema } from '#shared/records'
import { newId } from '~/utils/id'
import { readSvgPolyline } from '../svgPolyline'

const emit = defineEmits<{ added: [id: string]; cancel: [] }>()
const book = useBookStore()

const SIDES = [
  { value: 'centre', label: 'about the middle' },
  { value: 'left', label: 'at the left end of the swing' },
  { value: 'right', label: 'at the right end of the swing' },
] as const
const MOST_BYTES = 1_000_000
const NOTHING_DRAWN = 'Click needle positions on the grid, or choose a file.'
const name = ref('')
const alignment = ref<Alignment>('centre')
const drops = ref<Drop[]>([])
const message = ref('')

const drawn = computed(() => {
  if (drops.value.length === 0) return null
  try {
    return stitchFromDrops(drops.value)
  } catch (error) {
    if (error instanceof CoreError) return error
    throw error
  }
})

async function read(file: File): Promise<void> {
  if (file.size > MOST_BYTES) {
    message.value =
      `${file.name} is larger than 1 MB: a stitch of 2000 needle positions takes far less. `
      + 'Choose the file of '
      + 'one repeat.'
    return
  }
  const text = await file.text()
  const reading =
    /\.svg$/i.test(file.name) || text.trimStart().startsWith('<')
      ? readSvgPolyline(text)
      : parseDropsCsvRows(
          Papa.parse<string[]>(text.trim(), { delimiter: text.includes(';') ? ';' : ',' }).data,
        )
  message.value = reading.ok
    ? `${reading.drops.length} needle positions read from ${file.name}.`
    : `${file.name}: ${reading.message}`
  if (!reading.ok) return
  drops.value = [...reading.drops]
  if (name.value === '') name.value = file.name.replace(/\.\w+$/, '').slice(0, MOST_NAME)
}

useIncoming(['stitch'], read)

const id = newId('stitch')
/** The stitch as it would be kept; null while nothing that can be sewn is drawn. */
const stitch = computed(() => {
  if (drawn.value === null || drawn.value instanceof CoreError) return null
  const { drops: unit, repeat, widthMm, lengthMm } = drawn.value
  return {
    id,
    name: name.value,
    alignment: alignment.value,
    drops: [...unit],
    repeat,
    defaultWidthMm: Math.round(widthMm * 100) / 100,
    defaultLengthMm: Math.round(lengthMm * 1000) / 1000,
  }
})
function check(): readonly FieldIssue[] {
  if (stitch.value === null) {
    const message = drawn.value instanceof CoreError ? drawn.value.message : NOTHING_DRAWN
    return [{ path: '', message }]
  }
  const parsed = ownStitchSchema.safeParse(stitch.value)
  return parsed.success ? [] : fieldIssues(parsed.error)
}
function keep(): void {
  const record = ownStitchSchema.parse(stitch.value)
  book.commit(`Add ${record.name}`, [{ table: 'stitches', id, record }])
  emit('added', id)
}
</script>

<template>
  <div class="maker">
    <DropGrid v-model="drops" />
    <RecordForm
      class="content-start"
      :draft="{ name, alignment, drops }"
      :check="check"
      @save="keep"
      @cancel="emit('cancel')"
    >
      <TextField
        v-model="name"
        name="name"
        label="Name"
        placeholder="by what it looks like"
      />
      <FileField
        label="Or from a file: CSV with columns x_mm,y_mm, or an SVG polyline"
        accept=".csv,.svg,text/csv,image/svg+xml"
        @file="read"
      />
      <p
        v-if="message"
        role="status"
        class="hint"
      >
        {{ message }}
      </p>
      <SelectField
        v-model="alignment"
        label="Held"
        :items="SIDES"
      />
      <p class="hint">
        <template v-if="drawn && !(drawn instanceof CoreError)">
          {{ drops.length }} drops, {{ formatNumber(drawn.widthMm, 1) }} mm wide; one repeat is
          {{ formatNumber(drawn.repeat * drawn.lengthMm, 1) }} mm. End where the next repeat begins to close
          it.
        </template>
        <template v-else-if="drawn">
          {{ drawn.message }}
        </template>
        <template v-else> Click the needle positions in sewing order, top to bottom. </template>
      </p>
    </RecordForm>
  </div>
</template>

<style scoped>
.maker {
  display: grid;
  grid-template-columns: 290px 1fr;
  gap: 20px;
}
@media (max-width: 700px) {
  .maker {
    grid-template-columns: 1fr;
  }
}
</style>
