// @vitest-environment happy-dom
import { enableAutoUnmount, flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { reactive } from 'vue'
import { demoStores } from '~/../tests/unit/mounting'
import { pwa } from '~/../tests/unit/pwaRegister'
import { useToast } from '@nuxt/ui/composables'
import UpkeepNotices from './UpkeepNotices.vue'

const route = reactive({ path: '/' })
vi.stubGlobal('useRoute', () => route)
enableAutoUnmount(afterEach)
let toast: ReturnType<typeof useToast>
let book: Awaited<ReturnType<typeof demoStores>>['book']
beforeEach(async () => {
  route.path = '/'
  pwa.updated = 0
  mount({
    setup: () => {
      toast = useToast()
    },
    render: () => null,
  })
  toast.clear()
  ;({ book } = await demoStores())
})
const offers = () => toast.toasts.value.filter(({ title }) => /newer/.test(String(title)))
const reminders = () => toast.toasts.value.filter(({ title }) => /backup/.test(String(title)))
async function offered(path: string) {
  route.path = path
  mount(UpkeepNotices)
  pwa.offer()
  await flushPromises()
}

describe('an update', () => {
  it('is offered, and taken only when asked for', async () => {
    await offered('/pairing')
    expect(offers()).toHaveLength(1)
    expect(pwa.updated).toBe(0)
    ;(offers()[0]!.actions![0]!.onClick as () => void)()
    expect(pwa.updated).toBe(1)
  })
  it.each(['/walk', '/card'])('waits while someone is at %s', async path => {
    await offered(path)
    expect(offers()).toEqual([])
    route.path = '/'
    await flushPromises()
    expect(offers()).toHaveLength(1)
  })
})

describe('the backup reminder', () => {
  const own = (count: number) =>
    Array.from({ length: count }, (_, i) => ({
      table: 'stabilizers' as const,
      id: `own-${i}`,
      record: { id: `own-${i}`, name: `Own ${i}`, kind: 'tear-away' as const },
    }))
  it('comes once there is something to lose', async () => {
    book.commit('Add', own(5))
    mount(UpkeepNotices)
    await flushPromises()
    expect(reminders()).toHaveLength(1)
  })
  it('stays away for the demo alone, and after a fresh export', async () => {
    mount(UpkeepNotices)
    await flushPromises()
    expect(reminders()).toEqual([])
    book.commit('Add', own(5))
    book.commit(null, [
      {
        table: 'settings',
        id: 'settings',
        record: { ...useSettingsStore().record, backedUpAt: new Date().toISOString() },
      },
    ])
    mount(UpkeepNotices)
    await flushPromises()
    expect(reminders()).toEqual([])
  })
})
