export * from './amend'
export * from './schema'
export * from './shorthand'
export * from './words'
