import { disableAutoUnmount, enableAutoUnmount } from '@vue/test-utils'
import { afterEach, beforeEach } from 'vitest'

// The files of a worker share one page: each test begins with an empty one, and with nothing kept.
disableAutoUnmount()
enableAutoUnmount(afterEach)
beforeEach(() => {
  document.body.innerHTML = ''
  localStorage.clear()
  sessionStorage.clear()
})
