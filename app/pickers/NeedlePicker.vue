<script setup lang="ts">
import { needleName, describeNeedle } from '#core/needle'
import type { NeedleRecord } from '#shared/records'
import { byConstructionAndGap } from '~/utils/needles'

const book = useBookStore()
const inHand = useInHandStore()
const { remove } = useShelf()
const needles = computed(() => [...book.shelf.needles.values()].sort(byConstructionAndGap))
const name = (n: NeedleRecord) => needleName(n)
</script>

<template>
  <RecordPicker
    title="Needle"
    :items="needles"
    :selected-id="inHand.setup.needleId"
    :name="name"
    :hint="n => describeNeedle(n)"
    add-label="Add a needle by its label"
    @choose="inHand.update('Choose the needle', { needleId: $event })"
    @remove="remove('needles', $event.id, name($event))"
  >
    <template #form="{ record, done }">
      <NeedleForm
        :record="record"
        @done="done"
      />
    </template>
  </RecordPicker>
</template>
