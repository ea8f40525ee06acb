import type { Piece, PintuckPiece, TopstitchPiece } from '../records'
import { demoSetup, type Sewn } from './setups'

const TUCKS: Sewn = {
  stitch: 'straight',
  width: 0,
  length: 2.2,
  needle: '16',
  foot: 'tuck',
  left: 'white',
  right: 'white',
  bobbin: 'white',
  cloth: 'batiste',
  layers: 1,
  tension: 8.6,
  job: 'pintucks',
  goal: 'raised',
}
const ROWS: Sewn = {
  stitch: 'straight',
  width: 0,
  length: 3,
  needle: 'topstitch',
  foot: 'quarter',
  left: 'navy',
  right: 'navy',
  bobbin: 'navy',
  tension: 4,
  job: 'topstitching',
}
const PLAIN_TUCKS: PintuckPiece = {
  kind: 'pintucks',
  wanted: { by: 'count', count: 24 },
  spacingMm: 6.4,
  group: { of: 3, gapMm: 16 },
  pieceMm: 320,
  edgeMm: null,
  tallMm: 620,
  reserveMm: 20,
  takeUp: { beforeMm: 120, afterMm: 109, tucks: 10, readMm: 0.5 },
  cordMm: null,
  toleranceMm: 2,
  freeLeftMm: 0,
  freeRightMm: 30,
  widths: [
    { atMm: 0, widthMm: 316 },
    { atMm: 420, widthMm: 318 },
    { atMm: 600, widthMm: 150 },
  ],
  second: null,
  runs: [],
}
const PLAIN_ROWS: TopstitchPiece = {
  kind: 'topstitching',
  shape: { kind: 'pocket', wideMm: 120, tallMm: 140, corners: 'cut', cornerMm: 20 },
  rowsMm: [2, 8.35],
  wantedMm: 3,
  mostMissMm: 0.25,
  alike: false,
  leastMm: 1.5,
  corner: 'steps',
  feed: null,
  humps: [],
  area: null,
}
const piece = (
  id: string,
  name: string,
  day: string,
  over: Pick<Piece, 'plan' | 'copies' | 'note'>,
  sewn: Sewn,
): Piece => ({
  id: `demo-piece-${id}`,
  name,
  keptAt: `2026-${day}T19:10:00Z`,
  setup: demoSetup(sewn),
  ...over,
})

/** Planned for the same season. */
export const pieces: Piece[] = [
  piece(
    'front',
    'First officer’s shirt front',
    '03-03',
    { plan: PLAIN_TUCKS, copies: 2, note: 'Groups of three; the button side stays plain.' },
    TUCKS,
  ),
  piece(
    'cuff',
    'Chorus cuffs, close tucks',
    '03-09',
    {
      plan: {
        ...PLAIN_TUCKS,
        wanted: { by: 'fill', fillMm: 180 },
        spacingMm: 5,
        group: null,
        pieceMm: 220,
        tallMm: 80,
        takeUp: null,
        freeRightMm: 0,
        widths: [],
      },
      copies: 12,
      note: 'Not measured yet: cut wide.',
    },
    TUCKS,
  ),
  piece(
    'pocket',
    'Deckhand pockets, two rows',
    '03-16',
    { plan: PLAIN_ROWS, copies: 8, note: 'Cut corners; navy on linen.' },
    ROWS,
  ),
  piece(
    'collar',
    'Captain’s collar, twin row',
    '03-18',
    {
      plan: {
        ...PLAIN_ROWS,
        shape: { kind: 'collar', wideMm: 420, tallMm: 75, spreadMm: 20 },
        rowsMm: [5],
        corner: 'passes',
      },
      copies: 1,
      note: '',
    },
    { ...ROWS, needle: '40', foot: 'open' },
  ),
]
