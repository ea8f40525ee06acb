<script setup lang="ts">
import { SIGN_PLACES, SIGNS, type SignId, type Suspect } from '#core/signs'
import { useSuspects } from './useSuspects'

useHead({ title: 'Sign doctor · Lacy Spool' })
const { offerUndo } = useShelf()
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
/** A row's own signs, when they come from the strip: all of them are asked about at once. */
const from = [useRoute().query.sign].flat()
const given = SIGNS.filter(({ id }) => from.includes(id)).map(({ id }) => id)
const signs = ref<readonly SignId[]>(given.length > 0 ? given : ['bobbin-on-top'])
const sign = computed<SignId>({
  get: () => signs.value[0]!,
  set: chosen => {
    signs.value = [chosen]
  },
})
const { suspects, pressOf } = useSuspects(() => signs.value)
const wordsOf = (id: SignId) => SIGNS.find(one => one.id === id)!.words
const words = computed(() => signs.value.map(wordsOf).join(' · '))

function tryIt(suspect: Suspect): void {
  const step = pressOf(suspect)
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
              v-if="pressOf(suspect)"
              size="sm"
              :variant="i === 0 ? 'solid' : 'outline'"
              :label="pressOf(suspect)!.label"
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
