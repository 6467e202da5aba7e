export * from './csv'
export * from './document'
export * from './html'
export * from './markdown'
