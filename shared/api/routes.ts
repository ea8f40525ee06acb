import { MOST_STACKS } from '#core/band'
import { MOST_LANDINGS, MOST_NEAR, MOST_PAIRS } from '#core/edge'
import { MOST_TRIES } from '#core/fit'
import { MOST_PAIRED } from '#core/lines'
import {
  answerBand,
  answerFill,
  bandRequestSchema,
  bandResponseSchema,
  fillRequestSchema,
  fillResponseSchema,
} from './band'
import { answerEdge, edgeRequestSchema, edgeResponseSchema } from './edge'
import { answerFit, fitRequestSchema, fitResponseSchema } from './fit'
import { answerLines, linesRequestSchema, linesResponseSchema } from './lines'
import { answerMeasure, measureRequestSchema, measureResponseSchema } from './measure'
import { openApiDocument } from './openapi'
import { answerOrder, orderRequestSchema, orderResponseSchema } from './order'
import { answerPairing, pairingRequestSchema, pairingResponseSchema } from './pairing'
import { answerPintucks, pintucksRequestSchema, pintucksResponseSchema } from './pintucks'
import { get, type JsonRoute, post } from './route'
import { answerStitches, stitchesResponseSchema } from './stitches'
import { answerSwing, swingRequestSchema, swingResponseSchema } from './swing'
import { answerTension, tensionRequestSchema, tensionResponseSchema } from './tension'
import { answerTopstitch, topstitchRequestSchema, topstitchResponseSchema } from './topstitch'
import { answerVerdict, verdictRequestSchema, verdictResponseSchema } from './verdict'
import { answerThreadCount, threadCountRequestSchema, threadCountResponseSchema } from './threadCount'

/** Every route. All of them are stateless: nothing sent is kept. */
export const ROUTES: readonly JsonRoute[] = [
  post('/api/v1/swing', {
    summary: 'May this needle swing this wide here?',
    answered: 'The verdict with its numbers and reasons',
    request: swingRequestSchema,
    response: swingResponseSchema,
    answer: answerSwing,
  }),
  post('/api/v1/verdict', {
    summary: 'May this job be sewn as it is set up?',
    answered: 'One verdict with its evidence, how the needle swings, how threads fit, and every reason',
    request: verdictRequestSchema,
    response: verdictResponseSchema,
    answer: answerVerdict,
  }),
  post('/api/v1/thread-count', {
    summary: 'What does this thread label or count weigh, in every system?',
    answered:
      'The count in all systems, with diameter and basis. A label with several meanings '
      + 'is a 400 with its readings, the likely first.',
    request: threadCountRequestSchema,
    response: threadCountResponseSchema,
    answer: answerThreadCount,
  }),
  post('/api/v1/pairing', {
    summary: 'Which needle for this thread?',
    answered: 'Needles ranked with reasons, the bobbin, start settings, conflicts, and what to buy',
    request: pairingRequestSchema,
    response: pairingResponseSchema,
    answer: answerPairing,
  }),
  post('/api/v1/tension/next', {
    summary: 'Which tension to sew next?',
    answered: 'The next number with its reason, or that it is settled or out of reach',
    request: tensionRequestSchema,
    response: tensionResponseSchema,
    answer: answerTension,
  }),
  post('/api/v1/pintucks', {
    summary: 'How wide to cut for pintucks, and where to mark them?',
    answered: 'Places on the finished and on the flat cloth. The blank as a number or a range. Warnings.',
    request: pintucksRequestSchema,
    response: pintucksResponseSchema,
    answer: answerPintucks,
  }),
  post('/api/v1/fit', {
    summary: 'Which stitch lengths come along a side in whole stitches?',
    answered: 'The even length of each side, and the plans on the dial that none beats',
    request: fitRequestSchema,
    response: fitResponseSchema,
    answer: answerFit,
    limits: `${MOST_TRIES} ways to mix two marks of the dial, over all sides`,
  }),
  post('/api/v1/topstitch', {
    summary: 'Rows along an edge: sides, whole stitches to every corner, what guides them',
    answered: 'For each row its needles’ distances, sides with plans, and needle position by guide',
    request: topstitchRequestSchema,
    response: topstitchResponseSchema,
    answer: answerTopstitch,
    limits: `${MOST_TRIES} ways to mix two marks of the dial, over all sides`,
  }),
  post('/api/v1/edge', {
    summary: 'Stitches along an edge, one on every point',
    answered: 'Points, sides with plans, stitch points with bites, what crowds, and the widest bite',
    request: edgeRequestSchema,
    response: edgeResponseSchema,
    answer: answerEdge,
    limits:
      `${MOST_LANDINGS} stitch points, ${MOST_PAIRS} pairs of bites whose reach meets. `
      + `${MOST_NEAR} stitches that crowd, ${MOST_TRIES} ways to mix two marks of the dial.`,
    mostBodyBytes: 512_000,
  }),
  post('/api/v1/lines', {
    summary: 'Lines that meet, with as few starts or as little sewn twice as can be',
    answered: 'Runs in order, starts, tails, and what is sewn twice',
    request: linesRequestSchema,
    response: linesResponseSchema,
    answer: answerLines,
    limits: `sewn twice, ${MOST_PAIRED} places of a part where an odd number of lines meet`,
    mostBodyBytes: 512_000,
  }),
  post('/api/v1/band', {
    summary: 'Rows side by side as one band, in whole patterns',
    answered: 'Where each row lies, its whole patterns, its drift, and what shows of a ribbon',
    request: bandRequestSchema,
    response: bandResponseSchema,
    answer: answerBand,
  }),
  post('/api/v1/band/fill', {
    summary: 'Which symmetric stacks of stitches make a band so wide?',
    answered: 'Every stack within the tolerance, the fewest rows first',
    request: fillRequestSchema,
    response: fillResponseSchema,
    answer: answerFill,
    limits: `${MOST_STACKS} stacks`,
  }),
  post('/api/v1/order', {
    summary: 'In what order to sew, with the least changing?',
    answered: 'The order, the changes before each piece, and the minutes. Proven up to 16 pieces.',
    request: orderRequestSchema,
    response: orderResponseSchema,
    answer: answerOrder,
    mostBodyBytes: 256_000,
  }),
  post('/api/v1/measure', {
    summary: 'How long is what was marked in a picture beside a rectangle of known size?',
    answered: 'Lengths with their spread, how far aslant the camera looked, and what makes them doubtful',
    request: measureRequestSchema,
    response: measureResponseSchema,
    answer: answerMeasure,
  }),
  get('/api/v1/stitches', {
    summary: 'The stitch library',
    answered: 'Every stitch with its needle drops',
    response: stitchesResponseSchema,
    answer: answerStitches,
  }),
  get('/api/v1/openapi.json', {
    summary: 'This document',
    answered: 'OpenAPI 3.1',
    response: null,
    answer: (): unknown => openApiDocument(ROUTES),
  }),
]
