/** A stamp of the source and data that worked-out percepts depend on: 16 hexadecimal digits. */
export function modelStamp(): string
/** Paths of the files it is made of. */
export function stampedFiles(): string[]
/** The constant under which the core finds it, for a test runner. */
export const GLOBALS: { readonly __MODEL_STAMP__: string }
/** The same as source text, for a bundler. */
export const DEFINE: { readonly __MODEL_STAMP__: string }
