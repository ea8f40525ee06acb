<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core'
import { SIGN_PLACES, SIGNS, type SignId, type Suspect } from '#core/signs'
import { useSuspects } from './useSuspects'

useHead({ title: 'Troubleshooting · Lacy Spool' })
const { offerUndo } = useShelf()
const PLACE_WORDS = {
  front: 'Right side',
  back: 'Wrong side',
  sewing: 'While sewing',
  after: 'After',
} as const
const items = SIGNS.map(({ id: value, words: label, place }) => ({ value, label, place }))
/** On a phone the suspects must be in view: there the signs fold into one line. */
const isPhone = useMediaQuery('(max-width: 800px)')
const groups = SIGN_PLACES.map(place => ({ place, items: items.filter(item => item.place === place) }))
/** What a row says comes with the address: several signs are asked about together. */
const given = [useRoute().query.sign].flat()
const signs = ref<SignId[]>(SIGNS.map(({ id }) => id).filter(id => given.includes(id)))
const { suspects, pressOf } = useSuspects(() => signs.value)
const words = computed(() => {
  const seen = items.filter(({ value }) => signs.value.includes(value))
  return seen.map(({ label }) => label).join(' · ')
})

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
        <UFormField
          v-if="isPhone"
          label="What do you see?"
        >
          <USelectMenu
            v-model="signs"
            multiple
            role="combobox"
            aria-label="What do you see?"
            value-key="value"
            placeholder="Choose all you see"
            :items="items"
            :search-input="false"
          />
        </UFormField>
        <template v-else>
          <InTurn
            v-for="group in groups"
            :key="group.place"
          >
            <UCheckboxGroup
              v-model="signs"
              :legend="PLACE_WORDS[group.place]"
              :items="group.items"
            />
          </InTurn>
        </template>
      </UCard>
      <UCard
        as="section"
        aria-label="First suspects"
      >
        <template v-if="signs.length === 0">
          <h2>What do you see, hear or feel?</h2>
          <p>Choose one sign or more. The likeliest cause comes first, with one change to try.</p>
        </template>
        <header v-else>
          <h2>{{ words }}</h2>
          <p class="hint">
            Try one change, then sew a row. If nothing changes, put it back and try the next. The order is
            common practice, by what is on the machine now.
          </p>
        </header>
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
header {
  display: grid;
}
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
@media (max-width: 800px) {
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
