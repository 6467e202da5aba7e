export * from './next'
export * from './schema'
export * from './follow'
export * from './review'
