export * from './backup'
export * from './jsonSchema'
