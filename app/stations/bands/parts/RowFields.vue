<script setup lang="ts">
import { STITCHES } from '#core/stitch'
import type { BandPieceRow } from '#shared/records'

/** One row: its stitch and size, and where it needs them a needle and threads of its own. */
const row = defineModel<BandPieceRow>({ required: true })
const { number, isTwin } = defineProps<{
  /** From 1. */
  number: number
  /** Sewn with more than one needle. */
  isTwin: boolean
}>()
const book = useBookStore()
const stitches = computed(() => [...STITCHES, ...book.shelf.stitches.values()])
const items = computed(() => stitches.value.map(({ id, name }) => ({ value: id, label: name })))
const AS_PIECE = 'as the piece'
/** Another stitch comes with its usual size. */
const stitchId = computed({
  get: () => row.value.stitchId,
  set: id => {
    const stitch = stitches.value.find(one => one.id === id)
    if (!stitch) return
    const { defaultWidthMm: widthMm, defaultLengthMm: lengthMm } = stitch
    row.value = { ...row.value, stitchId: id, widthMm, lengthMm }
  },
})
const own = (field: 'needleId' | 'leftId' | 'rightId') =>
  computed({
    get: () => row.value[field],
    set: (id: string | null) => {
      row.value = { ...row.value, [field]: id }
    },
  })
const needleId = own('needleId')
const leftId = own('leftId')
const rightId = own('rightId')
</script>

<template>
  <fieldset class="grid gap-2 min-w-0">
    <legend class="sr-only">Row {{ number }}</legend>
    <SelectField
      v-model="stitchId"
      :label="`Stitch of row ${number}`"
      :items="items"
    />
    <div class="pair">
      <LengthField
        v-model="row.widthMm"
        label="Width"
        limit="widthMm"
      />
      <LengthField
        v-model="row.lengthMm"
        label="Stitch length"
        limit="dialLengthMm"
      />
    </div>
    <UCheckbox
      v-model="row.mirror"
      label="Mirrored"
    />
    <FoldAway
      title="Its own needle and threads"
      :open="row.needleId !== null || row.leftId !== null"
    >
      <div class="grid gap-2">
        <OwnedSelect
          v-model="needleId"
          table="needles"
          :none="AS_PIECE"
          label="Needle of this row"
        />
        <OwnedSelect
          v-model="leftId"
          table="threads"
          :none="AS_PIECE"
          :label="isTwin ? 'Left thread of this row' : 'Thread of this row'"
        />
        <OwnedSelect
          v-if="isTwin"
          v-model="rightId"
          table="threads"
          :none="AS_PIECE"
          label="Right thread of this row"
        />
      </div>
    </FoldAway>
  </fieldset>
</template>
