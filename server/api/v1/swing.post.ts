import { answerSwing, swingRequestSchema } from '#shared/api'
import { jsonRoute } from '../../utils/jsonRoute'

export default jsonRoute(swingRequestSchema, answerSwing)
