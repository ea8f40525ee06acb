<script setup lang="ts">
import { formatShort } from '#core/units'
import { SIGN_PLACES, SIGNS, type SignId, type Suspect, suspectsOf } from '#core/signs'
import { markFurther } from '#core/trial'
import { LIMITS } from '#shared/fields'

useHead({ title: 'Sign doctor · Lacy Spool' })
const inHand = useInHandStore()
const book = useBookStore()
const trial = useTrialStore()
const { offerUndo } = useShelf()
const on = useSignContext()
const PLACE_WORDS = {
  front: 'Right side',
  back: 'Under side',
  sewing: 'While sewing',
  after: 'After',
} as const
const groups = SIGN_PLACES.map(place => ({
  place,
  signs: SIGNS.filter(sign => sign.place === place).map(({ id, words }) => ({ id, words })),
}))
const choices = SIGNS.map(({ id, words: label, place }) => ({
  value: id,
  label: `${PLACE_WORDS[place]}: ${label}`,
}))
/** A row's own sign, when one comes from the strip. */
const { sign: from } = useRoute().query
const sign = ref<SignId>(SIGNS.find(({ id }) => id === from)?.id ?? 'bobbin-on-top')
const suspects = computed(() => suspectsOf(sign.value, on.value))
const words = computed(() => SIGNS.find(({ id }) => id === sign.value)!.words)

/** The number the strip leads to, where its rows say one; else one step further on the dial, or none. */
function stepped(way: 'up' | 'down'): { at: number; label: string } | null {
  const { dial, leadsTo } = trial
  const now = inHand.setup.tension ?? dial?.home ?? null
  if (dial === null || now === null) return null
  if (leadsTo !== null) {
    const isThatWay = way === 'up' ? leadsTo > now : leadsTo < now
    const label = isThatWay
      ? `Tension to ${leadsTo}, as your strip says`
      : `Your strip asks for ${leadsTo} first`
    return { at: leadsTo, label }
  }
  const at = markFurther(dial, now, way)
  return at === null ? null : { at, label: `Tension to ${at}` }
}
/** What pressing does; null: it is done by hand, or cannot be done here. */
function doing({ does }: Suspect): { label: string; at?: number; run: () => void } | null {
  switch (does.kind) {
    case 'tension': {
      const next = stepped(does.way)
      return (
        next && {
          ...next,
          run: () => inHand.update(`Tension to ${next.at}`, { tension: next.at }),
        }
      )
    }
    case 'length': {
      const lengthMm =
        Math.round(100 * Math.min(LIMITS.lengthMm[1], inHand.setup.stitch.lengthMm + does.byMm)) / 100
      return { label: `Length to ${formatShort(lengthMm)}`, run: () => inHand.setStitch({ lengthMm }) }
    }
    case 'pressure':
      return {
        label: 'Pressure to less',
        run: () => inHand.update('Less foot pressure', { pressure: does.to }),
      }
    case 'speed':
      return inHand.setup.speed === does.to
        ? null
        : { label: 'Speed to slow', run: () => inHand.update('Slow', { speed: does.to }) }
    case 'stabilizer': {
      const found = [...book.shelf.stabilizers.values()].find(({ kind }) => kind === does.to)
      return found
        ? {
            label: `Put ${found.name} behind it`,
            run: () => inHand.update(`Put ${found.name} behind it`, { stabilizerId: found.id }),
          }
        : null
    }
    case 'hand':
      return null
  }
}
function tryIt(suspect: Suspect): void {
  const step = doing(suspect)
  if (!step) return
  step.run()
  void offerUndo(`${step.label}: sew a row and see`)
  void navigateTo(step.at === undefined ? '/trial' : `/trial?at=${step.at}`)
}
</script>

<template>
  <div>
    <StationHead />
    <div class="station">
      <UCard
        as="section"
        aria-label="What is wrong"
      >
        <SelectField
          v-model="sign"
          class="narrow"
          label="What is wrong"
          :items="choices"
        />
        <URadioGroup
          v-for="group in groups"
          :key="group.place"
          v-model="sign"
          class="wide"
          :legend="PLACE_WORDS[group.place]"
          :items="group.signs"
          value-key="id"
          label-key="words"
        />
      </UCard>
      <UCard
        as="section"
        aria-label="First suspects"
      >
        <header>
          <h2>{{ words }}</h2>
          <span class="hint">common practice, ranked by what is on the machine now</span>
        </header>
        <p class="hint">One change at a time; sew a row; if nothing changes, put it back and try the next.</p>
        <ol>
          <li
            v-for="(suspect, i) in suspects"
            :key="suspect.id"
          >
            <b class="place serif">{{ i + 1 }}</b>
            <div class="words">
              <p>
                <b>{{ suspect.cause }}</b><span
                  v-if="suspect.because"
                  class="because"
                >
                  {{ suspect.because }}</span
                >
              </p>
              <p>
                Try: {{ suspect.change }}. <span class="hint">Then: {{ suspect.expect }}.</span>
              </p>
              <p
                v-if="suspect.caution"
                class="caution"
              >
                <UIcon name="i-lucide-triangle-alert" /> {{ suspect.caution }}
              </p>
            </div>
            <UButton
              v-if="doing(suspect)"
              size="sm"
              :variant="i === 0 ? 'solid' : 'outline'"
              :label="doing(suspect)!.label"
              @click="tryIt(suspect)"
            />
          </li>
        </ol>
      </UCard>
    </div>
  </div>
</template>

<style scoped>
.station {
  display: grid;
  grid-template-columns: 460px minmax(0, 1fr);
  gap: 16px;
  align-items: start;
}
:deep(fieldset) {
  display: grid;
  grid-template-columns: 1fr 1fr;
  margin-bottom: 10px;
}
@media (max-width: 1150px) {
  .station {
    grid-template-columns: 300px minmax(0, 1fr);
  }
  :deep(fieldset) {
    grid-template-columns: minmax(0, 1fr);
  }
}
li {
  display: flex;
  align-items: center;
  gap: 14px;
  padding: 10px 0;
  border-top: 1px solid var(--line);
}
.place {
  font-size: 30px;
  font-weight: 400;
  min-width: 30px;
  text-align: center;
  font-variant-numeric: lining-nums;
}
.words {
  flex: 1;
  display: grid;
  gap: 2px;
}
.because {
  color: var(--mulberry);
  font-weight: 600;
}
.because::before {
  content: ' · ';
}
.caution {
  font-size: 14.5px;
  font-weight: 600;
  color: var(--weld-text);
}
.narrow {
  display: none;
}
/* On a phone the suspects must be in view: the signs fold into one line. */
@media (max-width: 800px) {
  .narrow {
    display: block;
  }
  .wide {
    display: none;
  }
  .station {
    grid-template-columns: minmax(0, 1fr);
  }
  li {
    flex-wrap: wrap;
  }
  .words {
    flex: 1 1 240px;
  }
}
</style>
