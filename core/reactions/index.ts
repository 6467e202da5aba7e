export * from './equation'
export * from './rules'
