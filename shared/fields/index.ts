export * from './fields'
export * from './issues'
