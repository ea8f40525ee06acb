export { LEAST_ANSWERS, readerFrom, type Answers, type KnownAnswer, type ReaderEstimate } from './reader'
export { readerWords } from './words'
