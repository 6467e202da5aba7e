export * from './message'
export * from './say'
