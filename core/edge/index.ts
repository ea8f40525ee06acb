export { edgeParts, type EdgeParts, type EdgePoint, type EdgeRun, type EdgeStretch } from './parts'
export { type Landing, landingsAlong } from './land'
export { type Bite, MOST_BITE_MM, MOST_NEAR, MOST_PAIRS, type Near, nearnessOf, tipOf } from './touching'
export {
  areaMm2,
  CROWDED_MM,
  DEFAULT_CLEARANCE_MM,
  type EdgePlan,
  type EdgeRules,
  type EdgeSide,
  type EdgeStitch,
  MOST_LANDINGS,
  type OwnRun,
  planEdge,
  type PlannedStretch,
  turnEvery,
} from './planEdge'
export { marksInOrder } from './marks'
export { type EdgeWay, edgeWays } from './ways'
export { dropsAlong, type EdgePattern, OUTSIDE_MM, zigzagShiftMm } from './thread'
export { type EdgeAdvice, edgeAdvice } from './advice'
export {
  edgeDrawing,
  type EdgeSheet,
  edgeStrip,
  orderDrawing,
  orderWords,
  placementDrawing,
  type SideStitches,
  sideStitches,
  sideWords,
  templateDrawing,
} from './edgeSheet'
export { redrawn } from './redrawn'
export {
  narrowsOverMm,
  offeredTurn,
  SATIN_TURNS,
  satinAlong,
  type SatinSewn,
  type SatinTurn,
  TURN_WORDS,
  turnsOf,
} from './satinTurns'
export { alongSide, landingsOfSide, pulledCount, recounted, type SideLandings } from './settle'
export { dialChangesOf, type SewnLeg, sewnOrder } from './sewnOrder'
