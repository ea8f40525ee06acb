<script setup lang="ts">
import { needleTag, describeNeedle } from '#core/needle'
import { isFlawless, PRACTICE, type RankedNeedle, threadClassOf } from '#core/pairing'
import type { Thread } from '#shared/records'
import { FIT_LOOKS } from '~/utils/fit'
import { JOB_LOOKS, VERDICT_LOOKS } from '~/utils/verdict'
import { leadingColour } from '#core/colour'

/** The needles one owns for these threads, best first, each with its eye and its reasons. */
const { ranked, threads, buy } = defineProps<{
  ranked: readonly RankedNeedle[]
  threads: readonly Thread[]
  buy: RankedNeedle | null
}>()
const book = useBookStore()
const inHand = useInHandStore()
const shownId = ref<string | null>(null)
const shown = computed(() => ranked.find(({ needle }) => needle.id === shownId.value) ?? ranked[0] ?? buy)
const eyes = computed(() =>
  threads.map((thread, i) => ({
    hex: leadingColour(thread.colours) ?? '#8a7e7d',
    kind: thread.kind,
    thickness: shown.value!.fits[i]!.thickness,
  })),
)
const cautions = computed(() => [
  ...new Set(threads.flatMap(thread => PRACTICE[threadClassOf(thread)].cautions)),
])
/** A good eye is no good word where the swing, the cloth or its wear speaks against the needle. */
function lookOf(one: RankedNeedle) {
  if (one.swing === 'strikes') return VERDICT_LOOKS.strikes
  return one.verdict === 'good' && !isFlawless(one) ? JOB_LOOKS.mind : FIT_LOOKS[one.verdict]
}
/** Needles shown before one asks for the rest. */
const FIRST = 5
const isAll = ref(false)
/** What is clear goes without saying. */
const SWING_WORDS = { clear: '', close: ' · swing close', strikes: ' · hits here' } as const
const hours = (id: string) => book.shelf.needles.get(id)?.hoursSewn ?? null
const isIn = ({ needle }: RankedNeedle) => needle.id === inHand.setup.needleId
/** The one that is in stands with the best, however it does. */
const listed = computed(() => ranked.filter((one, i) => isAll.value || i < FIRST || isIn(one)))
const DECIDED_WORDS = { 'practice': 'by what sewists use', 'eye model': 'by the width of its eye' } as const
</script>

<template>
  <div class="ranking">
    <UCard
      v-if="shown && threads.length > 0"
      as="section"
      class="best"
      aria-label="Thread in the eye"
    >
      <EyePicture
        :type="shown.needle.type"
        :size-nm="shown.needle.sizeNm"
        :eye-mm="shown.fit.eyeMm"
        :threads="eyes"
      />
      <div>
        <p class="name serif">
          {{ shown === buy ? 'To buy: ' : '' }}{{ needleTag(shown.needle) }} {{ shown.needle.type }}
        </p>
        <p
          class="verdict"
          :style="{ color: lookOf(shown).ink }"
        >
          <UIcon :name="lookOf(shown).icon" /> <b>{{ lookOf(shown).word }}</b>{{ ' ' }}
          <span class="hint">{{ shown.score }} of 100, {{ DECIDED_WORDS[shown.fit.decidedBy] }}</span>
        </p>
        <ul class="reasons">
          <li
            v-for="reason in shown.reasons"
            :key="reason"
          >
            {{ reason }}
          </li>
        </ul>
      </div>
      <p
        v-if="cautions.length > 0"
        class="cautions hint"
      >
        <UIcon name="i-lucide-hand" /> {{ cautions.join(' ') }}
      </p>
    </UCard>
    <UCard
      as="section"
      aria-label="Needles I own for this thread"
    >
      <header>
        <h2>Needles I own</h2>
        <span class="hint">best first</span>
      </header>
      <p v-if="threads.length === 0">Choose a thread: then the needles you own stand here, ranked.</p>
      <p v-else-if="ranked.length === 0">
        You own no needle of this kind{{ buy ? '' : ', and none that is sold is good for it' }}.
      </p>
      <ol class="list">
        <li
          v-for="one in listed"
          :key="one.needle.id"
          :class="{ current: one.needle.id === inHand.setup.needleId }"
        >
          <InTurn>
            <UButton
              variant="ghost"
              color="neutral"
              class="row"
              :aria-pressed="one === shown"
              @click="
                () => {
                  shownId = one.needle.id
                }
              "
            >
              <span
                class="mark"
                :style="{
                  color: lookOf(one).ink,
                  background: lookOf(one).bg,
                  borderColor: lookOf(one).edge,
                }"
                ><UIcon :name="lookOf(one).icon" /> {{ lookOf(one).word }}</span
              >
              <span class="words"
                ><b>{{ needleTag(one.needle) }} {{ one.needle.type }}</b
                ><span class="hint"
                  >fills {{ Math.round(100 * one.fit.fill) }} %{{ one.swing ? SWING_WORDS[one.swing] : ''
                  }}{{ hours(one.needle.id) === null ? '' : ` · ${hours(one.needle.id)} h` }}</span
                ></span
              >
              <span class="score">{{ one.score }}</span>
            </UButton>
            <UButton
              size="sm"
              :variant="isIn(one) ? 'ghost' : 'outline'"
              :label="isIn(one) ? 'is in' : 'Put in'"
              :aria-label="`${isIn(one) ? 'is in:' : 'Put in'} ${describeNeedle(one.needle)}`"
              :disabled="isIn(one)"
              @click="inHand.update('Choose the needle', { needleId: one.needle.id })"
            />
          </InTurn>
        </li>
      </ol>
      <UButton
        v-if="isAll || listed.length < ranked.length"
        variant="ghost"
        color="neutral"
        size="sm"
        :icon="isAll ? 'i-lucide-chevron-down' : 'i-lucide-chevron-right'"
        :label="isAll ? 'Fewer' : `${ranked.length - listed.length} more`"
        :aria-expanded="isAll"
        @click="
          () => {
            isAll = !isAll
          }
        "
      />
      <p
        v-if="buy"
        class="buy"
        role="status"
      >
        <UIcon name="i-lucide-shopping-bag" />
        <span
          ><b>Buy {{ needleTag(buy.needle) }} {{ buy.needle.type }}:</b> nothing you own is good for this.
          {{ buy.reasons[0] }}</span
        >
      </p>
      <p
        v-else-if="threads.length > 0 && !ranked.some(isFlawless)"
        class="buy"
        role="status"
      >
        <UIcon name="i-lucide-shopping-bag" />
        <span
          >No needle of this kind that is sold is good for
          {{ threads.length > 1 ? 'all these threads' : 'this thread' }}.</span
        >
      </p>
    </UCard>
  </div>
</template>

<style scoped>
.ranking {
  display: grid;
  gap: 12px;
  min-width: 0;
}
.best {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 8px 16px;
  align-items: start;
}
.cautions {
  grid-column: 1 / -1;
}
.cautions .iconify {
  vertical-align: -2px;
  color: var(--weld-text);
}
.name {
  font-size: 21px;
}
.verdict {
  display: flex;
  align-items: center;
  flex-wrap: wrap;
  gap: 6px;
}
.reasons {
  margin-top: 4px;
  display: grid;
  gap: 3px;
  font-size: 14.5px;
  line-height: 1.3;
}
.list {
  display: grid;
  gap: 4px;
  max-height: 268px;
  overflow-y: auto;
}
.list li {
  display: flex;
  align-items: center;
  gap: 6px;
  padding-right: 4px;
  border-radius: 10px;
}
.list li.current {
  background: color-mix(in srgb, var(--mulberry) 9%, transparent);
}
.row {
  flex: 1;
  min-width: 0;
  display: flex;
  align-items: center;
  gap: 10px;
  min-height: 50px;
  padding: 4px 8px;
  border: 1.5px solid transparent;
  border-radius: 10px;
  text-align: left;
  cursor: pointer;
}
.row:hover {
  background: var(--paper);
}
.row[aria-pressed='true'] {
  border-color: var(--mulberry);
}
.mark {
  flex: none;
  width: 92px;
  display: flex;
  align-items: center;
  gap: 5px;
  padding: 3px 7px;
  border: 1.5px solid;
  border-radius: 8px;
  font-weight: 650;
  font-size: 14px;
}
.words {
  flex: 1;
  min-width: 0;
  line-height: 1.25;
}
.words .hint {
  display: block;
}
.score {
  font-weight: 700;
  font-size: 17px;
}
.buy {
  display: flex;
  gap: 8px;
  margin-top: 8px;
  padding: 8px 10px;
  border-radius: 10px;
  background: var(--close-bg);
  font-size: 14.5px;
}
.buy .iconify {
  flex: none;
  margin-top: 2px;
  font-size: 18px;
  color: var(--weld-text);
}
@media (max-width: 640px) {
  .best {
    grid-template-columns: 1fr;
  }
  .score {
    display: none;
  }
}
</style>
