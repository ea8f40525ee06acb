export {
  SIGN_PLACES,
  SIGNS,
  type SignChange,
  type SignContext,
  type SignId,
  type SignPlace,
  type Suspect,
} from './signs'
export { suspectsOf } from './suspects'
