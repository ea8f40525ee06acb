import { answerThreadCount, threadCountRequestSchema } from '#shared/apiThreadCount'
import { jsonRoute } from '../../utils/jsonRoute'

export default jsonRoute(threadCountRequestSchema, answerThreadCount)
