// Photos whose truth is known, and what is read of them: what the study of photos is made of.
import { root } from '../steps.mjs'

const { createServer } = await import('vite')
const vite = await createServer({
  root,
  configFile: false,
  server: { middlewareMode: true },
  appType: 'custom',
  logLevel: 'error',
})
const load = name => vite.ssrLoadModule(`/core/${name}/index.ts`)
const [measure, photo, simulated, sewn, stitch] = await Promise.all(
  ['measure', 'photo', 'simulated', 'sewn', 'stitch'].map(load),
)
await vite.close()
const { measureSpans, planeMap, ID_1 } = measure
const { readRow, SNAPPED_PX, snapCorners, snapSpan, straightened } = photo
const { faded, normal, photoOf, seeded, seenFrom, sewnScene, withCard } = simulated

export const quantile = (values, share) => {
  const sorted = [...values].sort((a, b) => a - b)
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))]
}
const between = (random, from, to) => from + (to - from) * random()
export const percent = share => `${(100 * share).toFixed(1)} %`
const cornersMm = [
  { x: 0, y: 0 },
  { x: ID_1.wideMm, y: 0 },
  { x: ID_1.wideMm, y: ID_1.tallMm },
  { x: 0, y: ID_1.tallMm },
]
const moved = ({ x, y }, px, random) => ({ x: x + px * normal(random), y: y + px * normal(random) })

/** A camera at so many px a mm, held as a hand holds it. */
function cameraFor(random, pxPerMm, atMm, width, height) {
  const awayMm = between(random, 180, 400)
  return {
    focalPx: pxPerMm * awayMm,
    awayMm,
    tiltDeg: between(random, 0, 30),
    turnDeg: between(random, -25, 25),
    atMm,
    middlePx: { x: width / 2, y: height / 2 },
  }
}
const shotFor = (random, camera, width, height, over = {}) => ({
  camera,
  width,
  height,
  blurPx: between(random, 0.5, 1.2),
  noise: between(random, 1, 6),
  shadow: between(random, 0, 0.4),
  ...over,
})

// The map and its spreads.
export function exactMap() {
  const random = seeded(11)
  let worst = 0
  for (let i = 0; i < 2000; i++) {
    const camera = cameraFor(random, between(random, 1, 20), { x: 45, y: 30 }, 2000, 1500)
    const see = seenFrom({ ...camera, tiltDeg: between(random, 0, 55), turnDeg: between(random, 0, 360) })
    const { toMm } = planeMap({ cornersPx: cornersMm.map(see), ...ID_1 })
    const place = { x: between(random, -20, 105), y: between(random, -20, 75) }
    const back = toMm(see(place))
    worst = Math.max(worst, Math.hypot(back.x - place.x, back.y - place.y))
  }
  return worst
}
export function spreadsAgainstNoise() {
  const random = seeded(12)
  return Array.from({ length: 12 }, () => {
    const camera = cameraFor(random, between(random, 3, 15), { x: 45, y: 30 }, 2000, 1500)
    const see = seenFrom(camera)
    const cornersPx = cornersMm.map(see)
    const at = { x: between(random, 0, 75), y: between(random, 0, 50) }
    const span = [see(at), see({ x: at.x + between(random, 3, 12), y: at.y + between(random, -3, 3) })]
    const said = measureSpans({ cornersPx, ...ID_1 }, [span]).lengths[0].spreadMm
    const lengths = Array.from({ length: 20_000 }, () => {
      const { toMm } = planeMap({ cornersPx: cornersPx.map(c => moved(c, 1, random)), ...ID_1 })
      const [a, b] = span.map(end => toMm(moved(end, 1, random)))
      return Math.hypot(a.x - b.x, a.y - b.y)
    })
    const mean = lengths.reduce((sum, mm) => sum + mm, 0) / lengths.length
    const seen = Math.sqrt(lengths.reduce((sum, mm) => sum + (mm - mean) ** 2, 0) / (lengths.length - 1))
    return said / seen
  })
}

// Openings beside a card.
const CARD_ROUND_MM = 3.18
const MARGIN_MM = 22
export function opening(random, pxPerMm, bend = 0) {
  const wideMm = between(random, 4, 11)
  const at = { x: between(random, 10, 60), y: ID_1.tallMm + 8 }
  const tilt = between(random, -0.3, 0.3)
  const way = { x: Math.cos(tilt), y: Math.sin(tilt) }
  const [table, metal, slot, bright] = [
    between(random, 70, 120),
    between(random, 140, 200),
    between(random, 15, 60),
    between(random, 215, 245),
  ]
  const scene = withCard({ ...ID_1, bright, roundMm: CARD_ROUND_MM }, (x, y) => {
    const [dx, dy] = [x - at.x, y - at.y]
    const [across, along] = [dx * way.x + dy * way.y, -dx * way.y + dy * way.x]
    if (Math.abs(along) > 8 || across < -7 || across > wideMm + 7) return table
    return Math.abs(along) <= 5 && across >= 0 && across <= wideMm ? slot : metal
  })
  const width = Math.round((ID_1.wideMm + 2 * MARGIN_MM) * pxPerMm)
  const height = Math.round((ID_1.tallMm + 2 * MARGIN_MM) * pxPerMm)
  const camera = { ...cameraFor(random, pxPerMm, { x: 42, y: 36 }, width, height), bend }
  const image = photoOf(scene, shotFor(random, camera, width, height), random)
  const see = seenFrom(camera)
  return {
    image,
    wideMm,
    trueCorners: cornersMm.map(see),
    trueSpan: [at, { x: at.x + wideMm * way.x, y: at.y + wideMm * way.y }].map(see),
    cornersPx: cornersMm.map(corner => moved(see(corner), 1.5, random)),
    span: [at, { x: at.x + wideMm * way.x, y: at.y + wideMm * way.y }].map(end =>
      moved(see(end), 1.5, random),
    ),
    reach: Math.max(5, 0.6 * pxPerMm),
  }
}
export function openings(pxPerCm, count, bend = 0) {
  const random = seeded(1000 + pxPerCm)
  const off = []
  const scaled = []
  const byHand = []
  let lost = 0
  for (let i = 0; i < count; i++) {
    const { image, wideMm, cornersPx, span, reach } = opening(random, pxPerCm / 10, bend)
    byHand.push(measureSpans({ cornersPx, ...ID_1 }, [span], 1.5).lengths[0].mm - wideMm)
    const corners = snapCorners(image, cornersPx, reach)
    const ends = corners && snapSpan(image, planeMap({ cornersPx: corners.cornersPx, ...ID_1 }), span, reach)
    if (!ends) {
      lost += 1
      continue
    }
    const { mm, spreadMm } = measureSpans({ cornersPx: corners.cornersPx, ...ID_1 }, [ends], SNAPPED_PX)
      .lengths[0]
    off.push(mm - wideMm)
    scaled.push((mm - wideMm) / spreadMm)
  }
  const within = values => values.filter(mm => Math.abs(mm) <= 0.2).length / values.length
  return {
    pxPerCm,
    bend,
    count,
    lost,
    within: off.filter(mm => Math.abs(mm) <= 0.2).length / count,
    byHand: within(byHand),
    most: quantile(off.map(Math.abs), 0.95),
    mean: off.reduce((sum, mm) => sum + mm, 0) / off.length,
    inTwo: scaled.filter(z => Math.abs(z) <= 2).length / scaled.length,
  }
}

// Rows.
const find = id => stitch.findStitch(id)
const CLOTHS = ['#f7f1e6', '#dfd3bf', '#c9d3d8', '#4a4350']
const THREADS = ['#2b4c7e', '#77294f', '#47703f', '#201a26', '#b57e12']
const LOOKS = ['matt', 'sheen', 'twist']
const contrast = (a, b) => {
  const gray = hex =>
    [0.299, 0.587, 0.114].reduce(
      (sum, weight, i) => sum + weight * Number.parseInt(hex.slice(1 + 2 * i, 3 + 2 * i), 16),
      0,
    )
  return Math.abs(gray(a) - gray(b))
}
export function rowOf(random, kind, stitchPx, { seen = 1 } = {}) {
  const lengthMm = kind === 'zigzag' ? between(random, 1, 3) : between(random, 1.8, 4)
  const widthMm = kind === 'zigzag' ? between(random, 2.5, 6) : 0
  const gapMm = kind === 'twin' || kind === 'under' ? between(random, 1.6, 4) : 0
  const cloth = CLOTHS[Math.floor(random() * CLOTHS.length)]
  const fits = THREADS.filter(hex => contrast(hex, cloth) >= 45)
  const colour = fits[Math.floor(random() * fits.length)]
  const thread = {
    colours: [{ hex: colour, runMm: 10 }],
    diameterMm: between(random, 0.2, 0.35),
    look: LOOKS[Math.floor(random() * LOOKS.length)],
  }
  const stitches = 12 + Math.floor(random() * 16)
  const needle = { construction: gapMm > 0 ? 'twin' : 'single', gapMm, sizeNm: 80 }
  const picture = sewn[kind === 'under' ? 'underSide' : 'rightSide']({
    stitch: {
      ...find(kind === 'zigzag' ? 'zigzag' : 'straight'),
      widthMm,
      lengthMm,
      mirror: false,
      positionMm: 0,
    },
    maxWidthMm: 9,
    needle,
    threads: [thread, thread],
    bobbin: thread,
    seamMm: (stitches + 4) * lengthMm,
    clothThicknessMm: 0.3,
  })
  const pxPerMm = stitchPx / lengthMm
  const span = (widthMm + gapMm) / 2 + 3
  const longMm = stitches * lengthMm
  const width = Math.round(2 * (span + 2) * pxPerMm)
  const height = Math.round((longMm + 8) * pxPerMm)
  const camera = {
    ...cameraFor(random, pxPerMm, { x: 0, y: longMm / 2 + 2 * lengthMm }, width, height),
    turnDeg: between(random, -4, 4),
    tiltDeg: between(random, 0, 20),
  }
  const image = photoOf(
    faded(sewnScene(picture, cloth, 0.25 / pxPerMm), cloth, seen),
    shotFor(random, camera, width, height),
    random,
  )
  const see = seenFrom(camera)
  // The map is known here: what is tried is the reading of stitches.
  const map = planeMap({ cornersPx: cornersMm.map(see), ...ID_1 })
  const first = 2 * lengthMm
  const off = () => between(random, -0.2, 0.2) * lengthMm
  const ends = [
    { x: 0.1 * normal(random), y: first + off() },
    { x: 0.1 * normal(random), y: first + longMm + off() },
  ].map(see)
  return {
    image,
    map,
    ends,
    stitches,
    thread,
    cloth,
    lengthMm,
    widthMm,
    gapMm,
    halfMm: (widthMm + gapMm) / 2 + 1.6,
  }
}
export function rows(kind, stitchPx, count, options = {}) {
  const random = seeded(5000 + 10 * stitchPx + kind.length + Math.round(100 * (options.seen ?? 1)))
  const told = []
  const reasons = {}
  for (let i = 0; i < count; i++) {
    const row = rowOf(random, kind, stitchPx, options)
    const read = readRow(row.image, row.map, kind, row.ends, row.halfMm)
    if (!read.ok) {
      reasons[read.reason] = (reasons[read.reason] ?? 0) + 1
      continue
    }
    told.push({
      right: read.stitches === row.stitches,
      long: Math.abs(read.lengthMm.value / row.lengthMm - 1),
      across: read.acrossMm ? read.acrossMm.value - (row.widthMm || row.gapMm) : null,
      z: (read.lengthMm.value - row.lengthMm) / read.lengthMm.spread,
      zAcross: read.acrossMm
        ? (read.acrossMm.value - (row.widthMm || row.gapMm)) / read.acrossMm.spread
        : null,
    })
  }
  const offs = told.filter(({ across }) => across !== null).map(({ across }) => across)
  return {
    kind,
    stitchPx,
    count,
    told: told.length,
    exact: shareOf(told, ({ right }) => right),
    long: shareOf(told, ({ long }) => long <= 0.03),
    across: offs.length ? quantile(offs.map(Math.abs), 0.95) : null,
    acrossMean: offs.length ? offs.reduce((sum, mm) => sum + mm, 0) / offs.length : null,
    inTwo: shareOf(told, ({ z }) => Math.abs(z) <= 2),
    acrossInTwo: offs.length ? shareOf(told, ({ zAcross }) => Math.abs(zAcross) <= 2) : null,
    reasons,
  }
}
/** null: of none there is no share. */
const shareOf = (values, holds) => (values.length ? values.filter(holds).length / values.length : null)

export function straightenMs() {
  const [width, height] = [4000, 3000]
  const data = new Uint8ClampedArray(4 * width * height).fill(120)
  const see = seenFrom({
    focalPx: 9000,
    awayMm: 300,
    tiltDeg: 20,
    turnDeg: 8,
    atMm: { x: 43, y: 27 },
    middlePx: { x: 2000, y: 1500 },
  })
  const map = planeMap({ cornersPx: cornersMm.map(see), ...ID_1 })
  const times = Array.from({ length: 5 }, () => {
    const start = performance.now()
    straightened({ width, height, data }, map, { x: -20, y: -20, wideMm: 130, tallMm: 95 }, 31)
    return performance.now() - start
  })
  return quantile(times, 0.5)
}
