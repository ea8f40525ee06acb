export { type BuildUp, layThread, MUDDY_MEAN_LAYERS, RASTER_MM } from './raster'
export { lengthThatCuresMm } from './cure'
