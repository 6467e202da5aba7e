export { message, say, sayIn, type Message, type MessageId } from './messages'
export * from './units'
export * from './vocabulary'
export * from './species'
export * from './structure'
export * from './equilibrium'
export * from './reactions'
export * from './tube'
export * from './perception'
export { CHANNEL_BY_ID, CHANNELS, isOf, tells, type Expectation } from './channels'
export * from './notebook'
export * from './schemes'
export * from './sums'
export * from './deduction'
export * from './advice'
export {
  cautionsOf,
  expand,
  reagentsOf,
  placed,
  STOCK,
  organicTestById,
  ORGANIC_TESTS,
  isOnSolution,
  testsFor,
  testById,
  TESTS,
  UnknownTest,
  wantsTube,
  type Stage,
  type Test,
  type TestStep,
} from './catalogue'
