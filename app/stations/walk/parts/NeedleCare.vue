<script setup lang="ts">
import { needleNameAndType, describeNeedle } from '#core/needle'
import { NEEDLE_ENDS, type NeedleEnd, type NeedleRecord } from '#shared/records'
import { dayOf } from '~/utils/dates'

/** Needles in use: how much of their life is sewn, and whether to change them. */
const care = useCareStore()
const { offerUndo } = useShelf()
const WORDS = { 'now': 'Change now', 'soon': 'Soon', 'fine': 'Fine', 'not counted': 'Not counted' } as const
const ICONS = {
  'now': 'i-lucide-triangle-alert',
  'soon': 'i-lucide-triangle-alert',
  'fine': 'i-lucide-check',
  'not counted': 'i-lucide-circle-help',
} as const
const swapping = ref<string | null>(null)
const why = ref<NeedleEnd['why']>('hours')
const WHY_WORDS = {
  hours: 'its hours are sewn',
  bent: 'bent',
  broken: 'broken',
  burred: 'burred',
  sticky: 'sticky',
  other: 'another reason',
} as const
const reasons = NEEDLE_ENDS.map(value => ({ value, label: WHY_WORDS[value] }))
const MOST_ENDS = 6
const name = (needle: NeedleRecord) => needleNameAndType(needle)

function begin(needle: NeedleRecord): void {
  why.value = needle.state === 'good' ? 'hours' : needle.state
  swapping.value = needle.id
}
function swap(needle: NeedleRecord): void {
  care.swap(needle, why.value, new Date())
  swapping.value = null
  void offerUndo(
    needle.count > 1
      ? `A fresh ${name(needle)} is in use`
      : `That was the last ${name(needle)}: it is on the shopping list`,
  )
}
</script>

<template>
  <UCard
    as="section"
    aria-label="Needles in use"
  >
    <header>
      <h2>Needles in use</h2>
    </header>
    <p class="hint">
      Change a needle after about 8 hours of sewing{{ ' '
      }}<SourceChip
        of="rule"
        about="how long a needle lasts"
        >Common practice. Metallic wears a needle sooner.</SourceChip
      >
    </p>
    <ul>
      <li
        v-for="{ needle, life, fitted } in care.needles"
        :key="needle.id"
      >
        <div class="row">
          <div class="name">
            <b>{{ name(needle) }}</b>{{ ' ' }}
            <span
              v-if="fitted"
              class="hint"
              >in this piece</span
            >
            <div
              class="bar"
              role="img"
              :aria-label="
                life.share === null ? 'not counted' : `${Math.round(100 * life.share)} % of its life is sewn`
              "
            >
              <i
                :class="life.advice"
                :style="{ width: `${Math.min(100, 100 * (life.share ?? 0))}%` }"
              />
            </div>
            <p class="hint">
              {{ life.why }}<template v-if="life.share !== null"> ({{ life.source }})</template>
            </p>
          </div>
          <div class="do">
            <span :class="['advice', life.advice.replace(' ', '-')]"
              ><UIcon :name="ICONS[life.advice]" /> {{ WORDS[life.advice] }}</span
            >
            <UButton
              size="sm"
              variant="outline"
              label="Needle changed"
              :aria-label="`Needle changed for ${describeNeedle(needle)}`"
              @click="begin(needle)"
            />
          </div>
        </div>
        <form
          v-if="swapping === needle.id"
          class="swap"
          @submit.prevent="swap(needle)"
        >
          <SelectField
            v-model="why"
            label="The old one was"
            :items="reasons"
          />
          <UButton
            type="submit"
            label="Close its count"
            icon="i-lucide-check"
          /><UButton
            variant="ghost"
            label="Cancel"
            @click="
              () => {
                swapping = null
              }
            "
          />
          <p class="hint tin">
            The old one goes into the tin.
            {{ needle.count > 1 ? `${needle.count - 1} left.` : 'It was the last one.' }}
          </p>
        </form>
      </li>
    </ul>
    <p
      v-if="care.needles.length === 0"
      class="hint"
    >
      No needle has a count yet: start sewing, or add time beside.
    </p>
    <FoldAway
      v-if="care.ends.length > 0"
      :title="`Needles closed: ${care.ends.length}`"
    >
      <p
        v-for="end in care.ends.slice(0, MOST_ENDS)"
        :key="end.id"
        class="hint"
      >
        {{ end.label }}: {{ WHY_WORDS[end.why] }},
        {{ end.hours === null ? 'hours not counted' : `${end.hours} h` }}, {{ dayOf(end.at) }}
      </p>
    </FoldAway>
  </UCard>
</template>

<style scoped>
li {
  padding: 6px 0;
  border-top: 1px solid var(--line);
}
li:first-child {
  border-top: 0;
}
.row {
  display: flex;
  align-items: center;
  gap: 6px 16px;
}
.do {
  display: grid;
  gap: 2px;
  flex: none;
}
.name {
  flex: 1 1 180px;
  min-width: 0;
}
.advice {
  display: inline-flex;
  align-items: center;
  gap: 6px;
  min-width: 112px;
  font-weight: 650;
}
.advice.now {
  color: var(--madder-text);
}
.advice.soon {
  color: var(--weld-text);
}
.advice.fine {
  color: var(--lichen-text);
}
.bar {
  height: 10px;
  margin: 4px 0 2px;
  border-radius: 5px;
  background: var(--line);
  overflow: hidden;
}
.bar i {
  display: block;
  height: 100%;
  background: var(--lichen);
}
.bar i.soon {
  background: var(--weld);
}
.bar i.now {
  background: repeating-linear-gradient(45deg, var(--madder) 0 5px, var(--strikes-bar) 5px 8px);
}
.swap {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 8px;
  margin-top: 6px;
}
.tin {
  flex: 1 0 100%;
}
summary {
  cursor: pointer;
  font-weight: 650;
  min-height: 44px;
  padding-top: 10px;
}
</style>
