export * from './document'
export * from './markdown'
