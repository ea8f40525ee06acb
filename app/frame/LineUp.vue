<script setup lang="ts">
import { whenever } from '@vueuse/core'
import { JOBS } from '#core/job'
import { hasSwing } from '#core/stitch'
import { formatShort } from '#core/units'
import { plateOn, underFootMm } from '#shared/inputs'
import { needleHeading } from '#core/needle'
import { pieceName, type Thread } from '#shared/records'
import { familyWords } from '#shared/setup'
import { verdictWords } from '#core/verdict'
import { JOB_LOOKS } from '~/utils/verdict'
import {
  LateBobbinPicker,
  LateClothPicker,
  LateFootPicker,
  LateJobPicker,
  LateMachinePicker,
  LateNeedlePicker,
  LatePieceWay,
  LatePutBackStop,
  LateSpoolPicker,
  LateTensionPicker,
} from '~/asking/lateParts'
import { LateStitchNumbers } from '~/asking/lateHolding'
import { firstViewStands } from '~/utils/firstView'
import { askedStop } from './askedStop'

const second = useTemplateRef<HTMLElement>('second')
useOneStop(second)
const book = useBookStore()
const inHand = useInHandStore()

const thread = (id: string | null): Thread | null => book.shelf.threads.get(id ?? '') ?? null
const left = computed(() => thread(inHand.setup.threadIds.left))
const right = computed(() => thread(inHand.setup.threadIds.right))
const bobbin = computed(() => thread(inHand.setup.bobbinId))
const cloth = computed(() => book.shelf.cloths.get(inHand.setup.clothId ?? ''))
const below = computed(() => (inHand.setup.under.length > 0 ? ` +${inHand.setup.under.length}` : ''))
const twin = computed(() => inHand.parts.needle !== null && inHand.parts.needle.construction !== 'single')
const look = computed(() => (inHand.result ? JOB_LOOKS[inHand.verdict.verdict] : null))
const words = computed(() => verdictWords(inHand.verdict))
/** Where what decides can be seen, and mended. What it says is read out; no other place says it again. */
const decidedAt = computed(() => (inHand.verdict.reasons[0]?.about === 'setup' ? '/pairing' : '/'))

/** What it is called, its job, and how many of it. */
const name = computed(() => (inHand.isBegun ? pieceName(inHand.piece) : 'A new piece'))
const about = computed(() => {
  const { copies, plan } = inHand.piece
  const row = plan.kind === 'band' ? `row ${inHand.row + 1} of ${plan.rows.length}` : ''
  const many = copies > 1 ? `${copies} copies` : ''
  return [JOBS[inHand.setup.job].name, row, many].filter(Boolean).join(' · ')
})
/** The numbers one dials: width where it swings, and length. */
const stitchLine = computed(() => {
  const { widthMm, lengthMm } = inHand.setup.stitch
  const swings = inHand.parts.stitch !== null && hasSwing(inHand.parts.stitch)
  return swings ? `${bareMm(widthMm)} × ${bareMm(lengthMm)}` : bareMm(lengthMm)
})
const stitchNote = computed(() => {
  const { positionMm } = inHand.setup.stitch
  const side = positionMm < 0 ? 'left' : 'right'
  const moved = positionMm === 0 ? '' : `, ${bareMm(Math.abs(positionMm))} ${side}`
  return `${inHand.parts.stitch?.name ?? 'stitch gone'}${moved}`
})
/** On a phone the rest of the setup opens below what one dials. */
const isOpen = ref(false)
watch(
  askedStop,
  asked => {
    if (asked) isOpen.value = true
  },
  { flush: 'sync' },
)

const spoolNames = computed(() => {
  if (!left.value && (!twin.value || !right.value)) return []
  const names = twin.value
    ? [left.value?.name ?? 'left not chosen', right.value?.name ?? 'right not chosen']
    : [left.value!.name]
  return [...new Set(names)]
})
/** What is on the real machine is no part of the first view; its panel tells it, and leads into the walk. */
const toChangeOver = shallowRef<() => number>(() => 0)
async function readMachine(): Promise<void> {
  const { usePutBackStore } = await import('~/stations/walk/putBackStore')
  const put = usePutBackStore()
  toChangeOver.value = () => put.changeOver?.count ?? 0
}
whenever(firstViewStands, () => void readMachine().catch(() => {}), { once: true, immediate: true })
const machineNote = computed(() => {
  const { machine } = inHand.parts
  if (!machine) return 'not chosen'
  const count = toChangeOver.value()
  return count > 0 ? `${count} to change over` : `widest ${bareMm(machine.maxWidthMm)}`
})
const footLine = computed(() => {
  const { foot } = inHand.parts
  if (plateOn(inHand.setup, inHand.parts.plate).singleHole) return 'single-hole plate'
  if (!foot) return 'zigzag plate'
  if (foot.singleHole) return 'single hole'
  return foot.slotMm === null ? 'not measured' : `opens ${bareMm(foot.slotMm)}`
})

/** A number that was set for something else is not shown as right. */
const tensionLine = computed(() => {
  if (inHand.verdict.reasons.some(({ code }) => code === 'tension-carried')) return 'carried over'
  const family = familyWords(inHand.setup, book.shelf)
  if (family) return family
  const dial = inHand.parts.machine?.tensionDial
  return dial ? `normal is ${formatShort(dial.home)}` : 'normal not known'
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
  if (inHand.parts.needle?.construction === 'triple')
    return inHand.setup.threadIds.middle === null ? 'middle not chosen' : 'all three'
  return twin.value ? 'both sides' : 'one needle'
})
</script>

<template>
  <header
    class="lineup"
    aria-label="Line-up: the piece in hand, and what it is sewn with"
  >
    <div class="first">
      <LineUpStop
        is-title
        title="Piece"
        :main="name"
        :sub="about"
      >
        <LateJobPicker />
      </LineUpStop>
      <LatePieceWay v-if="firstViewStands" />
      <NuxtLink
        :to="decidedAt"
        class="verdict"
        :class="{ rule: inHand.verdict.evidence === 'rule' }"
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
    </div>
    <div
      ref="second"
      class="second"
      :class="{ open: isOpen }"
    >
      <LineUpStop
        is-dialled
        title="Stitch"
        :main="stitchLine"
        :sub="stitchNote"
      >
        <template #picture>
          <span
            v-if="inHand.parts.stitch"
            class="thumb"
            aria-hidden="true"
            ><StitchThumb
              :shape="inHand.parts.stitch"
              :width="Math.max(2, inHand.setup.stitch.widthMm)"
              :length="inHand.setup.stitch.lengthMm"
          /></span>
        </template>
        <LateStitchNumbers />
      </LineUpStop>
      <LineUpStop
        is-dialled
        title="Tension"
        :main="inHand.setup.tension === null ? 'Tension' : `Tension ${formatShort(inHand.setup.tension)}`"
        :sub="tensionLine"
      >
        <LateTensionPicker />
      </LineUpStop>
      <UButton
        variant="ghost"
        color="neutral"
        class="more"
        :aria-expanded="isOpen"
        label="Setup"
        trailing-icon="i-lucide-chevron-down"
        @click="
          () => {
            isOpen = !isOpen
          }
        "
      />
      <!-- The verdict's sign, where the verdict itself is scrolled away. -->
      <span
        v-if="look"
        class="mark"
        aria-hidden="true"
        :style="{ background: look.bg, borderColor: look.edge, color: look.ink }"
        ><UIcon :name="look.icon"
      /></span>
      <span
        class="bar"
        aria-hidden="true"
      />
      <LineUpStop
        is-name
        title="Machine"
        :main="inHand.parts.machine?.name ?? 'Machine'"
        :sub="machineNote"
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
            class="spool over"
            aria-hidden="true"
            :style="{ background: spoolPaint(right) }"
          />
        </template>
        <LateSpoolPicker />
      </LineUpStop>
      <LineUpStop
        is-rest
        title="Needle"
        :main="inHand.parts.needle ? needleHeading(inHand.parts.needle) : 'Needle'"
        :sub="inHand.parts.needle?.type ?? 'not chosen'"
      >
        <LateNeedlePicker />
      </LineUpStop>
      <LineUpStop
        is-name
        title="Foot and plate"
        :main="inHand.parts.foot?.name ?? 'Foot'"
        :sub="footLine"
      >
        <LateFootPicker />
      </LineUpStop>
      <LineUpStop
        is-name
        title="Cloth"
        :main="cloth ? `${cloth.name} ×${inHand.setup.layers}${below}` : 'Cloth'"
        :sub="cloth ? inMm(underFootMm(inHand.setup, book.shelf.cloths)) : 'not chosen'"
      >
        <LateClothPicker />
      </LineUpStop>
      <LineUpStop
        is-name
        title="Bobbin"
        :main="bobbin?.name ?? 'Bobbin'"
        :sub="bobbin ? 'wrong side' : 'not chosen'"
      >
        <LateBobbinPicker />
      </LineUpStop>
      <span class="ends">
        <ConflictStop />
        <LatePutBackStop v-if="firstViewStands" />
      </span>
    </div>
  </header>
</template>

<style scoped>
.lineup {
  position: sticky;
  top: 0;
  z-index: 15;
  display: grid;
  gap: 6px;
  padding: 8px 12px;
  border-bottom: 1px solid var(--line);
  background: var(--cloth);
  min-width: 0;
}
.first,
.second {
  display: flex;
  align-items: center;
  gap: 6px;
  min-width: 0;
}
.first .verdict {
  margin-left: auto;
}
/* A name gives way down to its longest word; a number never does. */
.second :deep(.anchor) {
  flex: 0 1 auto;
  min-width: min-content;
}
.second :deep(.anchor.dialled),
.second :deep(.anchor.rest) {
  flex-shrink: 0;
}
.first > :deep(.anchor.title) {
  flex: 0 1 auto;
  min-width: 0;
}
.second :deep(.stop) {
  width: 100%;
}
.bar {
  align-self: stretch;
  width: 1px;
  flex: none;
  margin: 2px;
  background: var(--line);
}
.more,
.mark {
  display: none;
}
.ends {
  display: flex;
  gap: 6px;
  margin-left: auto;
  flex: none;
}
.thumb {
  flex: none;
  width: 22px;
  height: 32px;
  color: var(--woad);
}
.spool {
  width: 24px;
  height: 24px;
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
  inset: 6px;
  border-radius: 50%;
  background: var(--white);
  border: 1px solid var(--line-strong);
}
.spool.over {
  margin-left: -14px;
}
.verdict {
  flex: none;
  min-width: 112px;
  max-width: 250px;
  min-height: 44px;
  padding: 4px 10px;
  border: 1.5px solid var(--line-strong);
  border-radius: 12px;
  line-height: 1.15;
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
}
.sign {
  font-size: 19px;
}
/* Two lines down to a small tablet: pictures and words the numbers do without go first, then names wrap. */
@media (min-width: 1001px) and (max-width: 1279px) {
  .thumb,
  .spool,
  .bar,
  .ends :deep(.stop-word) {
    display: none;
  }
  .second,
  .ends {
    gap: 4px;
  }
  .second :deep(.anchor.name) {
    min-width: 0;
    overflow-wrap: anywhere;
  }
  .second :deep(.anchor.name em) {
    white-space: normal;
  }
  .second :deep(.stop) {
    padding-inline: 6px;
  }
}
@media (max-width: 1000px) {
  .first,
  .second {
    flex-wrap: wrap;
  }
}
/* On a low screen, or at great magnification, nothing lies over the page. */
@media (max-height: 500px) {
  .lineup {
    position: static;
  }
  .first,
  .second {
    flex-wrap: nowrap;
  }
  .first > :deep(.way) {
    display: none;
  }
  .more {
    display: inline-flex;
  }
  .second.open {
    flex-wrap: wrap;
  }
  .bar,
  .second:not(.open) > :deep(.anchor.name),
  .second:not(.open) > :deep(.anchor.rest),
  .second:not(.open) > .ends {
    display: none;
  }
}
/* Low and wide, as a phone laid down: one line, so that the page’s answer is in view. */
@media (max-height: 500px) and (min-width: 641px) {
  .lineup {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    padding-block: 4px;
  }
  .first {
    flex: 1 1 300px;
  }
  .second.open {
    flex: 1 1 100%;
  }
}
@media print {
  .lineup {
    display: none;
  }
}
/* On a phone the name scrolls away; the numbers one dials and the verdict's sign stay. */
@media (max-width: 640px) {
  .lineup {
    display: contents;
  }
  .first,
  .second {
    padding-inline: 12px;
    background: var(--cloth);
  }
  .first {
    flex-wrap: wrap;
    padding-top: 8px;
  }
  .second {
    position: sticky;
    top: 0;
    z-index: 15;
    flex-wrap: nowrap;
    padding-block: 6px;
    border-bottom: 1px solid var(--line);
  }
  .second.open {
    position: static;
    flex-wrap: wrap;
  }
  .mark {
    display: grid;
    place-content: center;
    flex: none;
    margin-left: auto;
    width: 32px;
    height: 32px;
    border: 1.5px solid var(--line-strong);
    border-radius: 50%;
    font-size: 19px;
  }
  .first > :deep(.anchor.title) {
    flex: 1 1 50%;
    min-width: 0;
  }
  .verdict {
    flex: 0 1 42%;
    padding: 3px 8px;
  }
  .verdict b {
    font-size: 15px;
  }
  .more {
    display: inline-flex;
  }
  .bar,
  .second:not(.open) > :deep(.anchor.name),
  .second:not(.open) > :deep(.anchor.rest),
  .second:not(.open) > .ends {
    display: none;
  }
}
@media (max-width: 380px) {
  .second .thumb {
    display: none;
  }
}
@media (max-width: 344px), (max-width: 640px) and (max-height: 500px) {
  .second {
    position: static;
    flex-wrap: wrap;
  }
}
</style>
