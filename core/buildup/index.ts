export { type BuildUp, layThread, MUDDY_MEAN_LAYERS } from './raster'
export { lengthThatCuresMm } from './cure'
