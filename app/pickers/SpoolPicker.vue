<script setup lang="ts">
import { DRAW_WORDS, DRAWS, SECOND_SPOOLS, type SecondSpool, SUPPLY_PLACES } from '#core/terms'
import { openChoices, orUnknown } from '~/utils/orUnknown'

const inHand = useInHandStore()
const sides = computed(() => {
  switch (inHand.parts.needle?.construction) {
    case 'twin':
      return [
        ['left', 'Left'],
        ['right', 'Right'],
      ] as const
    case 'triple':
      return [
        ['left', 'Left'],
        ['middle', 'Middle'],
        ['right', 'Right'],
      ] as const
    default:
      return [['left', 'Thread']] as const
  }
})
const side = ref<'left' | 'middle' | 'right'>('left')
watch(sides, now => {
  if (!now.some(([id]) => id === side.value)) side.value = 'left'
})
/** The blades are threaded in one opening: from each the next is asked for. */
const nextSide = computed(() => {
  const place = sides.value.findIndex(([id]) => id === side.value)
  return sides.value[place + 1]?.[0] ?? null
})
function choose(id: string | null): void {
  inHand.update('Choose a thread', { threadIds: { ...inHand.setup.threadIds, [side.value]: id } })
  if (nextSide.value) side.value = nextSide.value
}
const supply = computed(() => inHand.setup.supplies[side.value])
const setSupply = (change: Partial<typeof supply.value>) =>
  inHand.update('Change the supply', {
    supplies: { ...inHand.setup.supplies, [side.value]: { ...supply.value, ...change } },
  })
const place = orUnknown(
  () => supply.value.place,
  value => setSupply({ place: value }),
)
const draw = orUnknown(
  () => supply.value.draw,
  value => setSupply({ draw: value }),
)
/** Whether both threads run between the same discs: as the choices stand, and back. */
const DISCS = new Map([
  ['', null],
  ['together', true],
  ['parted', false],
])
const discs = computed({
  get: () => [...DISCS].find(([, shared]) => shared === inHand.setup.sharedDiscs)![0],
  set: value => inHand.update('Tension discs', { sharedDiscs: DISCS.get(value) ?? null }),
})
/** Two needles that sew the same thread have it from two spools, or from one. */
const sewsSame = computed(() => {
  const ids = sides.value.map(([id]) => inHand.setup.threadIds[id])
  return ids.length > 1 && ids.some((id, i) => id !== null && ids.indexOf(id) < i)
})
const SECOND_WORDS: Readonly<Record<SecondSpool, string>> = {
  spool: 'a second spool of it',
  bobbin: 'a bobbin wound of it',
}
const SECONDS = [
  { value: '', label: 'not said' },
  ...SECOND_SPOOLS.map(value => ({ value, label: SECOND_WORDS[value] })),
]
const second = computed({
  get: () => inHand.setup.secondSpool ?? '',
  set: value => inHand.update('Second spool', { secondSpool: value === '' ? null : (value as SecondSpool) }),
})
</script>

<template>
  <ThreadPicker
    :title="sides.length > 1 ? `Spool, ${side} needle` : 'Spool'"
    :selected-id="inHand.setup.threadIds[side]"
    :stays="nextSide !== null"
    @choose="choose"
  >
    <div
      v-if="sides.length > 1"
      class="flex gap-2 mb-3"
      role="group"
      aria-label="Which needle"
    >
      <UButton
        v-for="[id, label] in sides"
        :key="id"
        :label="label"
        :variant="side === id ? 'solid' : 'outline'"
        :aria-pressed="side === id"
        @click="
          () => {
            side = id
          }
        "
      />
    </div>
    <div class="grid grid-cols-2 gap-2 mb-3">
      <SelectField
        v-model="place"
        label="Stands on"
        :items="openChoices(SUPPLY_PLACES, 'not said')"
      />
      <SelectField
        v-model="draw"
        label="Runs off"
        :items="openChoices(DRAWS, 'as the spool does', value => DRAW_WORDS[value])"
      />
    </div>
    <SelectField
      v-if="sewsSame"
      v-model="second"
      label="The second needle’s thread comes from"
      class="mb-3"
      :items="SECONDS"
    />
    <SelectField
      v-if="sides.length > 1"
      v-model="discs"
      label="In the tension discs"
      class="mb-3"
      :items="[
        { value: '', label: 'not said' },
        { value: 'parted', label: 'left and right of the divider' },
        { value: 'together', label: 'both between the same two' },
      ]"
    />
  </ThreadPicker>
</template>
