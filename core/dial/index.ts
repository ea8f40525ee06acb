export { markAt, shareOf } from './dial'
