import type { TwinJob } from './cover'

/** Jobs twins are bought for, to tick. Gaps by job: common practice; sizes follow the cloth. */
export const TWIN_JOBS: readonly TwinJob[] = [
  { id: 'pintuck-fine', name: 'Pintucks on batiste', gapMm: [1.6, 2], sizeNm: [70, 80], types: ['universal', 'embroidery'], widthMm: 0 },
  { id: 'pintuck', name: 'Pintucks on shirting', gapMm: [2, 2.5], sizeNm: [75, 80], types: ['universal', 'embroidery'], widthMm: 0 },
  { id: 'decorative', name: 'Decorative stitches on woven cloth', gapMm: [1.6, 2.5], sizeNm: [75, 90], types: ['universal', 'embroidery'], widthMm: 4 },
  { id: 'decorative-rayon', name: 'Decorative stitches in rayon', gapMm: [1.6, 3], sizeNm: [75, 90], types: ['embroidery'], widthMm: 3 },
  { id: 'metallic', name: 'Metallic scrollwork', gapMm: [2, 3], sizeNm: [80, 90], types: ['metallic'], widthMm: 3 },
  { id: 'knit-hem', name: 'Hems in jersey', gapMm: [3, 6], sizeNm: [75, 90], types: ['stretch'], widthMm: 0 },
  { id: 'knit-narrow', name: 'Narrow rows on knits', gapMm: [2, 3], sizeNm: [75, 90], types: ['stretch'], widthMm: 0 },
  { id: 'plain-hem', name: 'Plain hems', gapMm: [3, 6], sizeNm: [80, 100], types: ['universal'], widthMm: 0 },
  { id: 'strip', name: 'Bias strip of 1/4 in, both edges at once', gapMm: [4, 5], sizeNm: [80, 100], types: ['universal', 'jeans'], widthMm: 0 },
  { id: 'jeans', name: 'Topstitching on denim', gapMm: [4, 4], sizeNm: [100, 110], types: ['jeans'], widthMm: 0 },
  { id: 'wide-hem', name: 'Wide rows on curtains', gapMm: [6, 8], sizeNm: [90, 100], types: ['universal'], widthMm: 0 },
]
