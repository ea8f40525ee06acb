import { type Component, defineAsyncComponent } from 'vue'

export type FormTable =
  'needles' | 'threads' | 'bobbins' | 'cloths' | 'stabilizers' | 'feet' | 'plates' | 'machines'

/** The form of each thing one owns; its code comes when it is opened. */
export const RECORD_FORMS: Readonly<Record<FormTable, Component>> = {
  needles: defineAsyncComponent(() => import('./NeedleForm.vue')),
  threads: defineAsyncComponent(() => import('./ThreadForm.vue')),
  bobbins: defineAsyncComponent(() => import('./BobbinForm.vue')),
  cloths: defineAsyncComponent(() => import('./ClothForm.vue')),
  stabilizers: defineAsyncComponent(() => import('./StabilizerForm.vue')),
  feet: defineAsyncComponent(() => import('./FootForm.vue')),
  plates: defineAsyncComponent(() => import('./PlateForm.vue')),
  machines: defineAsyncComponent(() => import('./MachineForm.vue')),
}
