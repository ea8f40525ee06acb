import { NEEDLE_LIFE_HOURS, onDial, PRACTICE, shareOf, startSettings, suitsKnit, threadClassOf, type ThreadClass } from '#core/pairing'
import { WIDE_GAP_MM } from '#core/schools'
import type { Supply } from '#core/terms'
import type { Conflict, ConflictInput, Severity, ThreadedBlade } from './types'

/** One thing that does not go with another. Returns null while it does, or while too little is known. */
export interface ConflictRule {
  readonly code: string
  readonly severity: Severity
  readonly find: (input: ConflictInput) => Omit<Conflict, 'code' | 'severity'> | null
}

const several = ({ needle }: ConflictInput) => needle !== null && needle.construction !== 'single'
const word = ({ needle }: ConflictInput) => needle?.construction ?? 'needle'
const classOf = ({ thread }: ThreadedBlade) => threadClassOf(thread)
const firstOf = ({ threads }: ConflictInput, ...classes: ThreadClass[]) => threads.find(one => classes.includes(classOf(one)))
const nameOf = (one: ThreadedBlade) => PRACTICE[classOf(one)].name
const capital = (text: string) => `${text[0]!.toUpperCase()}${text.slice(1)}`

/** From here on thread over blade is too small a needle for a strong thread. */
const STRENGTH: readonly string[] = ['seam', 'topstitching']
const DECORATIVE: readonly string[] = ['decorative', 'appliqué edge', 'blanket stitch']
const HEAVY_LENGTH_MM = 3
const PINTUCK_WIDEST_MM = 2.5
const FUSED_CARE = 'Wipe it with alcohol.'
/** A monofilament above this share of the way down from home puckers. */
const MONOFILAMENT_SHARE = -0.6

/** Every rule of the trade that one part of a setup breaks with another. Source: common practice throughout. */
export const CONFLICT_RULES: readonly ConflictRule[] = [
  {
    code: 'several-single-hole-plate', severity: 'stop',
    find: input => (several(input) && input.plate.singleHole
      ? { message: `A ${word(input)} needle strikes the single-hole plate: put on the zigzag plate.`, why: 'No blade stands over the hole’s middle.', mend: { kind: 'plate', label: 'Zigzag plate' } }
      : null),
  },
  {
    code: 'several-single-hole-foot', severity: 'stop',
    find: input => (several(input) && input.foot?.singleHole
      ? { message: `A ${word(input)} needle strikes a foot with a single hole: change the foot.`, why: 'No blade stands over the hole’s middle.', mend: { kind: 'foot', label: 'Another foot' } }
      : null),
  },
  {
    code: 'swing-single-hole', severity: 'stop',
    find: (input) => {
      if (several(input) || !input.needle || !input.stitch?.swings) return null
      if (input.plate.singleHole) return { message: 'A stitch that swings strikes the single-hole plate: put on the zigzag plate.', why: 'The hole takes a needle in its middle only.', mend: { kind: 'plate', label: 'Zigzag plate' } }
      return input.foot?.singleHole ? { message: 'A stitch that swings strikes a foot with a single hole: change the foot.', why: 'The hole takes a needle in its middle only.', mend: { kind: 'foot', label: 'Another foot' } } : null
    },
  },
  {
    code: 'bent-needle', severity: 'stop',
    find: ({ needle }) => (needle?.wear.state === 'bent'
      ? { message: 'This needle is bent: put it into the tin and fit a fresh one.', why: 'A bent needle lands where nothing was measured.', mend: null }
      : null),
  },
  {
    code: 'thick-in-needle', severity: 'stop',
    find: (input) => {
      const thick = firstOf(input, 'thick')
      return thick ? { message: 'This thread is too thick for a needle: wind it on the bobbin and sew wrong side up.', why: 'It is bulky even through 110/18.', mend: null } : null
    },
  },
  {
    code: 'threader-several', severity: 'stop',
    find: input => (several(input) && input.threader
      ? { message: `Do not use the built-in threader with a ${word(input)} needle: thread by hand.`, why: 'Its hook catches between the blades and bends.', mend: { kind: 'threader-off', label: 'By hand' } }
      : null),
  },
  {
    code: 'threader-thick-thread', severity: 'stop',
    find: (input) => {
      const thread = firstOf(input, 'pearl', 'heavy', 'thick')
      return thread && input.threader ? { message: `Do not use the built-in threader with ${nameOf(thread)}: use a wire threader.`, why: 'The thread bends the threader’s fine hook.', mend: { kind: 'threader-off', label: 'By hand' } } : null
    },
  },
  {
    code: 'film-over-end', severity: 'stop',
    find: (input) => {
      const film = input.threads.find(one => classOf(one) === 'film' && one.supply.draw === 'over the end')
      return film ? { message: 'A film must not be drawn over the spool’s end: let it roll off sideways.', why: 'Each turn twists the band once, and twisted it tears.', mend: { kind: 'supply', label: 'Roll it off', blade: film.blade, supply: { draw: 'rolling off' } } } : null
    },
  },
  {
    code: 'film-in-cup', severity: 'stop',
    find: (input) => {
      const film = input.threads.find(one => classOf(one) === 'film' && one.supply.place === 'cup')
      return film ? { message: 'A film must not lie in a cup: put the spool on a pin where it turns.', why: 'In a cup the spool jumps and the band folds.', mend: { kind: 'supply', label: 'Second pin', blade: film.blade, supply: { place: 'second pin', draw: 'rolling off' } } } : null
    },
  },
  {
    code: 'metallic-in-cup', severity: 'warn',
    find: (input) => {
      const metallic = input.threads.find(one => classOf(one) === 'metallic' && one.supply.place === 'cup')
      return metallic ? { message: 'Metallic kinks in a cup: put it on a stand.', why: 'A longer way lets the twist run out before the needle.', mend: { kind: 'supply', label: 'Stand', blade: metallic.blade, supply: { place: 'stand' } } } : null
    },
  },
  {
    code: 'cutter-thick-thread', severity: 'warn',
    find: (input) => {
      const thread = firstOf(input, 'pearl', 'heavy', 'thick')
      return thread && input.cutter ? { message: `Switch the automatic cutter off: ${nameOf(thread)} jams it.`, why: 'It was made for fine thread.', mend: { kind: 'cutter-off', label: 'Cutter off' } } : null
    },
  },
  {
    code: 'cutter-several', severity: 'warn',
    find: input => (several(input) && input.cutter && input.cutterSchool === 'never'
      ? { message: `Switch the automatic cutter off with a ${word(input)} needle.`, why: 'Your school: several tails jam where one was meant to go. Schools has the other view.', mend: { kind: 'cutter-off', label: 'Cutter off' } }
      : null),
  },
  {
    code: 'cotton-on-knit', severity: 'warn',
    find: ({ threads, cloth }) => (cloth.structure === 'knit' && threads.some(({ thread }) => thread.kind === 'cotton')
      ? { message: 'Cotton has no give: on a knit take polyester.', why: 'The cloth stretches, the thread breaks.', mend: null }
      : null),
  },
  {
    code: 'needle-not-for-knit', severity: 'warn',
    find: ({ needle, cloth }) => (needle && cloth.structure === 'knit' && !suitsKnit(needle.type)
      ? { message: `A ${needle.type} needle on a knit: take stretch or ballpoint.`, why: 'A sharp point cuts loops and skips stitches.', mend: null }
      : null),
  },
  {
    code: 'leather-needle', severity: 'warn',
    find: ({ needle, cloth }) => (needle?.type === 'leather' && cloth.structure !== null && cloth.structure !== 'leather'
      ? { message: `A leather needle cuts ${cloth.structure} cloth: take another type.`, why: 'Its point is a blade.', mend: null }
      : null),
  },
  {
    code: 'monofilament-tension', severity: 'warn',
    find: (input) => {
      const { tension, dial } = input
      if (!firstOf(input, 'monofilament') || tension === null || dial === null || shareOf(tension, dial) <= MONOFILAMENT_SHARE) return null
      const low = startDial(input, 'monofilament')
      return { message: `Monofilament puckers at ${tension}: go down to about ${low}.`, why: 'It stretches like elastic and draws the cloth together after.', mend: { kind: 'tension', label: `Tension ${low}`, dial: low } }
    },
  },
  {
    code: 'metallic-tension', severity: 'warn',
    find: (input) => {
      const { tension, dial } = input
      const delicate = firstOf(input, 'metallic', 'film')
      if (!delicate || tension === null || dial === null || tension < dial.home) return null
      const low = startDial(input, classOf(delicate))
      return { message: `${capital(nameOf(delicate))} breaks at home tension: begin at about ${low}.`, why: 'The wrapping strips where it is pulled over an edge.', mend: { kind: 'tension', label: `Tension ${low}`, dial: low } }
    },
  },
  {
    code: 'needle-too-big', severity: 'warn',
    find: (input) => {
      const fine = firstOf(input, 'fine', 'monofilament')
      return fine && input.needle && input.needle.sizeNm > 80 ? { message: `Size ${input.needle.sizeNm} leaves holes with ${nameOf(fine)}: 70/10 or 80/12.`, why: 'The hole is wider than the thread that should fill it.', mend: null } : null
    },
  },
  {
    code: 'needle-too-small', severity: 'warn',
    find: (input) => {
      const thick = firstOf(input, 'heavy', 'pearl')
      return thick && input.needle && input.needle.sizeNm < 90 ? { message: `Size ${input.needle.sizeNm} is too small for ${nameOf(thick)}: at least 90/14, better 100/16 or more.`, why: 'It frays in the eye and skips.', mend: null } : null
    },
  },
  {
    code: 'heavy-twin-type', severity: 'warn',
    find: (input) => {
      const { needle } = input
      return several(input) && firstOf(input, 'heavy') && needle!.type !== 'jeans' && needle!.type !== 'topstitch'
        ? { message: 'Heavy thread in a twin needs a jeans or topstitch one.', why: 'Other twins have neither the eye nor the stiffness.', mend: null }
        : null
    },
  },
  {
    code: 'fine-both', severity: 'warn',
    find: (input) => {
      const strong = STRENGTH.includes(input.technique)
      return strong && input.bobbin && threadClassOf(input.bobbin) === 'fine' && input.threads.some(one => classOf(one) === 'fine')
        ? { message: 'Fine thread above and below does not hold a seam: use 50 wt in one of them.', why: '100/100 is for decoration only.', mend: null }
        : null
    },
  },
  {
    code: 'dense-no-stabilizer', severity: 'warn',
    find: ({ stitch, stabilizer, washed }) => (stitch?.dense && stabilizer === null
      ? { message: 'A dense stitch without a stabilizer draws the cloth into a tunnel: put one behind.', why: 'The thread pulls harder than the cloth can hold.', mend: { kind: 'stabilizer', label: washed ? 'Cut-away' : 'Tear-away', stabilizer: washed ? 'cut-away' : 'tear-away' } }
      : null),
  },
  {
    code: 'tear-away-washed', severity: 'warn',
    find: ({ stabilizer, washed }) => (washed && stabilizer === 'tear-away'
      ? { message: 'Tear-away goes lumpy when washed and tumbled: take cut-away.', why: 'What is left of it crumples behind the stitch.', mend: { kind: 'stabilizer', label: 'Cut-away', stabilizer: 'cut-away' } }
      : null),
  },
  {
    code: 'uneven-supply', severity: 'warn',
    find: (input) => {
      const [first, ...rest] = input.threads
      const odd = first && several(input) ? rest.find(({ supply }) => differ(runOf(supply), runOf(first.supply)) || differ(supply.draw, first.supply.draw)) : undefined
      return odd ? { message: 'The threads run off differently: one is braked more than the other. Let both run off alike.', why: 'The braked one lies tighter, and the rows differ.', mend: { kind: 'supply', label: 'Both alike', blade: odd.blade, supply: first!.supply } } : null
    },
  },
  {
    code: 'one-groove', severity: 'warn',
    find: input => (several(input) && input.sharedDiscs === true
      ? { message: 'Both threads lie between the same tension discs: part them left and right of the divider.', why: 'One holds the discs open and the other runs slack.', mend: { kind: 'split-discs', label: 'Part them' } }
      : null),
  },
  {
    code: 'triple-groove', severity: 'note',
    find: ({ needle }) => (needle?.construction === 'triple'
      ? { message: 'Three threads: two of them share a tension groove. Put the two that are alike together.', why: 'A machine has two grooves at the most.', mend: null }
      : null),
  },
  {
    code: 'wide-gap-decorative', severity: 'warn',
    find: input => (several(input) && input.needle!.gapMm >= WIDE_GAP_MM && input.stitch?.swings === true
      ? { message: `A gap of ${input.needle!.gapMm.toFixed(1)} with a stitch that swings: two far rows that do not read as one. Take 1.6 to 2.5.`, why: 'Only close rows interlace.', mend: null }
      : null),
  },
  {
    code: 'needle-hours', severity: 'warn',
    find: ({ needle }) => (needle && needle.wear.hoursSewn !== null && needle.wear.hoursSewn >= NEEDLE_LIFE_HOURS
      ? { message: `This needle has sewn ${needle.wear.hoursSewn} hours: change it.`, why: `About ${NEEDLE_LIFE_HOURS} hours dull a point; a dull one skips and pulls threads.`, mend: null }
      : null),
  },
  {
    code: 'metallic-wear', severity: 'note',
    find: input => (input.needle?.seen.metallic && !firstOf(input, 'metallic', 'film')
      ? { message: 'This needle has sewn metallic: look at its eye before other thread goes through.', why: 'Metallic cuts a groove that frays what follows.', mend: null }
      : null),
  },
  {
    code: 'fusible-residue', severity: 'note',
    find: ({ needle }) => (needle?.seen.fusible ? { message: `This needle has sewn fusible: ${FUSED_CARE.toLowerCase()}`, why: 'The glue makes it sticky, and sticky it skips.', mend: null } : null),
  },
  {
    code: 'heavy-short', severity: 'warn',
    find: (input) => {
      const thick = firstOf(input, 'heavy', 'pearl')
      return thick && input.stitch && !input.stitch.swings && input.stitch.lengthMm < HEAVY_LENGTH_MM
        ? { message: `${capital(nameOf(thick))} at length ${input.stitch.lengthMm} sinks into the cloth: 3.0 to 3.5.`, why: 'A thick thread needs room to lie on top.', mend: { kind: 'length', label: 'Length 3.5', lengthMm: 3.5 } }
        : null
    },
  },
  {
    code: 'different-threads', severity: 'note',
    find: ({ threads }) => (new Set(threads.map(classOf)).size > 1
      ? { message: 'The threads differ: tension and speed follow the more delicate one.', why: 'Each has its own needs, and the delicate one breaks first.', mend: null }
      : null),
  },
  {
    code: 'pintuck-gap', severity: 'note',
    find: input => (input.technique === 'pintucks' && several(input) && input.needle!.gapMm > PINTUCK_WIDEST_MM
      ? { message: `A gap of ${input.needle!.gapMm.toFixed(1)} raises a wide, flat tuck: 1.6 to 2.5 is usual, 2.0 first.`, why: 'More cloth than the bobbin thread can lift.', mend: null }
      : null),
  },
  {
    code: 'pintuck-cloth', severity: 'note',
    find: ({ technique, cloth }) => (technique === 'pintucks' && (cloth.weight === 'heavy' || cloth.structure === 'felt')
      ? { message: 'Heavy cloth does not stand up in pintucks: take a light one.', why: 'It is too stiff to fold between two needles.', mend: null }
      : null),
  },
  {
    code: 'decorative-cover', severity: 'note',
    find: ({ technique, stitch, foot }) => (DECORATIVE.includes(technique) && stitch?.dense && foot?.grooved
      ? { message: 'A grooved foot presses a dense stitch flat and sticks: take one with a tunnel.', why: 'Thick stitches need one wide channel under the sole.', mend: null }
      : null),
  },
]

/** Pins brake alike; a stand brakes less, and a cup least of all. */
function runOf({ place }: Supply): 'pin' | 'stand' | 'cup' | null {
  return place === null || place === 'stand' || place === 'cup' ? place : 'pin'
}

function differ<T>(a: T | null, b: T | null): boolean {
  return a !== null && b !== null && a !== b
}

function startDial({ needle, technique, goal, stitch, threads, dial, washed }: ConflictInput, threadClass: ThreadClass): number {
  const thread = threads.find(one => classOf(one) === threadClass)!.thread
  const { tensionShare } = startSettings({
    thread, construction: needle?.construction ?? 'single', technique, goal, swings: stitch?.swings ?? false, dial, washed, pearlTension: 'home', own: null,
  })
  return onDial(tensionShare, dial!)
}
