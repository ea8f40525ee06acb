import jsQR from 'jsqr'
import type { Result } from '#core/errors'
import { serve } from './serve'

/** Longest side kept, in pixels: a swatch still fills a tablet's screen. */
const LONGEST_PX = 1400
const QUALITY = 0.82
const PAPER = '#ffffff'

export type PhotoReply = Result<
  { readonly blob: Blob; readonly width: number; readonly height: number },
  { readonly code: 'not-an-image' | 'empty' }
>

/** How large a picture is kept: never larger than it was. */
export function keptSize(width: number, height: number): { readonly width: number; readonly height: number } {
  const share = Math.min(1, LONGEST_PX / Math.max(width, height))
  return { width: Math.max(1, Math.round(width * share)), height: Math.max(1, Math.round(height * share)) }
}

/** What the code says; null: there is none to be read. */
export type CodeReply = Result<{ readonly words: string | null }, { readonly code: 'not-an-image' }>

/** Longest sides a code is looked for at, in pixels: what is missed at one size is found at another. */
const LOOKED_AT_PX = [1200, 700, 1800] as const

/** The code in a picture at one size; null: none was read. */
function codeAt(picture: ImageBitmap, longestPx: number): string | null {
  const share = Math.min(1, longestPx / Math.max(picture.width, picture.height))
  const [width, height] = [picture.width, picture.height].map(px => Math.max(1, Math.round(px * share)))
  const canvas = new OffscreenCanvas(width!, height!)
  const context = canvas.getContext('2d', { willReadFrequently: true })!
  context.drawImage(picture, 0, 0, width!, height!)
  return jsQR(context.getImageData(0, 0, width!, height!).data, width!, height!)?.data ?? null
}

const api = {
  /** Reads a code in a photo, or in what a camera sees. */
  async readCode(source: Blob | ImageBitmap): Promise<CodeReply> {
    const picture = await createImageBitmap(source).catch(() => null)
    if (!picture) return { ok: false, code: 'not-an-image' }
    try {
      for (const px of LOOKED_AT_PX) {
        const words = codeAt(picture, px)
        if (words) return { ok: true, words }
      }
      return { ok: true, words: null }
    } finally {
      picture.close()
      if (source instanceof ImageBitmap) source.close()
    }
  },
  /**
   * Scales a picture down and writes it anew as JPEG, without what the camera wrote into it.
   *
   * @param ground - the colour that shows where the picture is clear, as `#rrggbb`; null: paper.
   */
  async scale(file: Blob, ground: string | null): Promise<PhotoReply> {
    if (file.size === 0) return { ok: false, code: 'empty' }
    try {
      const picture = await createImageBitmap(file)
      const { width, height } = keptSize(picture.width, picture.height)
      const canvas = new OffscreenCanvas(width, height)
      const context = canvas.getContext('2d')!
      context.fillStyle = ground ?? PAPER
      context.fillRect(0, 0, width, height)
      context.drawImage(picture, 0, 0, width, height)
      picture.close()
      return {
        ok: true,
        blob: await canvas.convertToBlob({ type: 'image/jpeg', quality: QUALITY }),
        width,
        height,
      }
    } catch {
      return { ok: false, code: 'not-an-image' }
    }
  },
}
export type PhotoApi = typeof api
serve(api)
