import { bench, describe } from 'vitest'
import { lengthMarks } from '#core/fit'
import { planPintucks } from '#core/pintucks'
import { planRows } from '#core/topstitch'

const marks = lengthMarks({ minMm: 0.5, maxMm: 5, stepMm: 0.1 })
/** Sides whose lengths no sum of tenths meets: the search may not end early. */
const pointsMm = Array.from({ length: 40 }, (_, i) => {
  const angle = (2 * Math.PI * i) / 40
  return { x: 400 * Math.cos(angle), y: 400 * Math.sin(angle) }
})

describe('planners', () => {
  bench('sixty pintucks', () => {
    planPintucks({
      needle: { gapMm: 2, sizeNm: 80 },
      layout: {
        wanted: { count: 60 },
        spacingMm: 6,
        group: { of: 3, gapMm: 14 },
        pieceMm: 900,
        edgeMm: null,
      },
      clothMm: 0.3,
      reserveMm: 20,
      takeUp: { beforeMm: 120, afterMm: 108, tucks: 10, readMm: 0.5 },
      foot: { pitchMm: 3, grooves: 7 },
      cordMm: null,
    })
  })
  bench('forty legs', () => {
    planRows({
      outline: { pointsMm, closed: true },
      rowsMm: [6.35],
      needle: { construction: 'twin', gapMm: 4 },
      machineMaxMm: 9,
      positionStepMm: 0.5,
      guides: [{ id: 'toe', fromNeedleMm: 6.35 }],
      wantedMm: 3,
      marks,
      mostMissMm: 0.25,
      cornerDeg: 0,
    })
  })
})
