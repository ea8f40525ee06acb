import { answerTension, tensionRequestSchema } from '#shared/apiTension'
import { jsonRoute } from '../../../utils/jsonRoute'

export default jsonRoute(tensionRequestSchema, answerTension)
