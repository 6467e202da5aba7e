export * from './records'
export { DEFINED_IONS } from './defined'
export type { IonDefinition } from './definition'
