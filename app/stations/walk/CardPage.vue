<script setup lang="ts">
import { useFullscreen, useStorage, useWakeLock } from '@vueuse/core'
import type { CardField } from '#core/card'
import { JOBS } from '#core/job'
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
const isDialled = ({ id }: CardField) => id === 'width' || id === 'length' || id === 'tension'
const dial = computed(() => card.value.fields.filter(isDialled))
const rest = computed(() => card.value.fields.filter(field => !isDialled(field)))
const HATCH = { stop: 'i-lucide-octagon-x', warn: 'i-lucide-triangle-alert', note: 'i-lucide-hand' } as const
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
    <CardDials
      :fields="dial"
      :is-small="size === 'small'"
    />
    <p
      :class="['caution', card.caution.severity]"
      role="status"
    >
      <UIcon
        :name="HATCH[card.caution.severity]"
        class="sign"
      /><span>{{ card.caution.message }}</span>
    </p>
    <CardRest
      :fields="rest"
      :is-small="size === 'small'"
    />
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
.small .caution {
  font-size: 21px;
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
}
</style>
