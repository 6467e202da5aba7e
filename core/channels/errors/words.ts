/** How likely each word is, with the shade it was written with where that tells. */
export type Share = (value: string, degree?: string) => number

/** Shares of some words, and of every other. */
export const table =
  (shares: Readonly<Record<string, number>>, other: number): Share =>
  (value) =>
    shares[value] ?? other

export const yes = (chance: number): Share => table({ yes: chance, partly: 0.02, no: 1 - chance }, 0.01)
