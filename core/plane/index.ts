export { apart, between, heading, moved, type Point } from './point'
export { doSegmentsCross, nearestOn, segmentsApart } from './segment'
export { radiusThrough, turnAt, turnOfWays } from './turn'
export { leastSquares, median } from './fit'
