import { latePart } from './latePart'

/** Forms of what one owns: parts that come late stand round them. */
export const LateNeedleForm = latePart('The form', () => import('~/pickers/NeedleForm.vue'))
export const LateThreadForm = latePart('The form', () => import('~/pickers/ThreadForm.vue'))
export const LateBobbinForm = latePart('The form', () => import('~/pickers/BobbinForm.vue'))
export const LateClothForm = latePart('The form', () => import('~/pickers/ClothForm.vue'))
export const LateStabilizerForm = latePart('The form', () => import('~/pickers/StabilizerForm.vue'))
export const LateFootForm = latePart('The form', () => import('~/pickers/FootForm.vue'))
export const LatePlateForm = latePart('The form', () => import('~/pickers/PlateForm.vue'))
export const LateMachineForm = latePart('The form', () => import('~/pickers/MachineForm.vue'))
