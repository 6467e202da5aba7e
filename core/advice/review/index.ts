export { review, REVIEW_RULES, type Finding } from './rules'
export { undone, type Undone } from './undone'
