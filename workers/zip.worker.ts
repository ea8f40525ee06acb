import { expose } from 'comlink'
import { packBook, unpackBook } from './bookZip'

const api = { packBook, unpackBook }
export type ZipApi = typeof api
expose(api)
