export * from './equation'
export * from './rules'
export * from './couples'
