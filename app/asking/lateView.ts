import { shallowRef } from 'vue'
import type { RouteLocationNormalized, Router } from 'vue-router'
import { stationOf } from '../stations'
import { LOAD_MS } from './asker'

/** A view whose code is asked for and not there yet, or did not come. */
export interface LateView {
  readonly to: string
  readonly name: string
  readonly isGone: boolean
}
const SOON_MS = 150
const view = shallowRef<LateView | null>(null)
/** null: every view that was asked for is there. */
export const useLateView = () => view

/** Follows where one goes: a view that does not come is said where it would stand. */
export function watchLateViews(router: Router): void {
  let timers: ReturnType<typeof setTimeout>[] = []
  function settle(): void {
    timers.forEach(clearTimeout)
    timers = []
  }
  const say = ({ path, fullPath }: RouteLocationNormalized, isGone: boolean) => {
    view.value = { to: fullPath, name: stationOf(path)?.name ?? 'This page', isGone }
  }
  router.beforeEach((to, from) => {
    settle()
    if (to.path === from.path) return
    timers = [setTimeout(() => say(to, false), SOON_MS), setTimeout(() => say(to, true), LOAD_MS)]
  })
  router.afterEach(() => {
    settle()
    view.value = null
  })
  router.onError((_, to) => {
    settle()
    say(to, true)
  })
}
