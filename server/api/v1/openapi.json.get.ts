import { defineEventHandler } from 'h3'
import { openApiDocument } from '#shared/openapi'

export default defineEventHandler(() => openApiDocument())
