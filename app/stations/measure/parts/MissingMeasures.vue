<script setup lang="ts">
import { type Consequence, quantityFact, WAY_WORDS } from '#core/measure'
import type { Unmeasured } from '#shared/inputs'
import { wayTo } from '../wayPaths'

/** What is not measured and would change something: the most useful first, each with its ways. */
const { missing, hasBegun } = defineProps<{
  missing: readonly Unmeasured[]
  /** There is a machine and a needle to work with. */
  hasBegun: boolean
}>()
const title = computed(() => {
  if (missing.length > 0) return 'Not measured, most useful first'
  return hasBegun ? 'Nothing that is planned waits for a measure' : 'Nothing to work out yet'
})
const FIRST = 5
/** Openings are read to a twentieth of a millimetre; a least one is never rounded down. */
const upToOpening = (mm: number) => Math.ceil(20 * mm - 1e-6) / 20
const all = ref(false)
const shown = computed(() => (all.value ? missing : missing.slice(0, FIRST)))
const CONSEQUENCE_WORDS: Readonly<Record<Consequence, { word: string; icon: string }>> = {
  verdict: { word: 'Decides a verdict', icon: 'i-lucide-shield-question-mark' },
  plan: { word: 'Changes a plan', icon: 'i-lucide-pencil-ruler' },
  fine: { word: 'Taken as the label or dial says', icon: 'i-lucide-tag' },
  time: { word: 'Changes how long it takes', icon: 'i-lucide-timer' },
}
const WAY_ICONS = {
  wedge: 'i-lucide-triangle-right',
  photo: 'i-lucide-camera',
  counting: 'i-lucide-hash',
  screen: 'i-lucide-monitor-smartphone',
} as const
const MOST_NAMES = 2
function usedWords({ usedBy, isInHand }: Unmeasured): string {
  const others = usedBy.filter(name => name !== 'on the machine now').map(name => `“${name}”`)
  const named = others.slice(0, MOST_NAMES).join(', ')
  const more = others.length > MOST_NAMES ? ` and ${others.length - MOST_NAMES} more` : ''
  const rest = others.length > 0 ? `${named}${more}` : ''
  if (!isInHand) return `For ${rest}`
  return rest === '' ? 'On the machine now' : `On the machine now, and for ${rest}`
}
</script>

<template>
  <UCard
    as="section"
    aria-label="Not measured"
    class="grid gap-2"
  >
    <header>
      <h2>{{ title }}</h2>
    </header>
    <p
      v-if="missing.length === 0"
      class="hint"
    >
      {{
        hasBegun
          ? 'Your machine, pieces and plans need no measurement. New ones appear here.'
          : 'Choose a machine and a needle to see which openings decide.'
      }}
    </p>
    <ol class="list">
      <li
        v-for="one in shown"
        :key="`${one.quantity} ${one.ofId ?? one.name}`"
      >
        <UIcon
          :name="CONSEQUENCE_WORDS[one.consequence].icon"
          class="sign"
        />
        <div class="says">
          <p>
            <b>{{ quantityFact(one.quantity).words }}</b>: {{ one.name }}
          </p>
          <p class="hint">
            {{ usedWords(one) }}.
            <template v-if="one.clearFromMm !== null"
              >Safe if <b>{{ inMm(upToOpening(one.clearFromMm)) }}</b> or wider.</template
            ><template v-else>{{ CONSEQUENCE_WORDS[one.consequence].word }}.</template>
          </p>
        </div>
        <div class="ways">
          <UButton
            v-for="way in quantityFact(one.quantity).ways"
            :key="way"
            size="sm"
            variant="outline"
            :icon="WAY_ICONS[way]"
            :label="WAY_WORDS[way]"
            :aria-label="`${WAY_WORDS[way]}: ${quantityFact(one.quantity).words}, ${one.name}`"
            :to="wayTo(way, one.quantity, one.ofId)"
          />
        </div>
      </li>
    </ol>
    <UButton
      v-if="missing.length > FIRST"
      variant="ghost"
      size="sm"
      class="justify-self-start"
      :label="all ? 'Only the most useful' : `All ${missing.length}`"
      @click="
        () => {
          all = !all
        }
      "
    />
  </UCard>
</template>

<style scoped>
.list li {
  display: flex;
  gap: 10px;
  align-items: center;
  padding: 7px 0;
  border-top: 1px solid var(--line);
}
.list li:first-child {
  border-top: 0;
}
.sign {
  flex: none;
  font-size: 21px;
  color: var(--mulberry);
}
.says {
  flex: 1;
  min-width: 0;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  justify-content: flex-end;
}
@media (max-width: 640px) {
  .list li {
    flex-wrap: wrap;
  }
  .says {
    flex-basis: calc(100% - 40px);
  }
  .ways {
    justify-content: flex-start;
    padding-left: 31px;
  }
}
</style>
