export * from './dial'
export * from './fields'
export * from './issues'
export * from './newest'
