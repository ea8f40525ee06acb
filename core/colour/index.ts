export {
  bobbinMatches,
  colourDifference,
  colourLook,
  type ColourLook,
  labDifference,
  leadingColour,
  type Lab,
} from './difference'
export { toneApartFrom } from './apart'
export { isGrey } from './grey'
export { clearOrSmoke, lookOnCloth } from './monofilament'
export { contrastOf, LEAST_CONTRAST, outlineFor } from './outline'
