export { review, REVIEW_RULES, sayFinding, type Finding } from './rules'
export { undone, type Undone } from './undone'
