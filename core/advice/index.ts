export * from './next'
