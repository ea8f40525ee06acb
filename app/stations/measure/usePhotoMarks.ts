import { CoreError } from '#core/errors'
import {
  type Measured,
  measureSpans,
  type SeenRectangle,
  type Span,
  USUAL_CLICK_PX,
  warningWords,
} from '#core/measure'
import type { Measurement } from '#core/measured'
import { SNAPPED_PX } from '#core/photo'
import type { Point } from '#core/plane'
import type { usePhoto } from './usePhoto'

/**
 * What is marked in a photo, and the length that follows: the corners of a rectangle of known size, and both
 * ends of what is measured.
 *
 * @param sizes - both sides of the rectangle.
 */
export function usePhotoMarks(
  photo: ReturnType<typeof usePhoto>,
  sizes: () => { readonly wideMm: number; readonly tallMm: number },
) {
  // What goes to the worker is no thing the page watches inside.
  const corners = shallowRef<readonly Point[]>([])
  const span = shallowRef<Span>([
    { x: 0, y: 0 },
    { x: 1, y: 1 },
  ])
  /** Where the marks were drawn to by the picture's own edges; a mark that is moved is the hand's again. */
  const drawn = reactive({ corners: false, span: false })
  /** What a person has marked: until both are, there is nothing to measure. */
  const marked = reactive({ corners: false, ends: false })
  watch(corners, () => {
    drawn.corners = false
  })
  watch(span, () => {
    drawn.span = false
    holes.value = []
  })
  const holes = shallowRef<readonly Point[]>([])

  /** Marks to begin with, somewhere in the picture that was just opened. */
  function begin(): void {
    const { width, height } = photo.picture.value!
    const at = (x: number, y: number): Point => ({ x: x * width, y: y * height })
    corners.value = [at(0.15, 0.15), at(0.6, 0.15), at(0.6, 0.55), at(0.15, 0.55)]
    span.value = [at(0.3, 0.75), at(0.6, 0.75)]
    holes.value = []
    Object.assign(marked, { corners: false, ends: false })
  }

  /** Opened, and with marks to move. */
  const picture = computed(() => (corners.value.length === 4 ? photo.picture.value : null))

  /** The first side is the long one where it is the longer one in the picture. */
  const seen = computed((): SeenRectangle => {
    const [a, b, c] = corners.value as [Point, Point, Point]
    const { wideMm, tallMm } = sizes()
    const [long, short] = [Math.max(wideMm, tallMm), Math.min(wideMm, tallMm)]
    const isLongFirst = Math.hypot(b.x - a.x, b.y - a.y) >= Math.hypot(c.x - b.x, c.y - b.y)
    return {
      cornersPx: corners.value,
      wideMm: isLongFirst ? long : short,
      tallMm: isLongFirst ? short : long,
    }
  })
  const clickPx = computed(() => (drawn.corners && drawn.span ? SNAPPED_PX : USUAL_CLICK_PX))
  const reading = computed((): { measured: Measured | null; problem: string } => {
    if (!picture.value || !marked.corners) return { measured: null, problem: '' }
    try {
      const measured = measureSpans(seen.value, [span.value], clickPx.value)
      return { measured: marked.ends ? measured : null, problem: '' }
    } catch (error) {
      if (!(error instanceof CoreError)) throw error
      const isAboutMarks = marked.ends || error.code === 'bad-corners'
      return { measured: null, problem: isAboutMarks ? problemOf(error) : '' }
    }
  })
  function problemOf({ code, message }: CoreError): string {
    if (code === 'bad-corners') return `${message}.`
    if (message.includes('rectangleMm')) return 'The rectangle needs a width and a height above 0.1 mm.'
    return 'Both ends lie on the same place: draw them apart.'
  }
  const lengthMm = computed((): Measurement | null => {
    const found = reading.value.measured?.lengths[0]
    return found ? { value: found.mm, spread: found.spreadMm } : null
  })
  const warnings = computed(() => reading.value.measured?.warnings.map(warningWords) ?? [])

  /** How far an edge may lie from a mark: a little more than a mark is off. */
  const reachPx = () => Math.max(6, (picture.value?.width ?? 1000) / 100)
  const noEdge = ref('')
  async function drawCorners(): Promise<void> {
    noEdge.value = ''
    const found = await photo.corners(corners.value, reachPx())
    if (photo.problem.value) return
    if (!found) {
      noEdge.value =
        'No side of the card stands out. Bring the corners nearer, or use a darker or lighter background.'
      return
    }
    corners.value = found.cornersPx
    marked.corners = true
    await nextTick()
    drawn.corners = true
  }
  async function drawEnds(): Promise<void> {
    noEdge.value = ''
    const found = await photo.span(seen.value, span.value, reachPx())
    if (photo.problem.value) return
    if (!found) {
      noEdge.value = 'One end has no edge nearby. Bring it nearer, or leave it where you put it.'
      return
    }
    span.value = found
    marked.ends = true
    await nextTick()
    drawn.span = true
  }
  const problem = computed(() => reading.value.problem)
  return {
    corners,
    span,
    holes,
    marked,
    drawn,
    picture,
    seen,
    lengthMm,
    warnings,
    problem,
    noEdge,
    begin,
    drawCorners,
    drawEnds,
  }
}
