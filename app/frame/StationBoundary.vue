<script setup lang="ts">
import { useLateView } from '~/asking/lateView'

/**
 * Holds a page that cannot be drawn or does not load, so that the rest of the app goes on. What fails while a
 * press is handled is none of its business: the page stands then, with all that was typed into it.
 */
// A page's own route follows the page, and a broken one never arrives: ask the router.
const { currentRoute } = useRouter()
const fault = shallowRef<Error | null>(null)

/** Where Vue says an error came from: in words while developing, else by its number or hook. */
const WHILE_DRAWING =
  /(?:#runtime-(?:0|1|15|bm|m|bu|u)|setup function|render function|component update|hook)$/
onErrorCaptured((error, _, from) => {
  if (!WHILE_DRAWING.test(from)) return true
  fault.value = error
  console.error(error)
  return false
})
const again = () => {
  fault.value = null
}
watch(() => currentRoute.value.path, again)

const late = useLateView()
/** What does not come again is said again. */
const ask = () => void Promise.resolve(navigateTo(late.value!.to)).catch(() => {})
const stay = () => {
  late.value = null
}
</script>

<template>
  <AskFault
    v-if="late?.isGone"
    :what="late.name"
    fault="not-loaded"
    leave="Stay here"
    @again="ask"
    @leave="stay"
  />
  <WorkingOut
    v-else-if="late"
    :tall="400"
    :words="`Opening ${late.name}…`"
  />
  <div
    v-show="!late"
    class="contents"
  >
    <StationFault
      v-if="fault"
      :error="fault"
      @again="again"
    />
    <slot v-else />
  </div>
</template>
