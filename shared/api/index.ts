export { errorResponseSchema, type ErrorResponse } from './errors'
export {
  answerBand,
  answerFill,
  bandRequestSchema,
  bandResponseSchema,
  fillRequestSchema,
  fillResponseSchema,
} from './band'
export { answerEdge, edgeRequestSchema, edgeResponseSchema } from './edge'
export { answerFit, fitRequestSchema, fitResponseSchema } from './fit'
export { answerLines, linesRequestSchema, linesResponseSchema } from './lines'
export { answerMeasure, measureRequestSchema, measureResponseSchema } from './measure'
export { openApiDocument } from './openapi'
export { answerOrder, orderRequestSchema, orderResponseSchema } from './order'
export { answerPairing, type PairingRequest, pairingRequestSchema, pairingResponseSchema } from './pairing'
export { answerPintucks, pintucksRequestSchema, pintucksResponseSchema } from './pintucks'
export { EXAMPLES } from './examples'
export { RequestProblem } from './requestProblem'
export { type JsonRoute, MOST_ANSWER_BYTES } from './route'
export { ROUTES } from './routes'
export { answerStitches, stitchesResponseSchema } from './stitches'
export {
  answerSwing,
  type SwingRequest,
  swingRequestSchema,
  type SwingResponse,
  swingResponseSchema,
} from './swing'
export { answerTension, tensionRequestSchema, tensionResponseSchema } from './tension'
export { answerThreadCount, threadCountRequestSchema, threadCountResponseSchema } from './threadCount'
export { answerTopstitch, topstitchRequestSchema, topstitchResponseSchema } from './topstitch'
export { answerVerdict, type VerdictRequest, verdictRequestSchema, verdictResponseSchema } from './verdict'
