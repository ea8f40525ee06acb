<script setup lang="ts" generic="V extends number | null">
import { UNIT_SIGNS } from '#core/units'
import type { LimitName } from '#shared/fields'
import { useLengthReading } from './useLengthReading'

/** A length, typed in the unit shown, as a fraction or as a sum. */
const model = defineModel<V>({ required: true })
const {
  label,
  name = undefined,
  limit,
  optional = false,
  hint = '',
  empty = 'not measured',
} = defineProps<{
  label: string
  /** Path in the record, in dots: what is wrong with it stands here. @defaultValue undefined */
  name?: string
  limit: LimitName
  /** Empty gives null: only where the value may be null. @defaultValue false */
  optional?: boolean & (null extends V ? unknown : false)
  hint?: string
  /** What an optional field says while it is empty. @defaultValue 'not measured' */
  empty?: string
}>()
const settings = useSettingsStore()
const { read, write } = useLengthReading(() => limit)
</script>

<template>
  <TypedField
    :value="model"
    :label="label"
    :name="name"
    :unit="UNIT_SIGNS[settings.unit]"
    :hint="hint"
    :placeholder="optional ? empty : ''"
    :optional="optional"
    :read="read"
    :write="write"
    @take="model = $event as V"
  />
</template>
