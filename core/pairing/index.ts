export {
  THREAD_CLASSES,
  isThickBelow,
  threadClassOf,
  thicknessOf,
  USUAL_THREADS,
  type ThreadClass,
  type ThreadFacts,
  type Thickness,
} from './threadClass'
export { eyeWidthMm, fitOfFill, FITS, type Fit } from './eye'
export { isInPractice, PRACTICE, practiceFor } from './practice'
export { compareModels, fitThread, type ModelRow, type ThreadFit } from './fit'
export { ASSORTMENT, type TypedNeedle } from './assortment'
export { suitsKnit } from './cloth'
export {
  isFlawless,
  needleToBuy,
  rankNeedles,
  type Candidate,
  type PairingInput,
  type RankedNeedle,
} from './rank'
export {
  bobbinAdvice,
  rankBobbins,
  type BobbinAdvice,
  type BobbinChoice,
  type BobbinInput,
  type BobbinThread,
  type RankedBobbin,
} from './bobbin'
export { decidingThread, leadingThread } from './delicate'
export {
  onDial,
  type StartLength,
  startSettings,
  workLength,
  type FootWish,
  type ForetoldShare,
  type OwnSwatch,
  type StartInput,
  type StartReason,
  type StartSettings,
  type StartSource,
  type StartValue,
} from './start'
