import { DEFAULT_CHANGE_MINUTES } from '#core/order'
import type { JsonRoute } from './route'

const MACHINE = { maxWidthMm: 7 }
const DIAL = { minMm: 0.5, maxMm: 5, stepMm: 0.1 }
const square = (mm: number) => [
  { x: 0, y: 0 },
  { x: mm, y: 0 },
  { x: mm, y: mm },
  { x: 0, y: mm },
]
const needs = (needle: string, threads: readonly string[], foot: string, tension: string) => ({
  machine: 'Attic seven',
  needle,
  threads: [...threads],
  bobbin: 'white',
  plate: 'zigzag',
  foot,
  stabilizer: '',
  tension,
})

/** A body for every route that takes one: the OpenAPI document shows it. All data is invented. */
export const EXAMPLES: Readonly<Record<JsonRoute['path'], unknown>> = {
  '/api/v1/swing': {
    machine: MACHINE,
    needle: { construction: 'twin', gapMm: 2, sizeNm: 80 },
    stitch: { id: 'zigzag', widthMm: 4.5, lengthMm: 1.5 },
  },
  '/api/v1/verdict': {
    machine: MACHINE,
    needle: { construction: 'twin', gapMm: 2, sizeNm: 80, type: 'universal' },
    stitch: { id: 'zigzag', widthMm: 4, lengthMm: 1.5 },
    thread: { kind: 'cotton', tex: 23.62 },
  },
  '/api/v1/thread-count': { label: '50/2 Ne' },
  '/api/v1/pairing': { thread: { kind: 'metallic', tex: 30 }, construction: 'single' },
  '/api/v1/tension/next': {
    goal: 'flat',
    dial: { min: 0, max: 9, home: 4.5, step: 0.25 },
    rows: [{ dial: 4, ridge: 2 }],
  },
  '/api/v1/pintucks': {
    needle: { gapMm: 2, sizeNm: 80 },
    count: 6,
    spacingMm: 6,
    group: { of: 3, gapMm: 14 },
    pieceMm: 60,
    reserveMm: 20,
    takeUp: { beforeMm: 100, afterMm: 88, tucks: 10 },
  },
  '/api/v1/fit': { sidesMm: [43, 87.3], wantedMm: 3, dial: DIAL },
  '/api/v1/topstitch': {
    outline: { pointsMm: square(120), closed: true },
    rowsMm: [6.35],
    needle: { construction: 'single' },
    machineMaxMm: 7,
    guides: [{ id: 'edge of the foot', fromNeedleMm: 6.35 }],
    wantedMm: 3,
    dial: DIAL,
  },
  '/api/v1/edge': {
    shape: { pointsMm: square(60) },
    stitch: { kind: 'blanket', widthMm: 4, lengthMm: 3 },
    dial: DIAL,
  },
  '/api/v1/lines': {
    nodes: 5,
    lines: [
      { a: 0, b: 1, lengthMm: 30 },
      { a: 1, b: 2, lengthMm: 20 },
      { a: 1, b: 3, lengthMm: 12 },
      { a: 1, b: 4, lengthMm: 12 },
    ],
    twice: true,
  },
  '/api/v1/band': {
    rows: [
      { widthMm: 5, repeat: 2, lengthMm: 2.5 },
      { widthMm: 7, repeat: 22, lengthMm: 0.5 },
    ],
    overlapsMm: [0.5],
    alongMm: 300,
    dial: DIAL,
  },
  '/api/v1/band/fill': {
    bandMm: 17,
    choices: [
      { id: 'scallop', widthMm: 5 },
      { id: 'fern', widthMm: 7 },
    ],
    overlapMm: 0,
    toleranceMm: 0.2,
    mostRows: 3,
  },
  '/api/v1/order': {
    pieces: [
      { id: 'yoke', needs: needs('2.0/80', ['white', 'white'], 'grooved', '7') },
      { id: 'cuffs', needs: needs('100/16', ['red pearl'], 'open', '4') },
    ],
    before: [[0, 1]],
    minutes: DEFAULT_CHANGE_MINUTES,
  },
  '/api/v1/measure': {
    cornersPx: [
      { x: 0, y: 0 },
      { x: 856, y: 0 },
      { x: 856, y: 539.8 },
      { x: 0, y: 539.8 },
    ],
    rectangleMm: { wideMm: 85.6, tallMm: 53.98 },
    spans: [
      [
        { x: 400, y: 270 },
        { x: 480, y: 270 },
      ],
    ],
  },
}
