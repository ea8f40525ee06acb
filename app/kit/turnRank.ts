import { inject, type InjectionKey, provide } from 'vue'

const RANK: InjectionKey<number> = Symbol('rank of turns')

/** Which turn the parts around here take: 0 the first. */
export const useTurnRank = () => inject(RANK, 0)
export const provideTurnRank = (rank: number) => provide(RANK, rank)
