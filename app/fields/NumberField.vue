<script setup lang="ts" generic="V extends number | null">
import { formatShort, readNumber } from '#core/units'
import { type Limit, numberProblem } from '#shared/fields'

/** A number without a unit of length, typed as it is, as a fraction or as a sum. */
const model = defineModel<V>({ required: true })
const {
  label,
  name = undefined,
  limit,
  whole = false,
  optional = false,
  unit = '',
  hint = '',
  placeholder = 'not known',
  bare = false,
} = defineProps<{
  label: string
  /** Path in the record, in dots: what is wrong with it stands here. @defaultValue undefined */
  name?: string
  limit: Limit
  /** Only whole numbers. @defaultValue false */
  whole?: boolean
  /** Empty gives null: only where the value may be null. @defaultValue false */
  optional?: boolean & (null extends V ? unknown : false)
  /** Stands small behind the label. @defaultValue '' */
  unit?: string
  hint?: string
  /** What an optional field says while it is empty. @defaultValue 'not known' */
  placeholder?: string
  /** Shows the label to screen readers only, inside a group that has its own. @defaultValue false */
  bare?: boolean
}>()
function read(text: string) {
  const typed = readNumber(text)
  const problem = numberProblem(text, typed?.value ?? null, limit, whole)
  return problem === null ? typed! : { problem }
}
/** As it would be typed: a kept number may have more places than are shown elsewhere. */
const write = (value: number) => formatShort(value).replace('−', '-')
</script>

<template>
  <TypedField
    :value="model"
    :label="label"
    :name="name"
    :unit="unit"
    :hint="hint"
    :placeholder="optional ? placeholder : ''"
    :optional="optional"
    :bare="bare"
    :read="read"
    :write="write"
    @take="model = $event as V"
  />
</template>
