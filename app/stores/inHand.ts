import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import { STITCHES, type StitchSetting } from '#core/stitch'
import { clearingShiftMm, judgeSwing, settableWidthMm } from '#core/swing'
import type { Piece, RecordChange } from '#shared/records'
import {
  type SetupParts,
  setupPartsOf,
  fittedStitch,
  type NamedStitch,
  judgePiece,
  pieceSetupOf,
  type PlanKind,
  planKindOf,
  seamOf,
  swingInputOf,
  withPieceSetup,
} from '#shared/inputs'
import { changedSetup, EMPTY_SETUP } from '#shared/setup'
import type { SetupContent } from '#shared/setup'
import { newId } from '~/utils/id'
import { idInTab, noteInTab } from './inHandTab'

/**
 * The one piece of work in hand, and what follows from it. Each tab has its own; a new tab goes on with the
 * one that was in hand last. It is in the book from its first change: looking begins nothing.
 */
export const useInHandStore = defineStore('inHand', () => {
  const book = useBookStore()
  const settings = useSettingsStore()
  const ownId = ref(idInTab())
  /** What an unbegun piece begins with. */
  const unbegun = shallowRef<Piece>(blankPiece())
  const lastId = computed(() => book.shelf.inHand.get('current')?.pieceId ?? '')
  const begun = computed(
    () =>
      book.shelf.pieces.get(ownId.value) ?? (isLooking.value ? null : book.shelf.pieces.get(lastId.value)),
  )
  /** An unbegun piece is being looked at: what was in hand last has no place beside it. */
  const isLooking = computed(() => unbegun.value.id === ownId.value)
  /** The plan a planner shows for a seam begun as its job: it is the piece's from its first change. */
  const planned = shallowRef<{ readonly id: string; readonly plan: Piece['plan'] } | null>(null)
  const piece = computed<Piece>(() => {
    const now = begun.value ?? unbegun.value
    const isPlanned = planned.value?.id === now.id && now.plan.kind === 'seam'
    return isPlanned ? { ...now, plan: planned.value!.plan } : now
  })
  const isBegun = computed(() => begun.value != null)
  // What this tab began with stays its own, whatever another takes in hand.
  watch(
    begun,
    now => {
      if (now && ownId.value !== now.id) keepInTab(now.id)
    },
    { immediate: true, flush: 'sync' },
  )
  function keepInTab(id: string): void {
    ownId.value = id
    noteInTab(id)
  }

  /** The row of a band that is looked at, from 0. */
  const row = ref(0)
  /** What is on the machine for it: its setup, with what its plan says. */
  const setup = computed<SetupContent>(() => pieceSetupOf(piece.value, book.shelf.stitches, row.value))
  const parts = computed<SetupParts>(() => setupPartsOf(setup.value, book.shelf))
  const swingInput = computed(() => swingInputOf(setup.value, parts.value, settings.record))
  /** Where own swatches or pieces say the tension begins; null: nothing says, or they were not read yet. */
  const ownStart = ref<number | null>(null)
  /** The one verdict of all of it. */
  const verdict = computed(() =>
    judgePiece(piece.value, row.value, book.shelf, settings.record, ownStart.value),
  )
  const result = computed(() => swingInput.value && judgeSwing(swingInput.value))
  /** Rows of a band are sewn with the needle in its middle. */
  const movesNeedle = computed(() => piece.value.plan.kind !== 'band')
  /** In mm, negative to the left; 0 or null: no move of the needle helps, or none is needed. */
  const clearingShift = computed(() => {
    if (!movesNeedle.value || !swingInput.value || !result.value) return null
    return clearingShiftMm(result.value, swingInput.value)
  })
  const seam = computed(() => seamOf(setup.value, book.shelf, settings.record))
  const allStitches = computed<NamedStitch[]>(() => [...STITCHES, ...book.shelf.stitches.values()])

  /**
   * Sets a tension that a rule had set anew for what is on now. It comes after the first view, with all it
   * looks at; until then such a tension is carried over like any other.
   */
  const redial = shallowRef<(before: SetupContent, next: SetupContent) => SetupContent>((_, next) => next)
  function redialBy(how: typeof redial.value): void {
    redial.value = how
  }

  /** The piece of each kind that was in hand last. */
  const lastOfKind = new Map<PlanKind, string>()
  /** Takes a piece of the book in hand: no step of undo, nothing of it is changed. */
  function take(id: string): void {
    const kind = book.shelf.pieces.get(id)?.plan.kind
    if (kind) lastOfKind.set(kind, id)
    if (ownId.value !== id) row.value = 0
    keepInTab(id)
    if (lastId.value !== id) book.note('inHand', 'current', { pieceId: id })
  }
  /** Shows a piece that is not in the book before its first change. */
  function show(content: Pick<Piece, 'plan' | 'setup'>): void {
    unbegun.value = { ...blankPiece(), ...content }
    row.value = 0
    keepInTab(unbegun.value.id)
  }
  /**
   * What a planner shows: the piece in hand where it is of its kind or was begun as one of its jobs; else the
   * last of its kind, else one that is begun with its first change.
   *
   * @param begin - its plan and setup, made of what is in hand.
   */
  function showKind(kind: PlanKind, begin: (setup: SetupContent) => Pick<Piece, 'plan' | 'setup'>): void {
    const now = piece.value
    if (now.plan.kind === kind) return
    const isJobOfIt = now.plan.kind === 'seam' && now.name === '' && planKindOf(now.setup.job) === kind
    const before = lastOfKind.get(kind) ?? ''
    if (isJobOfIt) planned.value = { id: now.id, plan: begin(now.setup).plan }
    else if (book.shelf.pieces.get(before)?.plan.kind === kind) take(before)
    else show(begin(now.setup))
  }
  /** A planner is left: what was only looked at is no plan of the piece. */
  function leaveKind(): void {
    planned.value = null
  }

  /** Changes the piece in hand, and with that begins it, beside whatever changes with it. */
  function change(
    label: string,
    fields: Partial<Piece>,
    { joinKey = null, beside = [] }: { joinKey?: string | null; beside?: readonly RecordChange[] } = {},
  ) {
    const { id, begunAt } = piece.value
    const since = isBegun.value ? begunAt : new Date().toISOString()
    const record = { ...piece.value, ...fields, begunAt: since }
    const kept = book.commit(label, [...beside, { table: 'pieces', id, record }], joinKey)
    take(id)
    return kept
  }
  function update(
    label: string,
    setupChange: Partial<SetupContent>,
    joinKey: string | null = null,
    beside: readonly RecordChange[] = [],
  ): void {
    const changed = changedSetup(setup.value, setupChange, book.shelf.machines)
    const next = redial.value(setup.value, changed)
    void change(label, withPieceSetup(piece.value, next, book.shelf.stitches, row.value), { joinKey, beside })
  }

  function setStitch(stitch: Partial<StitchSetting>, joinKey: string | null = null): void {
    update('Change the stitch', { stitch: { ...setup.value.stitch, ...stitch } }, joinKey)
  }

  /** Takes a stitch at its usual size, or at the safe width where that is less. */
  function chooseStitch(stitch: NamedStitch): void {
    const { setting } = fittedStitch(stitch, setup.value, book.shelf, settings.record)
    update(`Choose ${stitch.name}`, { stitch: setting })
  }

  function useSafeWidth(): void {
    const safe = result.value?.safeWidthMm
    if (safe != null) setStitch({ widthMm: settableWidthMm(safe) })
  }

  function moveToClear(): void {
    if (!clearingShift.value) return
    const positionMm = hundredths(setup.value.stitch.positionMm + clearingShift.value)
    update('Move the needle', { stitch: { ...setup.value.stitch, positionMm } })
  }

  return {
    piece,
    isBegun,
    row,
    setup,
    parts,
    swingInput,
    ownStart,
    verdict,
    result,
    movesNeedle,
    clearingShift,
    moveToClear,
    seam,
    allStitches,
    take,
    show,
    showKind,
    leaveKind,
    change,
    redialBy,
    update,
    setStitch,
    chooseStitch,
    useSafeWidth,
  }
})

const blankPiece = (): Piece => ({
  id: newId('piece'),
  name: '',
  plan: { kind: 'seam' },
  setup: EMPTY_SETUP,
  copies: 1,
  sewn: 0,
  photos: { front: null, back: null },
  note: '',
  begunAt: null,
})

const hundredths = (mm: number) => Math.round(100 * mm) / 100
