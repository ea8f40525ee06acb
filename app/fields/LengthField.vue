<script setup lang="ts" generic="V extends number | null">
import type { LimitName } from '#shared/fields'
import { useLengthReading } from './useLengthReading'

/** A length, typed in mm where it is the machine’s, else in the unit in use, as a fraction or as a sum. */
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
const { read, write, sign, perInch } = useLengthReading(() => limit)
</script>

<template>
  <TypedField
    :value="model"
    :label="label"
    :name="name"
    :unit="sign()"
    :hint="hint || perInch(model)"
    :placeholder="optional ? empty : ''"
    :optional="optional"
    :read="read"
    :write="write"
    @take="model = $event as V"
  />
</template>
