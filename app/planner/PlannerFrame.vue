<script setup lang="ts">
import type { PieceRun, PieceWork } from '#shared/inputs'
import { useFieldProblems } from '~/fields/fieldProblems'
import type { Fault } from '~/asking/asker'
import type { Print } from '~/paper/print'
import type { JobInPicture } from '~/seam/JobPicture.vue'
import { download } from '~/utils/download'
import { planPathOf } from './planPaths'
import type { PieceDesk } from './usePiece'

/** What every planner's page has round its own fields, drawing and answer. */
const {
  piece,
  work = null,
  runs = null,
  problem,
  asked = null,
  missing,
  why,
  csv,
  prints,
  example = null,
} = defineProps<{
  piece: PieceDesk
  /** What it asks of hands and machine; null: nothing could be planned yet. */
  work?: PieceWork | null
  /** Instead of `work` where rows have needles and threads of their own. */
  runs?: readonly PieceRun[] | null
  /** What is wrong with what is typed now; empty: nothing. */
  problem: string
  /** Where a worker works it out: how far that is. @defaultValue null */
  asked?: AskedOf | null
  /** What it is not sewn with yet, and the mend; null: nothing is missing. */
  missing: { readonly title: string; readonly mend: string } | null
  /** What machine and needle are needed for, where none is chosen. */
  why: string
  /** Its marks as CSV; null: there are none yet. */
  csv: (() => string) | null
  prints: readonly Print[]
  /** Drawn grey where nothing can be drawn without a machine. @defaultValue null */
  example?: JobInPicture | null
}>()
/** What is told of an answer a worker is asked for. */
interface AskedOf {
  readonly answer: Readonly<Ref<unknown>>
  readonly fault: Readonly<Ref<Fault | null>>
  readonly isWorking: Readonly<Ref<boolean>>
  readonly again: () => void
}
const inHand = useInHandStore()
useFieldProblems()
// A station never shows another piece than the one in hand: where that is of another kind, its page is shown.
watch(piece.isHere, isHere => {
  if (!isHere) void navigateTo(planPathOf(inHand.piece))
})
const plans = usePlannedStore()
watchEffect(() => {
  plans.tell(piece.isHere.value ? { pieceId: inHand.piece.id, work: work ?? runs?.[0]?.work ?? null } : null)
})
onUnmounted(() => plans.tell(null))
const draft = piece.draft
const needed = computed(() => runs ?? (work ? [{ work, setup: inHand.setup }] : null))
const isBenchEmpty = computed(() => !inHand.parts.machine || !inHand.parts.needle)
/** Nothing is planned, and nothing can be without a machine and a needle: there is nothing to print. */
const isBare = computed(() => isBenchEmpty.value && needed.value === null && !csv)
function saveCsv(): void {
  if (csv) download(`${piece.fileName.value}.csv`, 'text/csv', csv())
}
</script>

<template>
  <div>
    <StationHead>
      <UButton
        v-if="!isBare"
        variant="outline"
        icon="i-lucide-table"
        label="CSV"
        aria-label="Save the marks as CSV"
        :disabled="!csv"
        @click="saveCsv"
      />
      <PrintPanel
        v-if="!isBare"
        label="Print"
        heading="Print at true size"
        align="end"
        :prints="prints"
      />
    </StationHead>
    <div class="planner">
      <div
        :key="piece.opened.value"
        class="wants"
      >
        <TurnRank :rank="1">
          <slot name="wants" />
        </TurnRank>
      </div>
      <div class="looks">
        <MissingCard
          v-if="isBenchEmpty"
          :why="why"
          needle
        />
        <UAlert
          v-else-if="missing"
          color="warning"
          variant="outline"
          icon="i-lucide-info"
          :title="missing.title"
          :description="`${missing.mend} Everything else stays as it is.`"
        />
        <UAlert
          v-if="problem"
          color="error"
          variant="outline"
          icon="i-lucide-triangle-alert"
          role="alert"
          title="This cannot be planned yet"
          :description="`${problem} What is drawn is what could be planned last.`"
        />
        <AskFault
          v-if="asked?.fault.value"
          what="The plan"
          :fault="asked.fault.value"
          @again="asked.again"
        />
        <WorkingOut
          v-else-if="asked?.isWorking.value && asked.answer.value === null"
          :tall="420"
        />
        <ExampleLook
          v-if="example && isBare"
          :job="example"
        />
        <slot name="looks" />
      </div>
      <div class="does">
        <TurnRank :rank="2">
          <slot name="does" />
          <PieceNeeds
            v-if="needed"
            :runs="needed"
          />
        </TurnRank>
      </div>
      <div class="keeps">
        <TurnRank :rank="3">
          <PieceHead
            v-model:name="draft.name"
            v-model:copies="draft.copies"
            v-model:note="draft.note"
            :title="piece.title.value"
            :shared-id="inHand.isBegun ? inHand.piece.id : null"
            :name-problem="piece.nameProblem.value"
            @another="piece.beginAnother"
          />
        </TurnRank>
      </div>
    </div>
  </div>
</template>
