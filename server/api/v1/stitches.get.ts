import { defineEventHandler } from 'h3'
import { answerStitches } from '#shared/api'

export default defineEventHandler(() => answerStitches())
