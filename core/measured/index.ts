export { GIVE_OR_TAKE, giveOrTake, leastOf, type Measurement, mostOf, widened } from './measurement'
