import type { DrawnDiameter } from '#core/thread'

/** What a thread's thickness rests on, as it is said behind its chip. */
export const THICKNESS_WHY: Readonly<Record<DrawnDiameter['source'], string>> = {
  measured: 'The thickness you measured.',
  rule: 'Worked out from tex and fibre.',
  guess: 'Neither thickness nor tex is known: a usual thread of this kind is drawn.',
}
