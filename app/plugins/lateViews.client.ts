import { watchLateViews } from '~/asking/lateView'

export default defineNuxtPlugin(() => watchLateViews(useRouter()))
