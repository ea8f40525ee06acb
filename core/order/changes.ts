export const SINGLE_NEEDS = ['machine', 'needle', 'bobbin', 'plate', 'foot', 'stabilizer', 'tension'] as const

/** All that may be changed from one piece to the next; a thread once for each of its places. */
export const CHANGES = [...SINGLE_NEEDS, 'thread'] as const
