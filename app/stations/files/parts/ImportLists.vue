<script setup lang="ts">
import type { ImportPreview } from '#shared/backup'
import { calledOf, TABLE_NAMES, TABLES } from '#shared/records'

/** What taking records in would do, by table: new ones, those that differ from what is here, and refused. */
const { preview, changedTitle } = defineProps<{
  preview: ImportPreview
  /** Over those that differ. */
  changedTitle: string
}>()
const book = useBookStore()
const MOST_NAMES = 12
const MOST_REFUSED = 50
const tableWord = (table: (typeof TABLE_NAMES)[number]) => TABLES[table].words?.many ?? table
const inTables = (list: ImportPreview['added'], wordsOf: (entry: ImportPreview['added'][number]) => string) =>
  TABLE_NAMES.map(table => {
    const names = list.filter(entry => entry.table === table).map(wordsOf)
    const more = names.length > MOST_NAMES ? ` and ${names.length - MOST_NAMES} more` : ''
    return { table, word: tableWord(table), names: names.slice(0, MOST_NAMES).join(', ') + more }
  }).filter(({ names }) => names !== '')
/** `plateSlotMm` → “plate slot” */
const fieldWord = (field: string) =>
  field.replace(/(Mm|Id|Ids|Deg)$/, '').replace(/[A-Z]/g, letter => ` ${letter.toLowerCase()}`)
/** “Attic seven (name, plate slot)” */
function differenceWords({ table, record }: ImportPreview['changed'][number]): string {
  const own = book.tables[table].get(record.id) as Record<string, unknown> | undefined
  const fields = Object.entries(record).filter(
    ([field, value]) => JSON.stringify(own?.[field]) !== JSON.stringify(value),
  )
  return `${calledOf(table, record)} (${fields.map(([field]) => fieldWord(field)).join(', ')})`
}
</script>

<template>
  <div>
    <FoldAway
      v-if="preview.added.length > 0"
      title="New"
    >
      <p
        v-for="{ table, word, names } in inTables(preview.added, ({ table: of, record }) =>
          calledOf(of, record),
        )"
        :key="table"
        class="hint"
      >
        {{ word }}: {{ names }}
      </p>
    </FoldAway>
    <FoldAway
      v-if="preview.changed.length > 0"
      :open="true"
      :title="changedTitle"
    >
      <p
        v-for="{ table, word, names } in inTables(preview.changed, differenceWords)"
        :key="table"
        class="hint"
      >
        {{ word }}: {{ names }}
      </p>
    </FoldAway>
    <FoldAway
      v-if="preview.refused.length > 0"
      :open="true"
      title="Refused and left out"
    >
      <ul class="refused">
        <li
          v-for="(refusal, i) in preview.refused.slice(0, MOST_REFUSED)"
          :key="i"
        >
          <b>{{ refusal.table }} {{ refusal.name }}</b
          >: {{ refusal.message }}
        </li>
      </ul>
    </FoldAway>
  </div>
</template>

<style scoped>
.refused {
  font-size: 14.5px;
  overflow-wrap: anywhere;
}
</style>
