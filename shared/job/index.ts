export { type Foretell, setUpFor } from './choose'
export { dialledIn, isChange, type Setting, type Settled, type Workplace } from './settings'
