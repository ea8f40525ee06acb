<script setup lang="ts">
import { useFullscreen, useStorage, useWakeLock } from '@vueuse/core'
import { JOBS } from '#core/job'
import { SPEEDS } from '#core/terms'
import { pieceName } from '#shared/records'
import { LatePrintCard, LateSessionTimer } from '~/asking/lateStationParts'

definePageMeta({ layout: 'bare' })
useHead({ title: 'Bench card · Lacy Spool' })
const inHand = useInHandStore()
const card = useBenchCard()
const colorMode = useColorMode()
const { isFullscreen, toggle, isSupported: canFill } = useFullscreen()
const { isSupported: canStay, isActive: stays, request, release } = useWakeLock()
/** Refused where the browser saves power: then it says so, and nothing else happens. */
onMounted(() => void (canStay.value && request('screen').catch(() => {})))
onUnmounted(() => void release())

const size = useStorage<'big' | 'small'>('lacy-spool-card-size', 'big')
const dial = computed(() =>
  card.value.fields.filter(({ id }) => id === 'width' || id === 'length' || id === 'tension'),
)
const rest = computed(() =>
  card.value.fields.filter(({ id }) => id !== 'width' && id !== 'length' && id !== 'tension'),
)
const plans = usePlannedStore()
/** A plan may still decide another number. */
const isOpen = (id: string) => plans.isPending && id !== 'tension'
/** The longest of the numbers sets the size of all, so that they stand alike. */
const digits = computed(() =>
  Math.max(3, ...dial.value.map(({ value, instead = '' }) => value.length + instead.length)),
)
const HATCH = { stop: 'i-lucide-octagon-x', warn: 'i-lucide-triangle-alert', note: 'i-lucide-hand' } as const
const speedsBeside = (ruled: string) => [
  { value: '', label: inHand.setup.speed === null ? `advised: ${ruled}` : 'by the rule' },
  ...SPEEDS.map(value => ({ value, label: value })),
]
function setSpeed(chosen: string): void {
  inHand.update('Choose the speed', { speed: SPEEDS.find(speed => speed === chosen) ?? null })
}
const isAllSewn = computed(() => inHand.piece.sewn >= inHand.piece.copies)
function oneMoreSewn(): void {
  void inHand.change('One more sewn', { sewn: inHand.piece.sewn + 1 })
}
useKeys({
  leaveCard: () => navigateTo('/walk'),
  lamp: () => {
    colorMode.preference = colorMode.value === 'dark' ? 'light' : 'dark'
  },
})
</script>

<template>
  <div :class="['sheet', size]">
    <header>
      <NuxtLink
        to="/walk"
        no-prefetch
        class="back"
        ><UIcon name="i-lucide-chevron-left" /> Back</NuxtLink
      >
      <h1>{{ inHand.parts.machine?.name ?? 'No machine chosen' }}</h1>
      <span class="hint"
        >{{ pieceName(inHand.piece) }} · {{ JOBS[inHand.setup.job].name }}, {{ inHand.setup.goal }}</span
      >
      <UButton
        variant="outline"
        icon="i-lucide-check"
        :label="`Sewn ${inHand.piece.sewn} of ${inHand.piece.copies}: one more`"
        :disabled="isAllSewn"
        @click="oneMoreSewn"
      />
      <span
        class="hint awake"
        role="status"
        >{{ stays ? 'The screen stays on' : 'The screen may go dark' }}</span
      >
      <SavedWord />
      <div class="tools">
        <LateSessionTimer />
        <UButton
          variant="outline"
          :label="size === 'big' ? 'Smaller' : 'Bigger'"
          @click="
            () => {
              size = size === 'big' ? 'small' : 'big'
            }
          "
        />
        <UButton
          :variant="colorMode.value === 'dark' ? 'soft' : 'outline'"
          label="Dim lamp"
          :aria-pressed="colorMode.value === 'dark'"
          @click="
            () => {
              colorMode.preference = colorMode.value === 'dark' ? 'light' : 'dark'
            }
          "
        />
        <UButton
          v-if="canFill"
          :variant="isFullscreen ? 'soft' : 'outline'"
          label="Full screen"
          class="fill"
          :aria-pressed="isFullscreen"
          @click="toggle"
        />
        <LatePrintCard :card="card" />
      </div>
    </header>
    <section
      class="dials"
      :style="{ '--digits': digits }"
      aria-label="Dial in"
    >
      <div
        v-for="field in dial"
        :key="field.id"
      >
        <span class="label">{{ field.label }}</span><b v-if="field.instead"
          ><s :aria-label="`not ${field.value}`">{{ field.value }}</s> {{ field.instead }}</b
        ><b v-else>{{ field.value }}</b
        ><span class="note"
          >{{ isOpen(field.id) ? 'being planned …' : field.note }}{{ ' '
          }}<CardSource
            v-if="!isOpen(field.id)"
            :field="field"
        /></span>
      </div>
    </section>
    <p
      :class="['caution', card.caution.severity]"
      role="status"
    >
      <UIcon
        :name="HATCH[card.caution.severity]"
        class="sign"
      /><span>{{ card.caution.message }}</span>
    </p>
    <dl>
      <div
        v-for="field in rest"
        :key="field.id"
        :class="field.id"
      >
        <dt>{{ field.label }}</dt>
        <dd
          v-if="field.id === 'speed'"
          class="chosen"
        >
          <SelectField
            bare
            label="Speed"
            class="choice"
            :model-value="inHand.setup.speed ?? ''"
            :items="speedsBeside(field.value)"
            @update:model-value="setSpeed"
          /><CardSource :field="field" />
        </dd>
        <dd v-else>
          <b>{{ field.value }}</b>{{ ' ' }}
          <span
            v-if="field.note"
            class="note"
            >{{ field.note }}</span><CardSource :field="field" />
        </dd>
      </div>
    </dl>
  </div>
</template>

<style scoped>
.sheet {
  display: flex;
  flex-direction: column;
  gap: 12px;
  min-height: 100dvh;
  padding: 10px 24px 14px;
}
header {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 16px;
}
.back {
  display: inline-flex;
  align-items: center;
  gap: 4px;
  min-height: 44px;
  padding-right: 10px;
  font-weight: 650;
}
h1 {
  font-size: 26px;
  flex: none;
}
.tools {
  margin-left: auto;
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.dials {
  flex: 1;
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  align-items: center;
  border-block: 2px solid var(--line-strong);
}
.dials > div {
  container-type: inline-size;
  display: grid;
  text-align: center;
  padding: 4px 6px;
  border-left: 2px solid var(--line);
}
.dials > div:first-child {
  border-left: 0;
}
.label {
  font-size: 30px;
  font-weight: 650;
}
.dials b {
  font-size: min(calc(185cqw / var(--digits)), 44dvh);
  line-height: 1;
  font-weight: 650;
  letter-spacing: -0.02em;
}
.dials .note {
  font-size: 28px;
  color: var(--mute);
}
.caution {
  display: flex;
  align-items: center;
  gap: 16px;
  padding: 10px 18px;
  border: 2px solid;
  border-radius: 14px;
  font-size: 30px;
  font-weight: 650;
  line-height: 1.2;
  color: var(--ink);
}
.caution.stop {
  background: var(--strikes-bg);
  border-color: var(--madder);
}
.caution.warn {
  background: var(--close-bg);
  border-color: var(--weld);
}
.caution.note {
  background: var(--clear-bg);
  border-color: var(--lichen);
}
.sign {
  font-size: 38px;
  flex: none;
}
dl {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(270px, 1fr));
  gap: 4px 26px;
}
dl div {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  align-items: baseline;
  gap: 8px;
}
dt {
  font-size: 19px;
  color: var(--mute);
}
dd {
  font-size: 27px;
  line-height: 1.2;
}
dd b {
  font-weight: 650;
}
dd .note {
  font-size: 19px;
  color: var(--mute);
}
.left dt {
  color: var(--woad);
  font-weight: 700;
}
.right dt {
  color: var(--weld-text);
  font-weight: 700;
}
.chosen {
  display: flex;
  align-items: center;
  gap: 8px;
}
.chosen :deep(.chip) {
  font-size: 19px;
}
.choice {
  width: min(200px, 100%);
}
.choice :deep(button) {
  font-size: inherit;
  font-weight: 650;
}
.small .dials {
  flex: 0 1 auto;
}
.small .dials b {
  font-size: min(calc(80cqw / var(--digits)), 24dvh);
}
.small .label,
.small .dials .note {
  font-size: 19px;
}
.small .caution {
  font-size: 21px;
}
.small dd {
  font-size: 20px;
}
.small dt,
.small dd .note {
  font-size: 16px;
}
@media (max-width: 800px) {
  .sheet {
    padding: 8px 12px 12px;
    gap: 10px;
  }
  h1 {
    font-size: 20px;
  }
  .awake {
    display: none;
  }
  .fill {
    display: none;
  }
  .caution {
    font-size: 20px;
    padding: 8px 12px;
  }
  dd {
    font-size: 20px;
  }
  dt,
  dd .note {
    font-size: 16px;
  }
  dl {
    grid-template-columns: minmax(0, 1fr);
  }
  .dials {
    grid-template-columns: minmax(0, 1fr);
  }
  .dials > div {
    grid-template-columns: minmax(0, 1fr) auto;
    text-align: left;
    border-left: 0;
    border-top: 2px solid var(--line);
  }
  .dials > div:first-child {
    border-top: 0;
  }
  .label {
    font-size: 22px;
    align-self: end;
  }
  .dials b,
  .small .dials b {
    grid-area: 1 / 2 / 3 / 3;
    align-self: center;
    font-size: min(calc(90cqw / var(--digits)), 14dvh);
  }
  .small .dials b {
    font-size: min(calc(60cqw / var(--digits)), 9dvh);
  }
  .dials .note,
  .small .dials .note {
    font-size: 17px;
  }
}
</style>
