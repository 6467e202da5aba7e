import { message } from '../messages'
import { FAMILIES, PAPERS, type Paper } from '../vocabulary'
import { defineChannel, word, type Channel } from './define'
import { ofColour } from './errors/colour'

export interface PaperChannel extends Channel<`paper.${Paper}`> {
  readonly of: 'paper'
  readonly paper: Paper
}

/** A paper that was dipped in or held over a tube: the colour it takes. Each is a channel of its own. */
export const papers: readonly PaperChannel[] = PAPERS.map((paper) => ({
  ...defineChannel({
    id: `paper.${paper}`,
    label: paper,
    values: FAMILIES,
    of: 'paper',
    evidence: paper,
    plain: true,
    read: (look) => look.papers.filter((held) => held.paper === paper).map(({ to }) => ({ value: to.family })),
    say: (written) => message('seen.paper', { paper, word: word(written) }),
    compare: ({ percept }, eyes) => {
      const reading = percept.papers.find((held) => held.paper === paper)
      return reading ? ofColour(reading.to, eyes) : null
    },
  }),
  of: 'paper',
  paper,
}))
