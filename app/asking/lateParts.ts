import { latePart } from './latePart'

/**
 * Parts whose code comes when they are first shown: each with what it is, as a sentence begins with it. A new
 * one is a line here.
 */
export const LateStorageNotice = latePart('The note about saving', () => import('~/frame/StorageNotice.vue'))
export const LateConflictList = latePart('The list of notes', () => import('~/frame/ConflictList.vue'))
export const LatePopover = latePart('This panel', () => import('@nuxt/ui/components/Popover.vue'))

// What comes once the first view stands.
export const LatePieceWay = latePart('How far the piece is', () => import('~/frame/PieceWay.vue'))
export const LatePutBackStop = latePart('What is to be put back', () => import('~/frame/PutBackStop.vue'))
export const LateReasonPress = latePart('What mends it', () => import('~/frame/ReasonPress.vue'))
export const LateNeedleLabel = latePart('The needle’s label', () => import('~/inPlace/NeedleLabelInput.vue'))

export const LateInvitation = latePart(
  'The first page',
  () => import('~/stations/width/parts/Invitation.vue'),
)

// What opens over the page.
const OVER = 'over the page'
export const LateKeysSheet = latePart('The list of keys', () => import('~/frame/KeysSheet.vue'), OVER)
export const LateSchoolsSheet = latePart(
  'The choices where sewists differ',
  () => import('~/frame/SchoolsSheet.vue'),
  OVER,
)
export const LateSearchSheet = latePart('The search', () => import('~/frame/SearchSheet.vue'), OVER)
export const LateUndoAsk = latePart('The question about undo', () => import('~/frame/UndoAsk.vue'), OVER)
export const LateStitchSheet = latePart(
  'The list of stitches',
  () => import('~/stations/width/parts/StitchSheet.vue'),
  OVER,
)

// Pickers of the line-up.
export const LateJobPicker = latePart('The list of jobs', () => import('~/pickers/JobPicker.vue'))
export const LateMachinePicker = latePart('The list of machines', () => import('~/pickers/MachinePicker.vue'))
export const LateSpoolPicker = latePart('The list of threads', () => import('~/pickers/SpoolPicker.vue'))
export const LateTensionPicker = latePart('The tension', () => import('~/pickers/TensionPicker.vue'))
export const LateNeedlePicker = latePart('The list of needles', () => import('~/pickers/NeedlePicker.vue'))
export const LateFootPicker = latePart('The list of feet', () => import('~/pickers/FootPicker.vue'))
export const LateClothPicker = latePart('The list of cloths', () => import('~/pickers/ClothPicker.vue'))
export const LateBobbinPicker = latePart('The list of bobbins', () => import('~/pickers/BobbinPicker.vue'))
