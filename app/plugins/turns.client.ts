import { beginOpening, endOpening } from '~/kit/turns'

/** Parts of a view take turns from the moment one goes to it until it stands. */
export default defineNuxtPlugin(nuxt => {
  beginOpening()
  useRouter().beforeResolve((to, from) => {
    if (to.path !== from.path) beginOpening()
  })
  nuxt.hook('page:finish', endOpening)
})
