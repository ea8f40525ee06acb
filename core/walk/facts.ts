import { bladeNames } from '#core/needle'
import { isThickBelow, threadClassOf, type ThreadClass } from '#core/pairing'
import type { BobbinTension } from '#core/terms'
import type { WalkInput } from './types'

// What several rules ask of a setup.

export const several = ({ needle }: WalkInput) => needle !== null && needle.construction !== 'single'
export const bladeCount = ({ needle }: WalkInput) => (needle ? bladeNames(needle.construction).length : 1)
export const needleWord = ({ needle }: WalkInput) => (needle?.construction === 'triple' ? 'triple' : 'twin')
/**
 * The hook faces left: the needle is threaded from the side and its flat faces right. Geometry; from memory
 * which machines do.
 */
export const threadsFromSide = ({ machine }: WalkInput) => machine?.hook === 'left'
/** A twin cannot stand in a clamp whose flat faces sideways: its blades would stand one behind the other. */
export const standsWrong = (input: WalkInput) => several(input) && threadsFromSide(input)
const HEAVY: readonly ThreadClass[] = ['heavy', 'pearl', 'thick']
export const isBobbinWork = ({ bobbin }: WalkInput) => bobbin !== null && isThickBelow(bobbin)
export const hasHeavyThread = ({ threads }: WalkInput) =>
  threads.some(({ thread }) => HEAVY.includes(threadClassOf(thread)))
/**
 * A thread too thick for a needle is too thick for the bobbin's spring too. Common practice.
 *
 * @example
 * wantedBobbinTension({ …input, threads: [thick], bobbinTension: 'home' }) // 'bypassed'
 */
export const wantedBobbinTension = (input: WalkInput): BobbinTension =>
  isBobbinWork(input) && input.bobbinTension === 'home' ? 'bypassed' : input.bobbinTension
export const needsMode = (input: WalkInput) =>
  several(input) && input.machine !== null && input.machine.twinMode.kind !== 'none'
/** Locked it stays on; else it is switched off, and may forget. */
export const isLocked = ({ machine }: WalkInput) => machine?.lock === true
export const mayForgetMode = (input: WalkInput) =>
  needsMode(input) && !isLocked(input) && input.machine?.forgetsTwinMode !== false
/** The plate that belongs on: a zigzag plate for whatever stands apart or swings. */
export const wantsSingleHole = (input: WalkInput) =>
  input.plate.singleHole && !several(input) && !(input.stitch?.swings ?? false)
export const strikesFoot = (input: WalkInput) =>
  input.foot?.singleHole === true && (several(input) || (input.stitch?.swings ?? false))
export const pathPicture = (
  input: WalkInput,
  at: 'spool' | 'discs' | 'lever' | 'guide' | 'eye',
  strands: readonly ('left' | 'middle' | 'right')[],
) => ({
  kind: 'path' as const,
  at,
  strands,
  parted: several(input) && input.machine?.divider === true && input.schools.threading === 'divider',
  apart: several(input) && input.machine?.needleGuides !== 0 ? input.schools.lastGuide : null,
})
