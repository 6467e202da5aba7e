export * from './next'
export * from './schema'
