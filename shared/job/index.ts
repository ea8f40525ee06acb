export { type Foretell, setUpFor, withStartValues, withOneNeedle } from './choose'
export { foretellFrom } from './foretell'
export { freshSetup } from './fresh'
export { dialledIn, isChange, type Setting, type Settled, type Workplace } from './settings'
