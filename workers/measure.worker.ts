import { transfer } from 'comlink'
import { imageSize } from 'image-size'
import type { Result } from '#core/errors'
import { mapOf, planeMap, type SeenRectangle, type Span } from '#core/measure'
import {
  type ColourImage,
  type GrayImage,
  grayOf,
  type PlaneWindow,
  readRow,
  type RowLook,
  type RowResult,
  snapCorners,
  type SnappedCorners,
  snapSpan,
  straightened,
} from '#core/photo'
import type { Point } from '#core/plane'
import { type Reply, replyOf, serve } from './serve'

/** Why a file is not taken, in words of its own on the page. */
export type PhotoRefusal = 'too-large' | 'empty' | 'not-an-image' | 'too-small' | 'too-many-px' | 'moves'

/** The picture as it is measured in: upright, and no larger than it need be. */
export type OpenedReply = Result<
  { readonly picture: ImageBitmap; readonly width: number; readonly height: number },
  { readonly code: PhotoRefusal }
>

export const MOST_PHOTO_BYTES = 30_000_000
/** A photo of a phone has 12 to 50 million pixels; a larger one is a mistake, or meant to fill the memory. */
const MOST_DECODED_PX = 120e6
const LEAST_SIDE_PX = 64
/** Measured in no finer than this: what is finer only takes memory. */
const MOST_SIDE_PX = 4000

/** The photo that lies open: one at a time. */
let open: { readonly colour: ColourImage; readonly gray: GrayImage } | null = null

/** What a file says of its own size, before anything is unpacked; null: it says nothing that can be read. */
function saidSize(bytes: Uint8Array): { readonly width: number; readonly height: number } | null {
  try {
    return imageSize(bytes)
  } catch {
    return null
  }
}

async function isMoving(file: Blob): Promise<boolean> {
  if (typeof ImageDecoder === 'undefined' || !(await ImageDecoder.isTypeSupported(file.type))) return false
  const decoder = new ImageDecoder({ data: await file.arrayBuffer(), type: file.type })
  try {
    await decoder.tracks.ready
    return decoder.tracks.selectedTrack?.animated ?? false
  } catch {
    return false
  } finally {
    decoder.close()
  }
}

async function refusalOf(file: Blob): Promise<PhotoRefusal | null> {
  if (file.size > MOST_PHOTO_BYTES) return 'too-large'
  if (file.size === 0) return 'empty'
  const said = saidSize(new Uint8Array(await file.arrayBuffer()))
  if (said && said.width * said.height > MOST_DECODED_PX) return 'too-many-px'
  return (await isMoving(file)) ? 'moves' : null
}

const api = {
  /** Opens a photo, upright as it was taken; the one before is forgotten. */
  async open(file: Blob): Promise<OpenedReply> {
    open = null
    const refusal = await refusalOf(file)
    if (refusal) return { ok: false, code: refusal }
    const whole = await createImageBitmap(file, { imageOrientation: 'from-image' }).catch(() => null)
    if (!whole) return { ok: false, code: 'not-an-image' }
    try {
      if (Math.min(whole.width, whole.height) < LEAST_SIDE_PX) return { ok: false, code: 'too-small' }
      const share = Math.min(1, MOST_SIDE_PX / Math.max(whole.width, whole.height))
      const [width, height] = [Math.round(whole.width * share), Math.round(whole.height * share)]
      const canvas = new OffscreenCanvas(width, height)
      const context = canvas.getContext('2d', { willReadFrequently: true })!
      context.imageSmoothingQuality = 'high'
      context.drawImage(whole, 0, 0, width, height)
      const colour = context.getImageData(0, 0, width, height) as ColourImage
      open = { colour, gray: grayOf(colour) }
      const picture = canvas.transferToImageBitmap()
      return transfer({ ok: true as const, picture, width, height }, [picture])
    } finally {
      whole.close()
    }
  },
  /** Marks drawn to the sides of the rectangle; null: there are none that can be followed. */
  corners(cornersPx: readonly Point[], reachPx: number): Reply<SnappedCorners | null> {
    return asked(({ gray }) => snapCorners(gray, cornersPx, reachPx))
  },
  /** Both ends of a span drawn to the edges near them. */
  span(seen: SeenRectangle, span: Span, reachPx: number): Reply<Span | null> {
    return asked(({ gray }) => snapSpan(gray, mapOf(seen), span, reachPx))
  },
  /** The stitches of a marked row. */
  row(seen: SeenRectangle, look: RowLook, span: Span, halfMm: number): Reply<RowResult> {
    return asked(({ gray }) => readRow(gray, planeMap(seen), look, span, halfMm))
  },
  /** The plane as seen from straight above. */
  async straight(seen: SeenRectangle, shown: PlaneWindow, pxPerMm: number): Promise<Reply<ImageBitmap>> {
    const flat = asked(({ colour }) => straightened(colour, planeMap(seen), shown, pxPerMm))
    if (!flat.ok) return flat
    const { data, width, height } = flat.answer
    const picture = await createImageBitmap(new ImageData(data, width, height))
    return transfer({ ok: true as const, answer: picture }, [picture])
  },
}

function asked<T>(work: (photo: NonNullable<typeof open>) => T): Reply<T> {
  if (!open) throw new Error('No photo is open')
  const photo = open
  return replyOf(() => work(photo))
}

export type MeasureApi = typeof api
serve(api)
