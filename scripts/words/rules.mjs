// The rules that can be counted: long sentences, second colons, words no sewist uses.

export const MOST_WORDS = 15
/** Words that were retired, each with the one that took its place. */
export const RETIRED = [
  [
    /\b(?:landings?|drops? of the (?:stitch|needle)|at each drop|every drop|this drop)\b/i,
    'needle position, stitch point',
  ],
  [/\bhand[- ]walk/i, 'turn through by hand'],
  [/\bschools?\b/i, 'sewists differ'],
  [/\bsign doctor\b/i, 'Troubleshooting'],
  [/\bhome\b/i, 'normal tension'],
  [/\b(?:to mind|minds?)\b/i, 'check'],
  [/\bstrikes?\b/i, 'hits'],
  [/\blanes?\b/i, 'space between the rows'],
  [/\b(?:the|a|this) ground\b/i, 'background fabric'],
  [/\bridge\b/i, 'tuck height'],
  [/\breserves?\b/i, 'allowance'],
  [/\btall\b/i, 'length, height'],
  [/\bunder ?side\b/i, 'wrong side'],
  [/(?<!flat metallic \()\bfilms?\b/i, 'flat metallic (film)'],
  [/\blegs?\b/i, 'side'],
  [/\bvanes?\b/i, 'frond'],
  [/\brolling off\b|\brolls off\b/i, 'unwinds from the side, over the top'],
  [/\bbites? that touch|bites touch/i, 'stitches that crowd'],
  [/\bput on\b|take what is on\b/i, 'one piece in hand'],
  [/\bso many\b/i, 'number of'],
  [/\bfill a width\b/i, 'to fit a width'],
  [/\bmay miss by\b/i, 'tolerance'],
  [/\bfiner\b/i, 'more settings'],
  [/\bfresh one\b/i, 'needle changed'],
  [/\breckon/i, 'count, work out'],
  [/\bspools? of its own\b|\bcomes of it\b|\bwhat would come of\b/i, 'say what happens'],
]

export const sentencesOf = text =>
  text
    .split(/(?<=[.!?])\s+|\s*\n\s*/)
    .map(sentence => sentence.trim())
    .filter(Boolean)

export const wordsOf = sentence => sentence.split(/\s+/).filter(word => /[\p{L}\d]/u.test(word))

/** What is wrong with a text, as `{ rule, text, instead? }`. */
export function faultsOf(text) {
  const faults = []
  for (const sentence of sentencesOf(text)) {
    if (wordsOf(sentence).length > MOST_WORDS) faults.push({ rule: 'long', text: sentence })
    if ((sentence.match(/:(?=\s)/g) ?? []).length > 1) faults.push({ rule: 'colons', text: sentence })
  }
  for (const [pattern, instead] of RETIRED)
    if (pattern.test(text)) faults.push({ rule: 'retired', text, instead, word: text.match(pattern)[0] })
  return faults
}
