import { effectScope, nextTick, reactive } from 'vue'
import { expect, it } from 'vitest'
import { demoBackup } from '#shared/demo'
import { pieceDraftSchema, type TopstitchPiece } from '#shared/records'
import { useKeptWhole } from './useKeptWhole'

const planSchema = pieceDraftSchema.shape.plan
const isPocket = ({ plan }: { plan: { kind: string } }) => plan.kind === 'topstitching'
const pocket = demoBackup.records.pieces.find(isPocket)!.plan as TopstitchPiece

it('holds a plan to what it may be, part by part, whatever was written into it', async () => {
  const draft = reactive({ plan: structuredClone(pocket) })
  effectScope().run(() =>
    useKeptWhole(
      planSchema,
      () => draft.plan,
      plan => {
        draft.plan = plan as TopstitchPiece
      },
    ),
  )
  draft.plan.wantedMm = Number.NaN
  draft.plan.leastMm = 2
  await nextTick()
  expect(draft.plan).toMatchObject({ wantedMm: pocket.wantedMm, leastMm: 2 })
  draft.plan.rowsMm[0] = 99_999
  await nextTick()
  expect(draft.plan.rowsMm).toEqual(pocket.rowsMm)
  draft.plan.rowsMm[0] = 7
  await nextTick()
  expect(draft.plan.rowsMm[0]).toBe(7)
  // What a draft of an older app held: a number that had gone into JSON as null.
  Object.assign(draft.plan, { mostMissMm: null })
  await nextTick()
  expect(draft.plan).toMatchObject({ mostMissMm: pocket.mostMissMm, leastMm: 2 })
})
