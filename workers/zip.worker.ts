import { packBook, unpackBook } from './bookZip'
import { serve } from './serve'

const api = { packBook, unpackBook }
export type ZipApi = typeof api
serve(api)
