import { openApiDocument } from './openapi'
import { answerPairing, pairingRequestSchema, pairingResponseSchema } from './pairing'
import { get, type JsonRoute, post } from './route'
import { answerStitches, stitchesResponseSchema } from './stitches'
import { answerSwing, swingRequestSchema, swingResponseSchema } from './swing'
import { answerTension, tensionRequestSchema, tensionResponseSchema } from './tension'
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
      'The count in all systems, with diameter and basis; a label that can mean several things '
      + 'is a 400 with its readings, the likely first',
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
