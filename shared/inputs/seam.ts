import { JOBS } from '#core/job'
import { threadedBladesOf } from '#core/needle'
import { isThickBelow } from '#core/pairing'
import { type Seam, stackMm, UNCHOSEN_HEX } from '#core/seam'
import type { SewnThread } from '#core/sewn'
import { drawnDiameter, leastSure, THREAD_KINDS } from '#core/thread'
import type { Settings, Thread } from '../records'
import type { SetupContent } from '../setup'
import type { PairingTables } from './pairing'
import { setupPartsOf, swingInputOf } from './swing'

/** A colour run without an end: a plain thread. */
const PLAIN_RUN_MM = 1000

/** The seam a setup sews; null while machine, needle or stitch are missing. */
export function seamOf(
  setup: SetupContent,
  tables: Omit<PairingTables, 'pieces' | 'stabilizers'>,
  settings: Settings,
): Seam | null {
  const swing = swingInputOf(setup, setupPartsOf(setup, tables), settings)
  if (!swing) return null
  const thread = (id: string | null) => tables.threads.get(id ?? '') ?? null
  const cloth = tables.cloths.get(setup.clothId ?? '') ?? null
  const blades = threadedBladesOf(swing.needle.construction)
  const isDiagram = settings.threadColours === 'diagram'
  return {
    swing,
    threads: blades.map(blade =>
      sewnThreadOf(thread(setup.threadIds[blade]), UNCHOSEN_HEX[blade], isDiagram),
    ),
    unthreaded: blades.filter(blade => !thread(setup.threadIds[blade])),
    bobbin: sewnThreadOf(thread(setup.bobbinId), UNCHOSEN_HEX.bobbin, isDiagram),
    threadWidthSource: leastSure(blades.map(blade => drawnDiameter(thread(setup.threadIds[blade])).source)),
    wrongSideUp: isWrongSideUp(setup, tables.threads),
    clothHex: isDiagram ? UNCHOSEN_HEX.cloth : (cloth?.hex ?? UNCHOSEN_HEX.cloth),
    clothThicknessMm: underFootMm(setup, tables.cloths),
  }
}

/** Everything under the foot: the cloth in its layers, and what lies below it. null: not all measured. */
export function underFootMm(
  { clothId, layers, under }: SetupContent,
  cloths: PairingTables['cloths'],
): number | null {
  const cloth = cloths.get(clothId ?? '')
  const top = { count: layers, thicknessMm: cloth?.thicknessMm ?? null }
  return stackMm([top, ...under.map(({ thicknessMm }) => ({ count: 1, thicknessMm }))])
}

/** Bobbin work, or a thread on the bobbin that is made for nothing else. */
function isWrongSideUp({ job, bobbinId }: SetupContent, threads: PairingTables['threads']): boolean {
  const wound = threads.get(bobbinId ?? '')
  return JOBS[job].isBobbinWork || (wound !== undefined && isThickBelow(wound))
}

/** A thread as it is drawn; one that is not chosen, and all of them in a diagram, in a colour of ours. */
function sewnThreadOf(thread: Thread | null, ourHex: string, isDiagram: boolean): SewnThread {
  const ours = [{ hex: ourHex, runMm: PLAIN_RUN_MM }]
  return {
    colours: isDiagram ? ours : (thread?.colours ?? ours),
    diameterMm: drawnDiameter(thread).mm,
    look: thread ? THREAD_KINDS[thread.kind].look : 'sheen',
  }
}
