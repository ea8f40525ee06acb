// @vitest-environment happy-dom
import { flushPromises } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope } from 'vue'
import type { Label } from '#core/card'
import { useBookStore } from '~/stores/book'
import { useLabels } from './useLabels'

/** The worker that was asked last: how far it says it is, and when it answers. */
const worker = vi.hoisted(() => ({
  labels: [] as unknown[],
  tell: (_: number) => {},
  answer: (_: Blob) => {},
  disposed: 0,
}))
vi.mock('#workers/client', () => ({
  calledBack: (tell: unknown) => tell,
  startPrintWorker: () => ({
    api: {
      labels: (labels: unknown[], _: string, tell: (done: number) => void) =>
        new Promise(answer => Object.assign(worker, { labels, tell, answer })),
    },
    loaded: Promise.resolve(),
    failed: new Promise(() => {}),
    dispose: () => (worker.disposed += 1),
  }),
}))
const saved = vi.hoisted((): [name: string, blob: Blob][] => [])
vi.mock('~/utils/download', () => ({ downloadBlob: (...file: [string, Blob]) => saved.push(file) }))

beforeEach(() => {
  setActivePinia(createPinia())
  useBookStore()
  saved.length = 0
  worker.disposed = 0
})
const scope = effectScope()
const made = () => scope.run(useLabels)!
const labelOf = async (title: string): Promise<Label> => ({ title, date: '', card: { fields: [] } })
const PDF = new Blob(['%PDF'])

describe('labels for swatches', () => {
  it('say how far they are, and come as one file', async () => {
    const labels = made()
    const saving = labels.save(['Slate', 'Gold'], labelOf)
    await flushPromises()
    expect(labels.progress.value).toEqual({ done: 0, of: 2 })
    expect(worker.labels).toMatchObject([{ title: 'Slate' }, { title: 'Gold' }])
    worker.tell(1)
    expect(labels.progress.value).toEqual({ done: 1, of: 2 })
    worker.answer(PDF)
    await saving
    expect(labels.progress.value).toBeNull()
    expect(saved).toEqual([['swatch-labels.pdf', PDF]])
  })
  it('are given up by Stop, with the worker that makes them; nothing is saved', async () => {
    const labels = made()
    const saving = labels.save(['Slate'], labelOf)
    await flushPromises()
    labels.stop()
    worker.answer(PDF)
    await saving
    await flushPromises()
    expect([labels.progress.value, labels.fault.value, saved, worker.disposed]).toEqual([null, null, [], 1])
  })
  it('asked for again after Stop are not ended by the round that was given up', async () => {
    const labels = made()
    const given = labels.save(['Slate'], labelOf)
    await flushPromises()
    labels.stop()
    void labels.save(['Gold', 'Pearl'], labelOf)
    await given
    await flushPromises()
    expect(labels.progress.value).toEqual({ done: 0, of: 2 })
  })
  it('say that a part did not load, and can be asked for again', async () => {
    const labels = made()
    await labels.save(['Slate'], () =>
      Promise.reject(new TypeError('Failed to fetch dynamically imported module: /share.js')),
    )
    expect([labels.progress.value, labels.fault.value]).toEqual([null, 'not-loaded'])
    const again = labels.save(['Slate'], labelOf)
    await flushPromises()
    expect(labels.fault.value).toBeNull()
    worker.answer(PDF)
    await again
    expect(saved).toHaveLength(1)
  })
  it('hide no fault of ours', async () => {
    await expect(made().save(['Slate'], () => Promise.reject(new Error('no such swatch')))).rejects.toThrow(
      'no such swatch',
    )
  })
})
