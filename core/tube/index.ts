export * from './bench'
export * from './procedure'
export * from './vessel'
