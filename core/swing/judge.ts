import { needleSwings, standingIn } from './standing'
import { requireInRange } from '#core/errors'
import { bladeNames, bladeOffsetsMm, outerSpanMm } from '#core/needle'
import { type Drop, landingsMm, type StitchSetting, type StitchShape } from '#core/stitch'
import { type Room, ROUNDING_MM, roomsOf, spareAtMm } from './rooms'
import type { SwingInput, SwingResult, WorstDrop } from './types'
import { widestMm } from './widths'

/**
 * May this needle swing this wide here?
 *
 * Every part bounds the needle position of every blade symmetrically about the needle bar's middle, so the
 * needle position farthest out decides for all of them. `strikes`: a blade centre beyond ±M/2, a blade edge
 * beyond a measured opening, or anything off centre over a single hole. `close`: no hit, but less than the
 * margin (twins' swing only; a straight seam is close when 0 ≤ M − span ≤ margin) or the clearance is left.
 *
 * @param input - see {@link SwingInput}.
 * @returns The verdict with its numbers, all in mm.
 * @throws {CoreError} `no-drops`, `non-finite`, `out-of-range`, naming the field.
 *
 * Source of M − g and of the margin: common practice. The rest is geometry.
 *
 * @example
 * judgeSwing({ ...attic7, needle: twin2, stitch: { ...zigzag, widthMm: 4.5 } }).verdict // 'clear'
 */
export function judgeSwing(input: SwingInput): SwingResult {
  checkInput(input)
  const { machine, needle, stitch } = input
  const landings = landingsMm(stitch, stitch, machine.maxWidthMm)
  const { worst, leftMm, rightMm } = extremes(landings, input)
  const outMm = Math.abs(worst.xMm)
  const rooms = roomsOf(input)
  const { verdict, struck, tight } = standingIn(rooms, input)(outMm)
  const binding =
    verdict === 'strikes'
      ? tightest(struck, ({ bareMm }) => bareMm)
      : tightest(tight.length > 0 ? tight : rooms, ({ safeMm }) => safeMm)
  const bladeMm = needle.sizeNm / 200
  const widthMm = rightMm - leftMm - outerSpanMm(needle)
  const overlapMm = needle.construction === 'single' ? null : widthMm - needle.gapMm
  return {
    verdict,
    limitWidthMm: widestMm(input, 'bare'),
    safeWidthMm: widestMm(input, 'safe'),
    binding: binding.part,
    isHole: binding.kind === 'single-hole',
    broken: [...new Set((verdict === 'strikes' ? struck : tight).map(({ part }) => part))],
    spareMm: spareAtMm(rooms, outMm),
    bindingSpareMm: binding.bareMm - outMm,
    spareLeftMm: spareAtMm(rooms, -leftMm),
    spareRightMm: spareAtMm(rooms, rightMm),
    reachLeftMm: -leftMm + bladeMm,
    reachRightMm: rightMm + bladeMm,
    spanMm: rightMm - leftMm,
    overlapMm,
    interlacedShare: overlapMm === null || !needleSwings(stitch) ? null : Math.max(0, overlapMm) / widthMm,
    worstDrop: worst,
    swings: needleSwings(stitch),
  }
}

/**
 * Drops given in mm, as a stitch that can be widened about the needle bar's middle.
 *
 * @param drops - at least one; taken as they are.
 * @returns A centred stitch of width max x − min x whose drops land where they were given.
 *
 * @example
 * stitchOfRawDrops([{ xMm: -2, yMm: 0 }, { xMm: 2, yMm: 1 }]).widthMm // 4
 */
export function stitchOfRawDrops(drops: readonly Drop[]): StitchShape & StitchSetting {
  const xs = drops.map(({ xMm }) => xMm)
  const widthMm = Math.max(...xs) - Math.min(...xs)
  const straight = !(widthMm > ROUNDING_MM)
  return {
    alignment: 'centre',
    drops: drops.map(({ xMm, yMm }) => ({ x: straight ? 0 : xMm / widthMm, y: yMm })),
    repeat: 1,
    widthMm: straight ? 0 : widthMm,
    lengthMm: 1,
    mirror: false,
    positionMm: straight ? (xs[0] ?? 0) : 0,
  }
}

function tightest(rooms: readonly Room[], room: (room: Room) => number): Room {
  return rooms.reduce((least, next) => (room(next) < room(least) - ROUNDING_MM ? next : least))
}

function extremes(landings: readonly Drop[], { needle }: SwingInput) {
  const offsets = bladeOffsetsMm(needle)
  const names = bladeNames(needle.construction)
  let leftMm = Infinity
  let rightMm = -Infinity
  let worst: WorstDrop | null = null
  for (let index = 0; index < landings.length; index++) {
    const { xMm, yMm } = landings[index]!
    for (let b = 0; b < offsets.length; b++) {
      const bladeX = xMm + offsets[b]!
      leftMm = Math.min(leftMm, bladeX)
      rightMm = Math.max(rightMm, bladeX)
      if (worst === null || Math.abs(bladeX) > Math.abs(worst.xMm) + ROUNDING_MM) {
        worst = { index, blade: names[b]!, xMm: bladeX, yMm }
      }
    }
  }
  return { worst: worst!, leftMm, rightMm }
}

function checkInput({ machine, foot, needle, marginMm, clearanceMm }: SwingInput): void {
  requireInRange(machine.maxWidthMm, 'machine.maxWidthMm', 0.1, 100)
  if (machine.plateSlotMm !== null) requireInRange(machine.plateSlotMm, 'machine.plateSlotMm', 0.1, 100)
  if (foot.slotMm !== null) requireInRange(foot.slotMm, 'foot.slotMm', 0.1, 100)
  requireInRange(needle.gapMm, 'needle.gapMm', 0, 100)
  requireInRange(needle.sizeNm, 'needle.sizeNm', 1, 500)
  requireInRange(marginMm, 'marginMm', 0, 100)
  requireInRange(clearanceMm, 'clearanceMm', 0, 100)
}
