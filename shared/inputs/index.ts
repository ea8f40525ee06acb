export { bobbinInputOf } from './bobbinInput'
export { type ContrastBobbin, contrastBobbinOf } from './contrastBobbin'
export { answersOf } from './reader'
export { needlesSewMetallic, sewnKinds, sewnSince } from './care'
export {
  candidateOf,
  clothFactsOf,
  conflictInputOf,
  type PairingTables,
  stitchFactsOf,
  threadedBlades,
} from './pairing'
export {
  answerForEdge,
  type EdgeAnswer,
  type EdgeInput,
  edgeInputOf,
  type EdgeStitching,
  edgeWork,
} from './edge'
export { type FontId, fontsOf, type Fonts, type PartStretch } from './edgeRegions'
export { EDGE_KINDS, type EdgeKind, edgeKindOf, edgeSettingOf } from './edgeSetup'
export { bandJobOf, bandRowSetup } from './bandSetup'
export { answerForLines, type LinesAnswer, type LinesInput, linesInputOf, linesWork } from './lines'
export { feetGuiding, USUAL_ROW_MM } from './guidingFeet'
export { type ItemDials, itemDialsOf } from './itemDials'
export { scaledPiece } from './scaled'
export { type Planned, plannedOf } from './planned'
export { judgePiece, type PieceVerdict } from './judgePiece'
export { type Swap, swapFor } from './swap'
export { isJobOfPlan, pieceSetupOf, type PlanKind, planKindOf, withPieceSetup } from './pieceSetup'
export { type PieceWay, wayOf } from './pieceWay'
export { answerForBand, type BandAnswer, type BandAnswerRow, type BandNote, bandRuns } from './band'
export {
  changeTarget,
  itemRuns,
  needsOfSetup,
  type SewnNeeds,
  sewnNeedsOf,
  type ProjectTables,
  type ProjectWork,
  projectWorkOf,
} from './project'
export {
  type BobbinNeed,
  type PieceRun,
  type RunsNeeds,
  runsNeedsOf,
  STABILIZER_BESIDE_MM,
  stabilizerMm2,
} from './runs'
export { type ThreadNeed, type ThreadNeeds, threadNeedsOf } from './needs'
export {
  guidesOf,
  type LengthDialOn,
  lengthDialOf,
  perMinuteOf,
  type OwnedGuide,
  piecePrecision,
  pieceNeedsOf,
  type PieceWork,
  pintuckInputOf,
  rowsInputOf,
  TAIL_M,
  takeUpSwatches,
  topstitchRows,
  topstitchWork,
  tuckRuns,
  tuckWork,
} from './pieces'
export { exampleSeam, type ExampleSeam } from './example'
export { seamOf, underFootMm } from './seam'
export { signContextOf } from './signs'
export { startInputOf } from './start'
export { fittedStitch, type FittedStitch, type StitchStanding } from './stitches'
export { featuresOf, frozenOf, learntFromSwatch, offsetOf, ruleShareOf } from './swatch'
export { SOURCE_WORDS, type SwatchField, swatchFields } from './swatchFields'
export {
  type SetupParts,
  setupPartsOf,
  type SetupTables,
  type NamedStitch,
  gapOf,
  PLATE_NAMES,
  plateOn,
  swingInputOf,
} from './swing'
export {
  type Expectation,
  expectationOf,
  foretoldShareOf,
  lessonsOf,
  type Question,
  steppedDialOf,
  type Told,
  trialRowOf,
} from './trial'
export { GOAL_SETUPS } from './trialGoals'
export { blankState, fittedFactsOf, stateOf, walkInputOf } from './walk'
export { handWalkKeyOf, jobInputOf } from './job'
export {
  appliedMeasure,
  keptMeasure,
  keptTakeUp,
  measuredField,
  measuredTable,
  refusedChange,
  thingsOf,
} from './measures'
export { clothFeedOf, dialScaleOf, feedOf, type PieceFeed } from './feed'
export { type Unmeasured, unmeasuredOf } from './unmeasured'
export type { TurnedPoints } from './turnedPoints'
