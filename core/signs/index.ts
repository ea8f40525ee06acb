export {
  DENSE_HOLES_MM,
  SIGN_PLACES,
  SIGNS,
  type SignChange,
  type SignContext,
  type SignId,
  type SignPlace,
  stabilizerForSigns,
  type Suspect,
} from './signs'
export { suspectsOf } from './suspects'
