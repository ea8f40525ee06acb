export { guessedStep, isStepOf, markAt, shareOf, stepRange } from './dial'
