<script setup lang="ts">
import { JOBS } from '#core/job'
import { needleSearchText } from '#core/needle'
import { judgePiece, pieceSetupOf, setupPartsOf } from '#shared/inputs'
import { type Piece, pieceName } from '#shared/records'
import { JOB_LOOKS } from '~/utils/verdict'
import { KIND_WORDS } from '../projectWords'

/** A piece in the list of all: its verdict, what it is, and what can be done with it. */
const { piece, hasTools } = defineProps<{
  piece: Piece
  /** Whether its buttons stand already: they take their time. */
  hasTools: boolean
}>()
const emit = defineEmits<{ open: []; duplicate: []; share: []; remove: [] }>()
const book = useBookStore()
const inHand = useInHandStore()
const settings = useSettingsStore()
const name = computed(() => pieceName(piece))
const isInHand = computed(() => piece.id === inHand.piece.id)
const setup = computed(() => pieceSetupOf(piece, book.shelf.stitches))
const look = computed(() => {
  const { swing, verdict } = judgePiece(piece, 0, book.shelf, settings.record)
  return swing && JOB_LOOKS[verdict]
})
const line = computed(() => {
  const { machine, needle, stitch } = setupPartsOf(setup.value, book.shelf)
  const { widthMm, lengthMm } = setup.value.stitch
  return (
    [
      piece.plan.kind === 'seam' ? JOBS[setup.value.job].name.toLowerCase() : KIND_WORDS[piece.plan.kind],
      piece.copies === 1 ? '' : `${piece.copies} copies`,
      machine?.name,
      needle && needleSearchText(needle),
      `${stitch?.name ?? 'stitch gone'} ${widthMm > 0 ? `${bareMm(widthMm)} × ` : ''}${inMm(lengthMm)}`,
    ]
      .filter(Boolean)
      .join(' · ')
      // A unit alone on a line reads like a word that is missing.
      .replace(/ mm$/, '\u00a0mm')
  )
})
const day = computed(() => (piece.begunAt === null ? '' : shortDayOf(piece.begunAt)))
</script>

<template>
  <div class="piece">
    <span
      class="mark"
      :style="look ? { color: look.ink, background: look.bg, borderColor: look.edge } : {}"
      ><UIcon
        v-if="look"
        :name="look.icon"
      />
      {{ look?.word ?? 'incomplete' }}</span
    >
    <UButton
      variant="ghost"
      color="neutral"
      class="open"
      :aria-current="isInHand ? 'true' : undefined"
      @click="emit('open')"
    >
      <b>{{ name }}<span v-if="isInHand"> · in hand</span></b>
      <span class="hint">{{ line }}</span>
      <span
        v-if="piece.note"
        class="hint note"
        >{{ piece.note }}</span
      >
    </UButton>
    <span class="hint day">{{ day }}</span>
    <div class="tools">
      <template v-if="hasTools">
        <UButton
          variant="ghost"
          color="neutral"
          icon="i-lucide-copy"
          :aria-label="`Duplicate ${name}`"
          @click="emit('duplicate')"
        />
        <UButton
          variant="ghost"
          color="neutral"
          icon="i-lucide-share-2"
          :aria-label="`Share ${name}`"
          @click="emit('share')"
        />
        <UButton
          variant="ghost"
          color="neutral"
          icon="i-lucide-trash-2"
          :aria-label="`Delete ${name}`"
          @click="emit('remove')"
        />
      </template>
    </div>
  </div>
</template>

<style scoped>
.piece {
  min-height: 76px;
  display: flex;
  align-items: center;
  gap: 12px;
  padding: 6px 8px 6px 12px;
  background: var(--white);
  border: 1.5px solid var(--line);
  border-radius: 12px;
}
/* As wide as its three buttons, before they stand. */
.tools {
  flex: none;
  display: flex;
  min-width: 132px;
}
.mark {
  flex: none;
  width: 98px;
  display: flex;
  align-items: center;
  gap: 5px;
  padding: 4px 8px;
  border: 1.5px solid var(--line);
  border-radius: 8px;
  font-weight: 650;
  font-size: 14px;
}
.open {
  flex: 1;
  min-width: 0;
  min-height: 44px;
  text-align: left;
  cursor: pointer;
  line-height: 1.25;
}
.open {
  flex-direction: column;
  align-items: start;
}
.open:hover b {
  text-decoration: underline;
}
.note {
  font-style: italic;
}
.day {
  flex: none;
}
@media (max-width: 640px) {
  .piece {
    flex-wrap: wrap;
  }
  .piece > :deep(.open) {
    flex: 1;
    min-width: 0;
  }
  .tools {
    flex-basis: 100%;
    justify-content: end;
  }
  .day {
    display: none;
  }
  .mark {
    width: 42px;
    font-size: 0;
    gap: 0;
    justify-content: center;
  }
  .mark :deep(.iconify) {
    font-size: 20px;
  }
}
</style>
