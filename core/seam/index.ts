export { type Seam, seamUsage, sewnInputOf } from './seam'
export { type SeamPoints, type SeamSketch, seamPointsOf } from './seamPoints'
export { UNCHOSEN_HEX } from './colours'
export { type Layers, stackMm } from './stack'
