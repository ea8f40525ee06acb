import { needleLife } from '#core/care'
import { colourDifference, NEAR_DELTA_E } from '#core/colour'
import { shareOf } from '#core/dial'
import { fitThread, threadClassOf } from '#core/pairing'
import type { SignContext } from '#core/signs'
import { hasSwing } from '#core/stitch'
import { threadedBlades } from '#shared/inputs'

const DENSE_MM = 0.5

/** What of the bench the sign doctor looks at. */
export function useSignContext() {
  const book = useBookStore()
  const bench = useBenchStore()
  return computed<SignContext>(() => {
    const { setup, parts } = bench
    const construction = parts.needle?.construction ?? 'single'
    const threads = threadedBlades(setup, construction, book.shelf.threads).map(({ thread }) => thread)
    const bobbin = book.shelf.threads.get(setup.bobbinId ?? '')
    const stabilizer = book.shelf.stabilizers.get(setup.stabilizerId ?? '')?.kind ?? null
    const fills = parts.needle
      ? threads.map(thread => fitThread(thread, parts.needle!.type, parts.needle!.sizeNm).fill)
      : []
    return {
      construction,
      threads: threads.map(threadClassOf),
      technique: setup.technique,
      swings:
        bench.swingInput !== null && bench.swingInput.stitch.widthMm > 0 && hasSwing(bench.swingInput.stitch),
      tensionShare:
        setup.tension !== null && parts.machine?.tensionDial
          ? shareOf(setup.tension, parts.machine.tensionDial)
          : null,
      needleState: parts.needle?.state ?? null,
      needleSpent: parts.needle ? needleLife(parts.needle).share : null,
      eyeFill: fills.length > 0 ? Math.max(...fills) : null,
      lengthMm: setup.stitch.lengthMm,
      pressure: setup.pressure,
      stabilizer:
        stabilizer === null
          ? 'none'
          : stabilizer === 'tear-away' || stabilizer === 'cut-away'
            ? stabilizer
            : 'other',
      bobbinMatches:
        bobbin && threads.length > 0
          ? threads.every(
              thread => colourDifference(thread.colours[0]!.hex, bobbin.colours[0]!.hex) < NEAR_DELTA_E,
            )
          : null,
      walked: bench.handWalk !== null,
      holesDense: setup.stitch.lengthMm < DENSE_MM,
    }
  })
}
