import { answerPairing, pairingRequestSchema } from '#shared/apiPairing'
import { jsonRoute } from '../../utils/jsonRoute'

export default jsonRoute(pairingRequestSchema, answerPairing)
