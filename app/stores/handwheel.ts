import { defineStore } from 'pinia'
import { computed, ref, watch } from 'vue'
import { dropClearances } from '#core/swing'

/** Where the handwheel of the current setup stands. Not kept: it is a hand's position, no record. */
export const useHandwheelStore = defineStore('handwheel', () => {
  const inHand = useInHandStore()
  const clearances = computed(() => (inHand.swingInput ? dropClearances(inHand.swingInput) : []))

  /** Which drop it was turned to; a stitch with fewer drops is held to its last. */
  const turnedTo = ref(0)
  const drop = computed({
    get: () => Math.min(turnedTo.value, Math.max(0, clearances.value.length - 1)),
    set: index => {
      turnedTo.value = index
    },
  })
  // Another pattern starts at its first drop.
  watch(
    () => inHand.setup.stitch.stitchId,
    () => {
      turnedTo.value = 0
    },
    { flush: 'sync' },
  )

  return { clearances, drop }
})
