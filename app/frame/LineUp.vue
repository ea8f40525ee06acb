<script setup lang="ts">
import { JOBS } from '#core/job'
import { formatShort } from '#core/units'
import { plateOn, underFootMm } from '#shared/inputs'
import { needleHeading } from '#core/needle'
import type { Thread } from '#shared/records'
import { verdictWords } from '#core/verdict'
import { JOB_LOOKS } from '~/utils/verdict'
import {
  LateBobbinPicker,
  LateClothPicker,
  LateFootPicker,
  LateJobPicker,
  LateMachinePicker,
  LateNeedlePicker,
  LateSpoolPicker,
  LateTensionPicker,
} from '~/asking/lateParts'

const book = useBookStore()
const bench = useBenchStore()
const settings = useSettingsStore()
const { length, bare } = useLength()

const thread = (id: string | null): Thread | null => book.shelf.threads.get(id ?? '') ?? null
const left = computed(() => thread(bench.setup.threadIds.left))
const right = computed(() => thread(bench.setup.threadIds.right))
const bobbin = computed(() => thread(bench.setup.bobbinId))
const cloth = computed(() => book.shelf.cloths.get(bench.setup.clothId ?? ''))
const below = computed(() => (bench.setup.under.length > 0 ? ` +${bench.setup.under.length}` : ''))
const twin = computed(() => bench.parts.needle !== null && bench.parts.needle.construction !== 'single')
const look = computed(() => (bench.result ? JOB_LOOKS[bench.verdict.verdict] : null))
const words = computed(() => verdictWords(bench.verdict, settings.unit))
/** Where what decides can be seen, and mended. What it says is read out; no other place says it again. */
const decidedAt = computed(() => (bench.verdict.reasons[0]?.about === 'setup' ? '/pairing' : '/'))

const spoolNames = computed(() => {
  if (!left.value && (!twin.value || !right.value)) return []
  const names = twin.value
    ? [left.value?.name ?? 'left not chosen', right.value?.name ?? 'right not chosen']
    : [left.value!.name]
  return [...new Set(names)]
})
const footLine = computed(() => {
  const { foot } = bench.parts
  if (plateOn(bench.setup, bench.parts.plate).singleHole) return 'single-hole plate'
  if (!foot) return 'zigzag plate'
  if (foot.singleHole) return 'single hole'
  return foot.slotMm === null ? 'not measured' : `opens ${bare(foot.slotMm)}`
})

/** A number that was set for something else is not shown as right. */
const tensionLine = computed(() => {
  if (bench.verdict.reasons.some(({ code }) => code === 'tension-carried')) return 'carried over'
  const dial = bench.parts.machine?.tensionDial
  return dial ? `home is ${formatShort(dial.home)}` : 'no home yet'
})

/** A spool from above: the thread's colours wound round. */
function spoolPaint(thread: Thread | null): string {
  if (!thread) return 'repeating-linear-gradient(135deg, var(--line) 0 4px, var(--cloth) 4px 8px)'
  const step = 360 / thread.colours.length
  const wedges = thread.colours.map(({ hex }, i) => `${hex} ${i * step}deg ${(i + 1) * step}deg`)
  return `conic-gradient(${wedges.join(', ')})`
}
/** The second spool; else what the one there is for. */
const spoolsNote = computed(() => {
  if (spoolNames.value[1]) return spoolNames.value[1]
  if (spoolNames.value.length === 0) return 'not chosen'
  return twin.value ? 'both sides' : 'one needle'
})
</script>

<template>
  <header
    class="lineup"
    aria-label="Line-up: what is on the machine now"
  >
    <div class="stops">
      <LineUpStop
        is-name
        title="Job"
        :main="JOBS[bench.setup.job].name"
        :sub="bench.setup.goal"
      >
        <LateJobPicker />
      </LineUpStop>
      <LineUpStop
        is-name
        title="Machine"
        :main="bench.parts.machine?.name ?? 'Machine'"
        :sub="bench.parts.machine ? `widest ${bare(bench.parts.machine.maxWidthMm)}` : 'not chosen'"
      >
        <LateMachinePicker />
      </LineUpStop>
      <LineUpStop
        is-name
        title="Spools"
        :main="spoolNames[0] ?? 'Spools'"
        :sub="spoolsNote"
      >
        <template #picture>
          <span
            class="spool"
            aria-hidden="true"
            :style="{ background: spoolPaint(left) }"
          />
          <span
            v-if="twin"
            class="spool second"
            aria-hidden="true"
            :style="{ background: spoolPaint(right) }"
          />
        </template>
        <LateSpoolPicker />
      </LineUpStop>
      <LineUpStop
        title="Tension"
        :main="bench.setup.tension === null ? 'Tension' : `Tension ${formatShort(bench.setup.tension)}`"
        :sub="tensionLine"
      >
        <LateTensionPicker />
      </LineUpStop>
      <LineUpStop
        title="Needle"
        :main="bench.parts.needle ? needleHeading(bench.parts.needle) : 'Needle'"
        :sub="bench.parts.needle?.type ?? 'not chosen'"
      >
        <LateNeedlePicker />
      </LineUpStop>
      <LineUpStop
        is-name
        title="Foot and plate"
        :main="bench.parts.foot?.name ?? 'Foot'"
        :sub="footLine"
      >
        <LateFootPicker />
      </LineUpStop>
      <LineUpStop
        is-name
        title="Cloth"
        :main="cloth ? `${cloth.name} ×${bench.setup.layers}${below}` : 'Cloth'"
        :sub="cloth ? length(underFootMm(bench.setup, book.shelf.cloths)) : 'not chosen'"
      >
        <LateClothPicker />
      </LineUpStop>
      <LineUpStop
        is-name
        title="Bobbin"
        :main="bobbin?.name ?? 'Bobbin'"
        :sub="bobbin ? 'under side' : 'not chosen'"
      >
        <LateBobbinPicker />
      </LineUpStop>
    </div>
    <ConflictStop />
    <PutBackStop />
    <NuxtLink
      :to="decidedAt"
      class="verdict"
      :class="{ rule: bench.verdict.evidence === 'rule' }"
      :style="look ? { background: look.bg, borderColor: look.edge, color: look.ink } : {}"
      aria-live="polite"
    >
      <b
        ><UIcon
          v-if="look"
          :name="look.icon"
          class="sign"
        />{{ look?.word ?? 'No verdict' }}</b
      >
      <span>{{ words }}</span>
    </NuxtLink>
  </header>
</template>

<style scoped>
.lineup {
  position: sticky;
  top: 0;
  z-index: 15;
  display: flex;
  align-items: center;
  gap: 6px;
  padding: 10px 12px;
  border-bottom: 1px solid var(--line);
  background: var(--cloth);
  min-height: 76px;
  min-width: 0;
}
/* Two threads run from stop to stop, as they do through the machine. */
.stops {
  position: relative;
  flex: 1;
  min-width: 0;
  display: flex;
  gap: 5px;
  overflow-x: auto;
  padding: 3px;
  scrollbar-width: none;
}
.stops :deep(.anchor) {
  position: relative;
  flex: 1 0 auto;
}
.stops :deep(.anchor.name) {
  flex-shrink: 1;
}
.stops :deep(.stop) {
  width: 100%;
}
.stops :deep(.anchor + .anchor)::before {
  content: '';
  position: absolute;
  right: 100%;
  width: 5px;
  top: 50%;
  height: 7px;
  margin-top: -4px;
  border-top: 2px solid var(--woad);
  border-bottom: 2px solid var(--weld);
  opacity: 0.8;
}
.spool {
  width: 28px;
  height: 28px;
  border-radius: 50%;
  border: 2px solid var(--white);
  box-shadow:
    0 0 0 1.5px var(--line-strong),
    inset 0 0 0 11px transparent;
  flex: none;
  position: relative;
}
.spool::after {
  content: '';
  position: absolute;
  inset: 8px;
  border-radius: 50%;
  background: var(--white);
  border: 1px solid var(--line-strong);
}
.spool.second {
  margin-left: -15px;
}
.verdict {
  flex: none;
  min-width: 112px;
  max-width: 146px;
  min-height: 44px;
  padding: 4px 9px;
  border: 1.5px solid var(--line-strong);
  border-radius: 12px;
  line-height: 1.2;
  background: var(--white);
}
/* Not measured: drawn as a guess. */
.verdict.rule {
  border-style: dashed;
}
.verdict b {
  display: flex;
  align-items: center;
  gap: 6px;
  font-size: 17px;
}
.verdict span {
  font-size: 14px;
  line-height: 1.15;
}
.sign {
  font-size: 19px;
}
@media (max-width: 1150px) {
  .lineup {
    padding: 8px 16px;
  }
  .spool {
    width: 22px;
    height: 22px;
  }
  .spool::after {
    inset: 6px;
  }
  .spool.second {
    margin-left: -13px;
  }
  .verdict {
    min-width: 116px;
    max-width: 128px;
    padding: 4px 8px;
  }
}
/* On a low screen, or at great magnification, nothing lies over the page. */
@media (max-height: 500px) {
  .lineup {
    position: static;
  }
}
@media print {
  .lineup {
    display: none;
  }
}
@media (max-width: 640px) {
  .stops :deep(.anchor),
  .stops :deep(.anchor.name) {
    flex: none;
  }
  .lineup {
    flex-wrap: wrap-reverse;
    padding: 8px 12px;
    gap: 8px;
  }
  .stops {
    flex: 1 0 100%;
  }
  .verdict {
    flex: 1;
    max-width: none;
    display: flex;
    gap: 10px;
    justify-content: space-between;
    align-items: center;
  }
}
</style>
