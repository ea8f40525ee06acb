<script setup lang="ts">
import { needleTag, describeNeedle } from '#core/needle'
import { isFlawless, type RankedNeedle } from '#core/pairing'
import type { Thread } from '#shared/records'
import { lookOfNeedle } from '../needleLook'

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
/** Needles shown before one asks for the rest. */
const FIRST = 5
const isAll = ref(false)
/** What is clear goes without saying. */
const SWING_WORDS = { clear: '', close: ' · swing close', strikes: ' · hits here' } as const
const hours = (id: string) => book.shelf.needles.get(id)?.hoursSewn ?? null
const isIn = ({ needle }: RankedNeedle) => needle.id === inHand.setup.needleId
/** The one that is in stands with the best, however it does. */
const listed = computed(() => ranked.filter((one, i) => isAll.value || i < FIRST || isIn(one)))
</script>

<template>
  <div class="ranking">
    <BestNeedle
      v-if="shown && threads.length > 0"
      :one="shown"
      :threads="threads"
      :is-to-buy="shown === buy"
    />
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
                  color: lookOfNeedle(one).ink,
                  background: lookOfNeedle(one).bg,
                  borderColor: lookOfNeedle(one).edge,
                }"
                ><UIcon :name="lookOfNeedle(one).icon" /> {{ lookOfNeedle(one).word }}</span
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
  .score {
    display: none;
  }
}
</style>
