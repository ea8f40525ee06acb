import type { Component } from 'vue'
import {
  LateBobbinForm,
  LateClothForm,
  LateFootForm,
  LateMachineForm,
  LateNeedleForm,
  LatePlateForm,
  LateStabilizerForm,
  LateThreadForm,
} from '~/asking/lateForms'

export type FormTable =
  'needles' | 'threads' | 'bobbins' | 'cloths' | 'stabilizers' | 'feet' | 'plates' | 'machines'

/** The form of each thing one owns; its code comes when it is opened. */
export const RECORD_FORMS: Readonly<Record<FormTable, Component>> = {
  needles: LateNeedleForm,
  threads: LateThreadForm,
  bobbins: LateBobbinForm,
  cloths: LateClothForm,
  stabilizers: LateStabilizerForm,
  feet: LateFootForm,
  plates: LatePlateForm,
  machines: LateMachineForm,
}
