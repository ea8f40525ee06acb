import { needleName, outerSpanMm } from '#core/needle'
import { compareTwinMode, ROUNDING_MM } from '#core/swing'
import type { SourceNote } from '#core/terms'
import { formatLength, formatLengthDown, formatNumber, formatShort } from '#core/units'
import type { JobReason } from '#core/verdict'
import {
  dialledLengthsMm,
  dialledWidthMm,
  plannedNote,
  type WalkInput,
  wantedBobbinTension,
} from '#core/walk'

export type CardFieldId =
  | 'width'
  | 'length'
  | 'tension'
  | 'mode'
  | 'needle'
  | 'foot'
  | 'plate'
  | 'speed'
  | 'left'
  | 'middle'
  | 'right'
  | 'bobbin'
  | 'position'
  | 'pressure'

/** One thing to dial in or fit. `note` says how far it may go; '' where there is nothing to say. */
export interface CardField {
  readonly id: CardFieldId
  readonly label: string
  readonly value: string
  readonly note: string
  /** Where the number, or what its note says, comes from; left out where nothing is to be known. */
  readonly source?: SourceNote
  /** To be set instead, because the value is not safe. */
  readonly instead?: string
}

export interface CardCaution {
  readonly severity: 'stop' | 'warn' | 'note'
  readonly message: string
}

export interface BenchCard {
  readonly fields: readonly CardField[]
  /** The one that matters most now. */
  readonly caution: CardCaution
}

export interface CardInput {
  readonly walk: WalkInput
  /** Of the one verdict, the worst first. */
  readonly reasons: readonly JobReason[]
  readonly walked: boolean
  /** Where the tension comes from; null: none is set, or nobody knows. */
  readonly tensionSource: SourceNote | null
  readonly speed: { readonly text: string; readonly source: SourceNote }
  /** What the verdict rests on, and with it the safe width: measured openings, or the rule. */
  readonly safeSource: SourceNote
}

/** What a straight seam or an unset value reads as. */
const NONE = '–'
/** The gap between neighbours would let it swing too wide. */
const TRIPLE_NOTE = 'outer span to tell it, or its triple setting'
const LETTERS = { left: 'L', middle: 'M', right: 'R' } as const

/**
 * The few numbers to dial in, and the one caution that matters most.
 *
 * @param input - see {@link CardInput}; what is not chosen reads as a dash, with the word.
 *
 * @example
 * benchCard(input).fields.find(({ id }) => id === 'tension')?.value // '2.8'
 */
export function benchCard(input: CardInput): BenchCard {
  const { needle } = input.walk
  const several = needle !== null && needle.construction !== 'single'
  const fields = [
    ...dialFields(input),
    { id: 'mode', label: 'Twin mode', ...modeOf(input.walk, several) } as const,
    ...fittedFields(input),
    ...threadFields(input.walk, several),
    ...movedFields(input),
  ]
  return { fields, caution: cautionOf(input, several) }
}

/**
 * What stands behind the value, as one line on paper.
 *
 * @example
 * printedNote({ note: 'normal is 4', source: { of: 'sewn', why: 'A row.' } }) // 'normal is 4 (sewn)'
 */
export function printedNote({ note, source }: Pick<CardField, 'note' | 'source'>): string {
  return [note, source ? `(${source.of})` : ''].filter(Boolean).join(' ')
}

/** The numbers to dial in. */
function dialFields(input: CardInput): CardField[] {
  const { walk } = input
  const { machine, stitch, tension, tensionDoubt: doubt } = walk
  return [
    {
      id: 'width',
      label: 'Width',
      value: stitch ? formatLength(stitch.swings ? dialledWidthMm(stitch) : 0, 'mm') : NONE,
      note: widthNote(walk),
      ...(stitch?.swings && walk.safeWidthMm !== null ? { source: input.safeSource } : {}),
      ...safeInstead(input),
    },
    {
      id: 'length',
      label: 'Length',
      value: stitch ? lengthsValue(stitch) : NONE,
      note: stitch ? lengthNote(stitch) : 'no stitch chosen',
    },
    {
      id: 'tension',
      label: 'Tension',
      value: tension === null ? NONE : formatShort(tension),
      note: normalNote(tension, machine?.tensionDial?.home ?? null),
      ...(tension !== null && input.tensionSource ? { source: input.tensionSource } : {}),
      ...(doubt && doubt.start !== null && doubt.start !== tension
        ? { instead: formatShort(doubt.start) }
        : {}),
    },
  ]
}

function fittedFields({ walk: { needle, foot, plate }, speed }: CardInput): CardField[] {
  return [
    {
      id: 'needle',
      label: 'Needle',
      value: needle ? needleName(needle) : NONE,
      note: needle?.type ?? 'not chosen',
    },
    { id: 'foot', label: 'Foot', value: foot?.name ?? NONE, note: foot ? '' : 'not chosen' },
    { id: 'plate', label: 'Plate', value: plate.name.replace(/ plate$/, ''), note: '' },
    { id: 'speed', label: 'Speed', value: speed.text, note: '', source: speed.source },
  ]
}

function threadFields(walk: WalkInput, several: boolean): CardField[] {
  const above = walk.threads.map(({ blade, name }): CardField => ({
    id: blade,
    label: several ? LETTERS[blade] : 'Thread',
    value: name,
    note: '',
  }))
  return [
    ...above,
    { id: 'bobbin', label: 'Bobbin', value: walk.bobbin?.name ?? NONE, note: bobbinNote(walk) },
  ]
}

/** What is set only now and then: named where it is not as usual. */
function movedFields({ walk: { stitch, pressure } }: CardInput): CardField[] {
  const fields: CardField[] = []
  if (stitch !== null && stitch.positionMm !== 0)
    fields.push({
      id: 'position',
      label: 'Needle position',
      value: formatLength(Math.abs(stitch.positionMm), 'mm'),
      note: stitch.positionMm < 0 ? 'left' : 'right',
    })
  if (pressure !== 'home')
    fields.push({ id: 'pressure', label: 'Foot pressure', value: pressure, note: 'than normal' })
  return fields
}

type CardStitch = NonNullable<WalkInput['stitch']>
/** One length, or from the shortest to the longest that is dialled on the way. */
function lengthsValue(stitch: CardStitch): string {
  const lengths = dialledLengthsMm(stitch)
  const ends = [...new Set([lengths[0]!, lengths.at(-1)!])]
  return ends.map(mm => formatLength(mm, 'mm')).join('–')
}
function lengthNote(stitch: CardStitch): string {
  const planned = plannedNote(stitch, mm => formatLength(mm, 'mm'))
  return planned ? `${stitch.name}, ${planned}` : stitch.name
}

/** Nobody dials in what hits because a card said so. */
function safeInstead({ walk: { stitch, safeWidthMm } }: CardInput): Pick<CardField, 'instead'> {
  if (!stitch?.swings || safeWidthMm === null || dialledWidthMm(stitch) <= safeWidthMm + ROUNDING_MM)
    return {}
  return { instead: formatLengthDown(safeWidthMm, 'mm') }
}

function widthNote({ stitch, safeWidthMm }: WalkInput): string {
  if (!stitch) return 'no stitch chosen'
  if (!stitch.swings) return 'straight'
  if (safeWidthMm === null) return 'no width is safe'
  return `safe up to ${formatLengthDown(safeWidthMm, 'mm')}`
}

function normalNote(tension: number | null, home: number | null): string {
  if (tension === null) return 'not set'
  if (home === null) return 'normal not known'
  return tension === home ? 'normal' : `normal is ${formatShort(home)}`
}

function bobbinNote(walk: WalkInput): string {
  if (!walk.bobbin) return 'not chosen'
  const tension = wantedBobbinTension(walk)
  return tension === 'home' ? '' : `tension ${tension}`
}

function modeOf({ machine, needle }: WalkInput, several: boolean): Pick<CardField, 'value' | 'note'> {
  if (!machine) return { value: NONE, note: 'no machine chosen' }
  if (machine.twinMode.kind === 'none') return { value: 'none', note: several ? 'limit by hand' : '' }
  if (!several) return { value: 'off', note: '' }
  return machine.twinMode.kind === 'by-gap'
    ? {
        value: formatNumber(outerSpanMm(needle!), 1),
        note: needle!.construction === 'triple' ? TRIPLE_NOTE : 'gap to tell it',
      }
    : { value: 'on', note: `counts with ${formatNumber(machine.twinMode.assumedGapMm, 1)}` }
}

/** Common practice, worst first: what breaks a needle now; then what may; then how to sew. */
function cautionOf({ walk, reasons, walked }: CardInput, several: boolean): CardCaution {
  const { machine, needle, stitch, threads, verdict, safeWidthMm } = walk
  if (verdict === 'strikes') return { severity: 'stop', message: 'A needle hits. Do not sew this.' }
  const stop = reasons.find(({ severity }) => severity === 'stop')
  if (stop) return { severity: 'stop', message: stop.message }
  if (!machine || !needle || !stitch)
    return { severity: 'warn', message: 'Not complete: choose machine, needle and stitch first.' }
  const mode = several ? compareTwinMode(machine.twinMode, machine.maxWidthMm, needle, safeWidthMm) : null
  const lets = mode?.overMm != null && mode.overMm > 0.05 && stitch.swings && outerSpanMm(needle) > 0
  if (!walked)
    return { severity: 'warn', message: 'Not turned through yet: turn the handwheel toward you first.' }
  const mind = reasons.find(({ severity }) => severity === 'mind')
  if (mind) return { severity: 'warn', message: mind.message }
  if (lets)
    return {
      severity: 'warn',
      message:
        `The machine lets you set ${formatLength(mode.allowsMm, 'mm')}: never above `
        + `${formatLengthDown(safeWidthMm, 'mm')}.`,
    }
  if (threads.some(({ thread }) => thread.kind === 'metallic' || thread.kind === 'film'))
    return {
      severity: 'note',
      message: 'Slow and even. At the first fraying stop: lower the tension or change the needle.',
    }
  if (several)
    return {
      severity: 'note',
      message: 'Needles up to turn: do not pivot on a twin. No pins under the foot.',
    }
  return { severity: 'note', message: 'No pins under the foot. Slow first.' }
}
