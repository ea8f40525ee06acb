/** `npm run test:long` tries all of it; `npm test` a few of each kind. */
export const isLong = process.env.LONG === 'yes'
export const fewOf = <T>(all: readonly T[], few: number): readonly T[] => (isLong ? all : all.slice(0, few))
