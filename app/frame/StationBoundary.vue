<script setup lang="ts">
/**
 * Holds a page that cannot be drawn, so that the rest of the app goes on. What fails while a press is handled
 * is none of its business: the page stands then, with all that was typed into it.
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
</script>

<template>
  <LazyStationFault
    v-if="fault"
    :error="fault"
    @again="again"
  />
  <slot v-else />
</template>
