import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { reactive } from 'vue'
import { demoStores } from '~/../tests/unit/mounting'
import { pwa } from '~/../tests/unit/pwaRegister'
import { dayOf } from '~/utils/dates'
import { useToast } from '@nuxt/ui/composables'
import UpkeepNotices from './UpkeepNotices.vue'

const route = reactive({ path: '/' })
vi.stubGlobal('useRoute', () => route)
let toast: ReturnType<typeof useToast>
let book: Awaited<ReturnType<typeof demoStores>>['book']
beforeEach(async () => {
  route.path = '/'
  pwa.updated = 0
  reload.mockClear()
  vi.spyOn(window.location, 'reload').mockImplementation(reload)
  mount({
    setup: () => {
      toast = useToast()
    },
    render: () => null,
  })
  toast.clear()
  ;({ book } = await demoStores())
  vi.spyOn(book, 'flush').mockResolvedValue(true)
})
const offers = () => toast.toasts.value.filter(({ title }) => /newer/.test(String(title)))
const press = (shown: ReturnType<typeof offers>[number] | undefined) =>
  (shown!.actions![0]!.onClick as () => void)()
const reload = vi.fn()
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
    press(offers()[0])
    await flushPromises()
    await vi.waitFor(() => expect(pwa.updated).toBe(1))
    pwa.takeOver()
    expect(reload).toHaveBeenCalledOnce()
  })

  it('asked for in another tab leaves this one as it is, and is offered', async () => {
    await offered('/pairing')
    toast.clear()
    pwa.takeOver()
    await flushPromises()
    expect(reload).not.toHaveBeenCalled()
    expect(offers()).toMatchObject([{ title: 'A newer Lacy Spool has taken over' }])
    press(offers()[0])
    await vi.waitFor(() => expect(reload).toHaveBeenCalledOnce())
  })

  it('is not taken while something is not stored', async () => {
    await offered('/pairing')
    vi.spyOn(book, 'flush').mockResolvedValue(false)
    press(offers()[0])
    await flushPromises()
    expect(pwa.updated).toBe(0)
    expect(toast.toasts.value.map(({ title }) => title)).toContain('Not now: something is not stored yet')
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
  it('comes when the last export was noted by a clock that was ahead', async () => {
    book.commit('Add', own(5))
    book.note('settings', 'settings', { backedUpAt: '2131-05-01T10:00:00Z' })
    mount(UpkeepNotices)
    await flushPromises()
    expect(reminders()).toMatchObject([
      { title: `Last backup: ${dayOf('2131-05-01T10:00:00Z')}, by a clock that was ahead` },
    ])
  })
  it('stays away for the demo alone, and after a fresh export', async () => {
    mount(UpkeepNotices)
    await flushPromises()
    expect(reminders()).toEqual([])
    book.commit('Add', own(5))
    book.note('settings', 'settings', { backedUpAt: new Date().toISOString() })
    mount(UpkeepNotices)
    await flushPromises()
    expect(reminders()).toEqual([])
  })
})
