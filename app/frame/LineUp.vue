<script setup lang="ts">
import { formatShort } from '#core/units'
import { underFootMm } from '#shared/inputs'
import { needleHeading } from '#core/needle'
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
import { useLineUpWords } from './useLineUpWords'

/** The piece in hand, and what it is sewn with, on every view: each opens what it is changed with. */
const second = useTemplateRef<HTMLElement>('second')
useOneStop(second)
const book = useBookStore()
const inHand = useInHandStore()
const {
  left,
  right,
  isTwin,
  name,
  about,
  stitchLine,
  stitchNote,
  spoolNames,
  spoolsNote,
  machineNote,
  footLine,
  tensionLine,
} = useLineUpWords()
const bobbin = computed(() => book.shelf.threads.get(inHand.setup.bobbinId ?? ''))
const cloth = computed(() => book.shelf.cloths.get(inHand.setup.clothId ?? ''))
const below = computed(() => (inHand.setup.under.length > 0 ? ` +${inHand.setup.under.length}` : ''))
const look = computed(() => (inHand.result ? JOB_LOOKS[inHand.verdict.verdict] : null))

/** On a phone the rest of the setup opens below what one dials. */
const isOpen = ref(false)
function open(): void {
  isOpen.value = !isOpen.value
}
watch(
  askedStop,
  asked => {
    if (asked) isOpen.value = true
  },
  { flush: 'sync' },
)
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
      <LineUpVerdict />
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
        @click="open"
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
          <SpoolDisc :thread="left" />
          <SpoolDisc
            v-if="isTwin"
            class="over"
            :thread="right"
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
.over {
  margin-left: -14px;
}
.thumb {
  flex: none;
  width: 22px;
  height: 32px;
  color: var(--woad);
}
/* Two lines down to a small tablet: pictures and words the numbers do without go first, then names wrap. */
@media (min-width: 1001px) and (max-width: 1279px) {
  .thumb,
  .second :deep(.spool),
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
