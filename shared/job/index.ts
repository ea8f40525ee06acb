export { type Foretell, setUpFor, withOneNeedle } from './choose'
export { dialledIn, isChange, type Setting, type Settled, type Workplace } from './settings'
