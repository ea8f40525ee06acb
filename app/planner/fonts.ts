// eslint-disable-next-line max-len -- the file's own name
import plainUrl from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-800-normal.woff?url'
import serifUrl from '@fontsource/young-serif/files/young-serif-latin-400-normal.woff?url'
import type { FontId } from '#shared/inputs'

/** The fonts letters are cut in: those the app is set in, as files that can be read for their outlines. */
export const FONT_URLS: Readonly<Record<FontId, string>> = { serif: serifUrl, plain: plainUrl }
