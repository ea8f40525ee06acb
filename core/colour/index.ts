export {
  bobbinMatches,
  colourDifference,
  colourLook,
  type ColourLook,
  labDifference,
  leadingColour,
  MATCH_DELTA_E,
  NEAR_DELTA_E,
  type Lab,
} from './difference'
export { toneApartFrom } from './apart'
export { isGrey } from './grey'
export { clearOrSmoke, lookOnCloth } from './monofilament'
export { contrastOf, LEAST_CONTRAST, outlineFor } from './outline'
