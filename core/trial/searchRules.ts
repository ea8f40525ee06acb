import { formatNumber, formatShort } from '#core/units'
import { aimOf, chanceBeyond, chanceRight, meanAndSpread, unitOf, worthOf } from './belief'
import { nearestOf } from './marks'
import { type Leader, meets, type ReadRow, SAME_MARK, type Search } from './search'
import type { TrialCare, TrialReasonCode } from './types'

/** After so many rows that were read, going on without changing something else is a waste of thread. */
const ENOUGH_ROWS = 10
/** On a coarse dial the goal may lie between two marks: after so many rows either of them will do. */
const ENOUGH_FOR_TWO = 4
/** A step this large, in marks of a usual dial, is coarse. */
const COARSE = 0.4
/** So sure the best number must be to be called found. */
const SURE: Readonly<Record<TrialCare, number>> = { careful: 0.9, quick: 0.83 }
/** From here on the best number itself is sewn next. */
const LIKELY = 0.6
const SURE_BEYOND = 0.9
/** A best number expected to read farther off than this is only the nearest there is, in steps. */
const NEAR_ENOUGH = 0.5
/** Marks looked at for the next row. */
const MOST_CANDIDATES = 8
const REACH_SPREADS = 1.6
const OTHERS = 'change thread, needle, stabilizer or bobbin instead'

/** What one rule says of the search. */
export interface Finding {
  readonly code: TrialReasonCode
  readonly message: string
  /** The number to sew next; left out: there is none. */
  readonly next?: number
  readonly settled?: true
  /** The number it is about; left out: the best so far. */
  readonly best?: Leader
  readonly outOfReach?: true
}
type Rule = (search: Search) => Finding | null
/** A rule once something was read. */
type ReadRule = (search: Search, leader: Leader) => Finding | null
const onceRead =
  (rule: ReadRule): Rule =>
  search =>
    search.leader && rule(search, search.leader)

const sameMark = (a: number, b: number) => Math.abs(a - b) < SAME_MARK
const faultCode = ({ broke }: Search) => (broke ? 'breaks' : 'skips')
const lowerWords = ({ broke, ceiling }: Search, next: number) =>
  `${broke ? 'The thread broke' : 'Stitches were skipped'} at ${formatShort(ceiling)}: `
  + `go lower, to ${formatShort(next)}.`

/** So many rows at one mark say what one can read there: a fourth would not. */
const MOST_AT_A_MARK = 3
const isFull = ({ rows }: Pick<Search, 'rows'>, mark: number): boolean =>
  rows.filter(({ tension }) => sameMark(tension, mark)).length >= MOST_AT_A_MARK
/** A row must promise so much more certainty than there is, to be worth its thread. A guess. */
const LEAST_GAIN = 0.02

function unsteady({ leader }: Search): Finding {
  const where = leader ? ` The best so far is ${formatShort(leader.mark)}.` : ''
  return {
    code: 'unsteady',
    message:
      `Three rows at one mark do not settle the number. Another row would not.${where} Check that `
      + 'nothing changed. Then read by daylight, sew the row twice as long, and take the mean.',
  }
}

/** No mark is left below the number at which the thread broke or stitches were skipped. */
const noMarkLeft: Rule = ({ marks, broke }) => {
  if (marks.length > 0) return null
  const fault = broke ? 'The thread breaks' : 'Stitches are skipped'
  return {
    code: broke ? 'breaks-first' : 'skips-first',
    message:
      `${fault} at the lowest mark: tension does not cure it. ` + 'Change needle or thread, or go slower.',
    outOfReach: true,
  }
}

/** Nothing was read: begin where the goal is expected. */
const nothingRead: Rule = search => {
  if (search.read.length > 0) return null
  const room = search.marks.filter(mark => !isFull(search, mark))
  if (room.length === 0) return unsteady(search)
  const next = nearestOf(room, search.prior.tension)
  if (search.ceiling === Infinity) return { code: 'first', message: `Begin at ${formatShort(next)}.`, next }
  return { code: faultCode(search), message: lowerWords(search, next), next }
}

/** Only what was seen may say that a goal is out of reach: a row at or next to that end. */
const beyondTop: Rule = ({ belief, aim, marks, read, dial, ceiling, broke }) => {
  const highest = marks.at(-1)!
  if (!(chanceBeyond(belief, aim, marks[0]!, highest).above > SURE_BEYOND)) return null
  const seen = read.some(
    row => row.tension >= highest - unitOf(dial) - SAME_MARK && row.tension <= highest + SAME_MARK,
  )
  if (!seen) return null
  if (ceiling === Infinity) {
    return {
      code: 'beyond-top',
      message: `Even at ${formatShort(dial.max)} it does not get there: ${OTHERS}.`,
      outOfReach: true,
    }
  }
  const fault = broke ? 'the thread breaks' : 'stitches are skipped'
  return {
    code: broke ? 'breaks-first' : 'skips-first',
    message:
      `The goal lies above ${formatShort(ceiling)}, where ${fault}: `
      + 'change needle, thread or stabilizer instead.',
    outOfReach: true,
  }
}

const beyondBottom: Rule = ({ belief, aim, marks, read, dial }) => {
  const lowest = marks[0]!
  if (!(chanceBeyond(belief, aim, lowest, marks.at(-1)!).below > SURE_BEYOND)) return null
  if (!read.some(row => row.tension <= lowest + unitOf(dial) + SAME_MARK)) return null
  return {
    code: 'beyond-bottom',
    message: `Even at ${formatShort(dial.min)} it is too much: ${OTHERS}.`,
    outOfReach: true,
  }
}

/** Two rows that noise hardly explains: the more surprising of them is sewn once more. */
const rowsDisagree: Rule = search => {
  const { disagree, read, ceiling } = search
  if (!disagree || isAnswered(disagree, read)) return null
  const [first, second] = disagree
  const inTurn = surprise(search, first) < surprise(search, second) ? [second, first] : [first, second]
  const again = inTurn.find(({ tension }) => !isFull(search, tension))
  if (!again || !(again.tension < ceiling - SAME_MARK)) return null
  const why =
    first.tension === second.tension ? 'one number cannot give both' : 'more tension cannot give less'
  const places = `Rows ${first.place + 1} and ${second.place + 1}`
  return {
    code: 'contradiction',
    message: `${places} disagree: ${why}. Sew ${formatShort(again.tension)} once more.`,
    next: again.tension,
  }
}

/** Found: a row sewn at that very mark read the goal, and the others agree. */
const foundThere: Rule = ({ care, found }) => {
  if (!found || !(found.chance >= SURE[care])) return null
  return {
    code: 'settled',
    message: `Found: ${formatShort(found.mark)} reads the goal.`,
    settled: true,
    best: found,
  }
}

/** Sure enough, and nothing was sewn there: quick takes it from between two rows, careful sews it once. */
const sureOfUnsewn: ReadRule = ({ care, read }, { mark, chance, offReadings, evidence }) => {
  if (!(chance >= SURE[care]) || evidence === 'sewn') return null
  const said = formatShort(mark)
  if (offReadings > NEAR_ENOUGH || read.some(({ tension }) => sameMark(tension, mark))) {
    const off = formatNumber(offReadings, 1)
    return { code: 'nearest', message: `${said} is the nearest mark: about ${off} of a step off.` }
  }
  if (care === 'quick' && evidence === 'between')
    return { code: 'settled', message: `Likely ${said}: it lies between two rows.`, settled: true }
  return { code: 'confirm', message: `Likely ${said}: sew it once.`, next: mark }
}

/** The last row read the goal: before anything else it is sewn there once more. */
const confirmThere: Rule = ({ aim, read, ceiling }) => {
  const last = read.at(-1)
  if (!last || !meets(aim, last) || !(last.tension < ceiling - SAME_MARK)) return null
  if (read.filter(({ tension }) => sameMark(tension, last.tension)).length > 1) return null
  const said = formatShort(last.tension)
  return {
    code: 'confirm',
    message: `${said} reads the goal: sew it once more to be sure.`,
    next: last.tension,
  }
}

/** A mark of a usual dial, twice: over so much the reading moves, if tension is what moves it. */
const STUCK_MARKS = 2
const STUCK_ROWS = 3
const OUTERMOST = 3

/** Tension does not move the reading. The end steps of the scale say only “or beyond”. */
const stuck: Rule = ({ aim, read, dial }) => {
  const [first] = read
  if (!first || read.length < STUCK_ROWS || meets(aim, first)) return null
  if (Math.abs(first.reading) === OUTERMOST || read.some(({ reading }) => reading !== first.reading))
    return null
  const marks = read.map(({ tension }) => tension)
  if (Math.max(...marks) - Math.min(...marks) < STUCK_MARKS * unitOf(dial) - SAME_MARK) return null
  return {
    code: 'stuck',
    message:
      'The reading does not move with the tension. Look elsewhere first. Is the thread between '
      + 'the discs, and was the foot up when you threaded? Does the bobbin run freely? Is the '
      + 'needle right?',
  }
}

const BACKWARDS_PAIRS = 3
/** More tension reads less, in every pair of rows that differs. */
const backwards: Rule = ({ read }) => {
  const steps = read.flatMap((a, i) =>
    read.slice(i + 1).map(b => Math.sign(b.tension - a.tension) * (b.reading - a.reading)),
  )
  const against = steps.filter(step => step < 0).length
  if (against < BACKWARDS_PAIRS || steps.some(step => step > 0)) return null
  return {
    code: 'backwards',
    message:
      'More tension reads less in every row. Was it read the right way round? More means a '
      + 'higher tuck, or more bobbin thread on the right side.',
  }
}

const OFTEN_AT_END = 3
/** At the last mark there is, often enough: the goal lies there or just past it. */
const atTheEnd: Rule = search => {
  const { aim, marks, read, leader } = search
  if (!leader || (leader.mark !== marks[0] && leader.mark !== marks.at(-1))) return null
  const there = read.filter(({ tension }) => sameMark(tension, leader.mark))
  if (there.length < OFTEN_AT_END) return null
  const said = formatShort(leader.mark)
  if (there.some(row => meets(aim, row)))
    return {
      code: 'nearest',
      message: `${said} is the last mark, and the goal lies at it or just past it.`,
      settled: true,
    }
  const isTop = leader.mark === marks.at(-1)
  return {
    code: isTop ? 'beyond-top' : 'beyond-bottom',
    message: `The goal lies just past ${said}, the last mark: ${OTHERS}.`,
    outOfReach: true,
  }
}

/** On a coarse dial: the best mark or the one beside it is right. */
const betweenTwoMarks: ReadRule = (search, { mark, offReadings, evidence }) => {
  const { read, dial, care } = search
  if (read.length < ENOUGH_FOR_TWO || !(dial.step > COARSE * unitOf(dial))) return null
  if (!(chanceOfPair(search, mark) >= SURE[care])) return null
  const off = formatNumber(offReadings, 1)
  return {
    code: 'nearest',
    message: `The goal lies between two marks. ${formatShort(mark)} is nearest: about ${off} of a step off.`,
    ...(evidence === 'sewn' || (care === 'quick' && evidence === 'between') ? { settled: true } : {}),
  }
}

const tooManyRows: ReadRule = ({ read }, { mark }) => {
  if (read.length < ENOUGH_ROWS) return null
  return {
    code: 'restless',
    message:
      `The rows say too different things after ${read.length} of them. ${formatShort(mark)} is the best `
      + 'guess; rethread, check needle and cloth, and begin a new strip.',
  }
}

/** Go on: the mark from which one may expect to know most, on the goal's side of every row. */
const sewOn: Rule = search => {
  const { marks, leader } = search
  const room = marks.filter(mark => !isFull(search, mark))
  const open = room.filter(mark => liesOpen(search, mark))
  // Past rows on both sides nothing is to be found: where all between them was sewn, no row helps.
  const isSewnOut = search.bracket !== null && open.length === 0 && marks.some(mark => liesOpen(search, mark))
  if (room.length === 0 || isSewnOut) return unsteady(search)
  // Once the best mark is more likely right than not, the row that could find it teaches as much as any.
  const isLikely = leader !== null && leader.chance >= LIKELY && open.includes(leader.mark)
  const next = isLikely ? leader.mark : worthiest(search, open.length > 0 ? open : room)
  const isStuck = leader !== null && isFull(search, leader.mark) && !teaches(search, leader, next)
  return isStuck ? unsteady(search) : { ...reasonToSew(search, next), next }
}

/** Whether a row at this mark may be expected to make one surer. */
function teaches({ belief, aim, marks }: Search, { chance }: Leader, mark: number): boolean {
  return worthOf(belief, aim, mark, mean => nearestOf(marks, mean)) >= chance + LEAST_GAIN
}

/** Whether the goal may lie there: above each row that fell short of it, below each that went past. */
function liesOpen({ aim, bracket, read }: Search, mark: number): boolean {
  if (bracket) return mark >= bracket.low - SAME_MARK && mark <= bracket.high + SAME_MARK
  const short = read.filter(({ side }) => side < 0)
  const past = read.filter(({ side }) => side > 0 && !aim.atLeast)
  // Rows that disagree rule out nothing.
  if (short.length > 0 && past.length > 0) return true
  return (
    short.every(({ tension }) => mark >= tension - SAME_MARK)
    && past.every(({ tension }) => mark <= tension + SAME_MARK)
  )
}

/** The first that has something to say decides; the last always has. */
export const SEARCH_RULES: readonly Rule[] = [
  noMarkLeft,
  nothingRead,
  beyondTop,
  beyondBottom,
  backwards,
  stuck,
  rowsDisagree,
  foundThere,
  confirmThere,
  onceRead(sureOfUnsewn),
  atTheEnd,
  onceRead(betweenTwoMarks),
  onceRead(tooManyRows),
  sewOn,
]

function reasonToSew(
  search: Search,
  next: number,
): { readonly code: TrialReasonCode; readonly message: string } {
  const { rows, bracket, ceiling } = search
  const last = rows.at(-1)!
  if ((last.breaks || last.skips) && next < ceiling) {
    return { code: faultCode(search), message: lowerWords(search, next) }
  }
  if (rows.some(({ tension }) => sameMark(tension, next))) {
    return { code: 'confirm', message: `Sew ${formatShort(next)} once more to be sure.` }
  }
  if (bracket) {
    const [low, high] = [formatShort(bracket.low), formatShort(bracket.high)]
    return { code: 'between', message: `Between ${low} and ${high}: try ${formatShort(next)}.` }
  }
  if (next > last.tension) return { code: 'higher', message: `Higher: try ${formatShort(next)}.` }
  return { code: 'lower', message: `Lower: try ${formatShort(next)}.` }
}

/** Chance that the best mark or one beside it is right. */
function chanceOfPair({ belief, goal, dial }: Search, best: number): number {
  const twoSteps = aimOf(goal, { step: 2 * dial.step })
  const beside = [best - dial.step, best + dial.step]
  return Math.max(...beside.map(mark => chanceRight(belief, twoSteps, (best + mark) / 2)))
}

function worthiest({ belief, aim, dial, mean, spread, marks }: Search, inside: readonly number[]): number {
  const reach = Math.max(REACH_SPREADS * spread, dial.step)
  const within = inside.filter(mark => Math.abs(mark - mean) <= reach)
  const near = within.length > 0 ? within : [nearestOf(inside, mean)]
  const every = Math.ceil(near.length / MOST_CANDIDATES)
  const candidates = near.filter((_, i) => i % every === 0)
  const nearest = (mark: number) => nearestOf(marks, mark)
  const worths = candidates.map(mark => worthOf(belief, aim, mark, nearest))
  return candidates[worths.indexOf(Math.max(...worths))]!
}

/** How unexpected a row is: its distance from what the others make of the machine, in marks. */
function surprise({ belief }: Search, { tension, side }: ReadRow): number {
  const { mean } = meanAndSpread(belief)
  return side === Math.sign(tension - mean) ? 0 : Math.abs(tension - mean)
}

/** A third row at one of the two marks has settled which of them was a slip. */
function isAnswered(pair: readonly [ReadRow, ReadRow], read: readonly ReadRow[]): boolean {
  const later = Math.max(pair[0].place, pair[1].place)
  return pair.some(({ tension }) => read.some(row => row.place > later && sameMark(row.tension, tension)))
}
