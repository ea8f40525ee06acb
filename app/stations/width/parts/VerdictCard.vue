<script setup lang="ts">
import type { Machine } from '#shared/records'
import { compareTwinMode, twinModeWords } from '#core/swing'
import { jobHeadline } from '#core/verdict'
import { LateReasonPress } from '~/asking/lateParts'
import { firstViewStands } from '~/utils/firstView'
import { JOB_LOOKS } from '~/utils/verdict'

const inHand = useInHandStore()

const look = computed(() => inHand.result && JOB_LOOKS[inHand.verdict.verdict])
/** Whatever else does not let this be sewn as it stands: it comes first, whatever the swing says. */
const { rows } = useSetupReasons()
const against = computed(() => rows.value.filter(({ severity }) => severity !== 'note'))
const swingReasons = computed(() => inHand.verdict.reasons.filter(({ about }) => about === 'swing'))
const line = computed(() => (inHand.swingInput ? jobHeadline(inHand.verdict, inHand.swingInput) : ''))
/** What keeps the needle from swinging as it is set. */
const swingAgainst = computed(() => swingReasons.value.find(({ severity }) => severity !== 'note'))
const SUMS = new Set(['safe-width', 'straight-only', 'no-width-helps'])
/** Said elsewhere: the caution stands beside the handwheel. */
const ELSEWHERE = new Set(['hand-walk'])
const sums = computed(() => swingReasons.value.filter(({ code }) => SUMS.has(code)))
/** Good news can wait behind a click; what is wrong cannot. */
const QUIET = new Set(['fits', 'openings-unmeasured'])
const modeWords = computed(() =>
  swingReasons.value.filter(({ code }) => !SUMS.has(code) && !ELSEWHERE.has(code) && !QUIET.has(code)),
)
const more = computed(() => swingReasons.value.filter(({ code }) => QUIET.has(code)))

/** What the machine itself would let you set, where that is not what is safe. */
const mode = computed(() => {
  const { machine, needle } = inHand.parts
  if (!machine || !needle || !inHand.result || needle.construction === 'single') return null
  const { twinMode, maxWidthMm } = machine
  const { safeWidthMm } = inHand.result
  const words = twinModeWords(twinMode, maxWidthMm, needle, safeWidthMm)
  const { pastEachSideMm } = compareTwinMode(twinMode, maxWidthMm, needle, safeWidthMm)
  return { text: words + forgetWords(machine), warn: pastEachSideMm > 0 }
})
function forgetWords({ twinMode, forgetsTwinMode }: Machine): string {
  if (twinMode.kind === 'none' || forgetsTwinMode === false) return ''
  if (forgetsTwinMode) return ' The machine resets the twin setting when switched off.'
  return ' Check whether the machine keeps the twin setting when switched off.'
}
const isByRule = computed(() => inHand.verdict.evidence === 'rule')
const unmeasured = computed(() => {
  const parts = inHand.verdict.unmeasured
  return `${parts.length === 1 ? `The ${parts[0]} is` : 'Foot and plate are'} not measured.`
})
/** What helps a stitch that is held at one end of the swing. */
const shift = computed(() => {
  const mm = inHand.clearingShift
  return mm ? `Move the needle ${inMm(Math.abs(mm))} ${mm < 0 ? 'left' : 'right'}: clear` : null
})
const isOpen = ref(false)
</script>

<template>
  <section
    v-if="inHand.result && look"
    class="say"
    :class="{ rule: isByRule }"
    role="status"
    aria-live="off"
    aria-label="Verdict"
    :style="{ borderColor: look.edge, background: look.bg }"
  >
    <p
      class="line"
      :style="{ color: look.ink }"
    >
      <UIcon :name="look.icon" /> <b>{{ line }}</b>
      <VerdictSource
        v-if="against.length === 0"
        about="verdict"
      />
    </p>
    <div
      v-for="reason in against"
      :key="reason.message"
      class="against"
    >
      <p :style="{ color: reason.look.ink }">
        <b>{{ reason.look.word }}:</b> {{ reason.message }}
      </p>
      <LateReasonPress
        v-if="firstViewStands"
        :reason="reason"
      />
    </div>
    <p
      v-if="isByRule"
      class="unmeasured"
    >
      {{ unmeasured }}
      <NuxtLink
        no-prefetch
        to="/measure"
        class="measure"
        >Measure it</NuxtLink
      >
    </p>
    <LateReasonPress
      v-if="swingAgainst && firstViewStands"
      :reason="swingAgainst"
    />
    <UButton
      v-if="shift"
      size="sm"
      variant="outline"
      icon="i-lucide-move-horizontal"
      :label="shift"
      @click="inHand.moveToClear()"
    />
    <p
      v-for="reason in sums"
      :key="reason.code"
      class="why"
    >
      {{ reason.message }}
    </p>
    <p
      v-for="reason in modeWords"
      :key="reason.code"
      class="why"
    >
      {{ reason.message }}
    </p>
    <p
      v-if="mode"
      class="why"
      :class="{ 'strikes-ink': mode.warn }"
    >
      {{ mode.text }}
    </p>
    <template v-if="more.length > 0">
      <!-- What folds with the kit’s part is no part of the first screen. -->
      <UButton
        variant="ghost"
        color="neutral"
        size="sm"
        label="Where it lands, what is measured"
        class="-ms-2.5 text-start text-muted"
        :icon="isOpen ? 'i-lucide-chevron-down' : 'i-lucide-chevron-right'"
        :aria-expanded="isOpen"
        @click="
          () => {
            isOpen = !isOpen
          }
        "
      />
      <template v-if="isOpen">
        <p
          v-for="reason in more"
          :key="reason.code"
          class="why"
        >
          {{ reason.message }}
        </p>
      </template>
    </template>
  </section>
  <section
    v-else
    class="say"
    role="status"
    aria-live="off"
    aria-label="Verdict"
  >
    <p class="line"><b>Choose a machine and a needle.</b></p>
    <p class="why">Then you see at once how wide it may swing, and why.</p>
  </section>
</template>

<style scoped>
.say {
  border: 1.5px solid var(--line);
  background: var(--white);
  border-radius: 14px;
  padding: 10px 12px;
}
/* What nobody measured is drawn as a guess is drawn on cloth. */
.say.rule {
  border-style: dashed;
}
.unmeasured {
  display: flex;
  flex-wrap: wrap;
  gap: 0 6px;
  align-items: center;
  margin: 3px 0;
  font-size: 14.5px;
  line-height: 1.25;
}
.measure {
  flex: none;
  align-content: center;
  min-height: 44px;
  margin: -10px 0;
  color: var(--mulberry);
  font-weight: 600;
  text-decoration: underline;
}
.against {
  display: flex;
  gap: 8px;
  align-items: center;
  margin: 4px 0;
  font-size: 15px;
  line-height: 1.25;
}
.against p {
  flex: 1;
}
.line {
  font-size: 16.5px;
  display: flex;
  gap: 8px;
  align-items: flex-start;
  line-height: 1.25;
}
.line :deep(svg),
.line .iconify {
  flex: none;
  margin-top: 2px;
  font-size: 19px;
}
summary {
  cursor: pointer;
  font-weight: 600;
  min-height: 28px;
  display: list-item;
  align-content: center;
}
.why {
  margin-top: 4px;
  font-size: 14.5px;
  line-height: 1.3;
}
</style>
