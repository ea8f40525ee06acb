import { DRAGS, OPENINGS, STARTS } from './inBrowser.mjs'

const middle = (values, by = value => value) =>
  [...values].sort((a, b) => by(a) - by(b))[Math.floor(values.length / 2)]
const us = value => `${(1000 * value).toFixed(1)} µs`
const ms = value => `${value.toFixed(1)} ms`
const row = (what, measured, budget, ratio) => `| ${what} | ${measured} | ${budget} | ${ratio} |`
const ratio = (value, budget) => `${(value / budget).toFixed(2)} of it`
const each = values => values.map(value => value.toFixed(0)).join(', ')

/**
 * What was measured in the browser, as rows of a table.
 *
 * @param browser - from `measureInBrowser`.
 */
export const browserRows = browser => [
  ...firstScreenRows(browser),
  ...dragRows(browser),
  ...plannerRows(browser),
  leafRow(browser),
  timesRow(
    'Drawings of a reading, from the press until they are laid out (median of 20)',
    browser.readings,
    16.7,
  ),
  ...listRows(browser),
]

/**
 * What was measured of the core, as rows of a table.
 *
 * @param median - of a core benchmark, by its name, in ms.
 */
export function coreRows(median) {
  /** A benchmark beside its budget in ms. */
  const core = (what, shown, name, budgetMs) =>
    row(what, shown(median(name)), `${budgetMs} ms`, ratio(median(name), budgetMs))
  const without = (what, shown, name) => row(what, shown(median(name)), 'none', 'none')
  return [
    verdictRow(median),
    without('Clearance at every needle position, 200 of them (median)', us, 'clearance at every drop'),
    core('Pairing 200 owned needles with one thread (median)', us, 'pairing with one thread', 0.8),
    core('Verdict of a whole setup (median)', us, 'the verdict of a whole setup', 0.5),
    core('A threading walk (median)', us, 'a threading walk', 1),
    core('The next tension after none to three rows, dial step 0.1 (median)', us, 'the next number', 1),
    core('Expected start from 10,000 swatches (median)', ms, 'expected start', 20),
    without(
      'Its error, each of 10,000 foretold from the others (median)',
      ms,
      'its error, each foretold from the others',
    ),
    core('Filter and search in 10,000 swatches, without the frame (median)', ms, 'filter and search', 50),
    core('Smallest set of twins, 40 candidates, 30 jobs (median)', ms, 'smallest set of twins', 1000),
    core(
      'Right side, wrong side and build-up, 100 mm satin, two needles, raster 0.043 mm (median)',
      ms,
      'right side, wrong side and build-up',
      50,
    ),
    without('Length that cures muddy satin (median)', ms, 'the length that cures it'),
    core('A plan of 60 pintucks (median)', us, 'sixty pintucks', 2),
    core('Rows along 40 sides, each fitted (median)', us, 'forty legs', 2),
    core('Stitches along an outline of 2,000 points (median)', ms, 'an outline of 2,000 points', 30),
    core('The best ways round 2,000 points (median)', ms, 'the best ways round 2,000 points', 30),
    core('The best ways round a leaf, as it is dragged (median)', ms, 'the best ways round a leaf', 16),
    core('A word of 12 letters, from typing to drops (median)', ms, 'a word of twelve letters', 150),
    core('Least sewn twice through 14 odd places (median)', ms, 'fourteen odd places', 200),
    core('What is seen of 30 shapes on each other (median)', ms, 'thirty shapes on each other', 300),
    core('The best order of 16 pieces, proven (median)', ms, 'sixteen pieces in order', 1500),
    core('The best order of 12 pieces, proven (median)', ms, 'twelve pieces in order', 60),
    core('Every stack of up to 9 rows from 12 stitches (median)', ms, 'nine rows from twelve stitches', 200),
    core('A photo of 12 megapixels straightened (median)', ms, 'twelve megapixels straightened', 1500),
    core('The corners of a card found in it (median)', ms, 'the corners of a card', 50),
    core('A row of 21 stitches read from a photo (median)', ms, 'a row read from a photo', 300),
    core('Twelve tiled pages as PDF (median)', ms, 'twelve tiled pages', 1000),
  ]
}

function verdictRow(median) {
  const verdict = median('verdict with safe width')
  const brute = median('brute force, strike only')
  return row(
    'Verdict with safe width, 200 drops (median)',
    us(verdict),
    '0.2 ms',
    `${ratio(verdict, 0.2)}; ${(brute / verdict).toFixed(1)}× faster than brute force over blade `
      + `rims (${us(brute)}), which has no safe width`,
  )
}

function firstScreenRows({ scripts, showMs, offline }) {
  const scriptKB = [...scripts.values()].reduce((sum, kB) => sum + kB, 0)
  return [
    row(
      'Script for the first screen, gzip',
      `${scriptKB.toFixed(1)} kB in ${scripts.size} files`,
      '250 kB',
      ratio(scriptKB, 250),
    ),
    row('First screen shown, nothing cached', ms(showMs), '1500 ms', ratio(showMs, 1500)),
    timesRow(
      `First screen shown without the server, its worker stopped before (median of ${STARTS})`,
      offline,
      1000,
    ),
  ]
}

/** The median of several times in ms, and each of them. */
function timesRow(what, times, budgetMs) {
  const median = middle(times)
  return row(what, `${ms(median)} (${each(times)})`, `${budgetMs} ms`, ratio(median, budgetMs))
}

function dragRows({ still, drags }) {
  const drag = middle(drags, ({ longest }) => longest)
  return [
    row(
      `Dragging the width for 5 s: longest main-thread task (median of ${DRAGS} recordings)`,
      `${drag.longest === 0 ? 'none over 50 ms' : `${ms(drag.longest)}, ${drag.count} over 50 ms`}; `
        + `longest gap between frames ${ms(drag.worst)}, with hands off ${ms(still.worst)}`,
      '50 ms',
      drag.longest === 0 ? 'under it' : ratio(drag.longest, 50),
    ),
    row(
      `Dragging: frames in which dial or plate view lagged, of ${drag.frames}`,
      String(drag.lag),
      '0',
      'none',
    ),
  ]
}

function plannerRows({ planner: { tucks, band } }) {
  return [movedRow('Spacing 24 tucks', tucks), movedRow('Pulling the rows of a band', band)]
}
function movedRow(what, { frames, lag, worst, longest }) {
  return row(
    `${what} anew in every frame for 3 s: frames that lagged, of ${frames}`,
    `${lag}; ${longest === 0 ? 'no task over 50 ms' : `longest task ${ms(longest)}`}; longest gap ${ms(worst)}`,
    '0; 50 ms',
    longest === 0 ? 'under it' : ratio(longest, 50),
  )
}

function leafRow({ leaf: { frames, lag, most, worst } }) {
  return row(
    `Moving a point of a leaf in every frame for 3 s: frames its stitches lagged, of ${frames}`,
    `${lag}; at most ${most} in a row; longest gap ${ms(worst)}`,
    'one frame',
    lag === 0 ? 'none' : `${((100 * lag) / frames).toFixed(1)} % of frames`,
  )
}

function listRows({ scroll, searches, lists, books, found, project }) {
  return [
    timesRow(
      `Search in 5,000 threads, from typing to the frame that answers (median of ${searches.length})`,
      searches,
      50,
    ),
    row(
      `Scrolling 5,000 threads for 2 s: frames with rows missing, of ${scroll.frames}`,
      `${scroll.blank}; ${scroll.longest === 0 ? 'no task over 50 ms' : `longest task ${ms(scroll.longest)}`}`,
      '0',
      'none',
    ),
    timesRow(`Swatch book of 10,000 opens (median of ${OPENINGS})`, books, 300),
    timesRow(
      `Search in 10,000 swatches, from typing to the frame that answers (median of ${found.length})`,
      found,
      50,
    ),
    timesRow(`Project of 40 pieces opens (median of ${OPENINGS})`, project, 150),
    timesRow(`List of 5,000 pieces opens (median of ${OPENINGS})`, lists, 120),
  ]
}
