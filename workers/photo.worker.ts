import { expose } from 'comlink'

/** Longest side kept, in pixels: a swatch still fills a tablet's screen. */
const LONGEST_PX = 1400
const QUALITY = 0.82

export type PhotoReply =
  | { readonly ok: true; readonly blob: Blob; readonly width: number; readonly height: number }
  | { readonly ok: false; readonly code: 'not-an-image' }

/** How large a picture is kept: never larger than it was. */
export function keptSize(width: number, height: number): { readonly width: number; readonly height: number } {
  const share = Math.min(1, LONGEST_PX / Math.max(width, height))
  return { width: Math.max(1, Math.round(width * share)), height: Math.max(1, Math.round(height * share)) }
}

const api = {
  /** Scales a picture down and writes it anew as JPEG, without what the camera wrote into it. */
  async scale(file: Blob): Promise<PhotoReply> {
    try {
      const picture = await createImageBitmap(file)
      const { width, height } = keptSize(picture.width, picture.height)
      const canvas = new OffscreenCanvas(width, height)
      canvas.getContext('2d')!.drawImage(picture, 0, 0, width, height)
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
expose(api)
