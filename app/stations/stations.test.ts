import { existsSync, readFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { describe, expect, it } from 'vitest'
import { ALL_VIEWS, JUMPS, STATIONS, stationOf } from '~/stations'

describe('the stations', () => {
  it.each(STATIONS.flatMap(({ folder, views }) => views.map(({ page }) => [`${folder}/${page}`])))(
    'have the page %s',
    page => expect(existsSync(fileURLToPath(new URL(page, import.meta.url)))).toBe(true),
  )

  it('are pictured, all but Files, and every picture stands in README or guide', () => {
    const bare = STATIONS.filter(({ views }) => views.every(({ shot }) => shot === null))
    expect(bare.map(({ name }) => name)).toEqual(['Files'])
    const read = readFileSync('README.md', 'utf8') + readFileSync('docs/GUIDE.md', 'utf8')
    for (const { shot } of ALL_VIEWS.filter(({ shot }) => shot !== null)) {
      expect(existsSync(`docs/screenshots/${shot}.png`)).toBe(true)
      expect(read).toContain(`screenshots/${shot}.png`)
    }
  })

  it('stand group by group, in working order', () => {
    const groups = STATIONS.map(({ group }) => group)
    const order = ['Plan', 'Prepare', 'Sew', 'Keep']
    expect([...groups].sort((a, b) => order.indexOf(a) - order.indexOf(b))).toEqual(groups)
  })

  it('have a path and a key each, none twice', () => {
    const paths = ALL_VIEWS.map(({ path }) => path)
    expect(new Set(paths).size).toBe(paths.length)
    const keys = JUMPS.map(({ key }) => key)
    expect(new Set(keys).size).toBe(keys.length)
  })

  it('are found by the path of any of their views', () => {
    expect(stationOf('/compare')?.name).toBe('Width and swing')
    expect(stationOf('/putback')?.name).toBe('Threading walk')
    expect(stationOf('/')?.name).toBe('Width and swing')
    expect(stationOf('/nowhere')).toBeUndefined()
  })

  it('are jumped to first, then their views by their own names', () => {
    expect(JUMPS[0]).toEqual({ key: '1', path: '/', name: 'Width and swing' })
    expect(JUMPS).toContainEqual({ key: 'C', path: '/compare', name: 'Compare' })
    expect(JUMPS.some(({ path }) => path === '/twins')).toBe(false)
  })
})
