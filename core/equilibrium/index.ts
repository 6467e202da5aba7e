export * from './activity'
export * from './chemistry'
export * from './solver'
export * from './system'
