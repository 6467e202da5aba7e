import { message } from '../messages'
import { FAMILIES, PAPERS, type Paper } from '../vocabulary'
import { defineChannel, word, type Channel } from './define'
import { ofColour } from './errors/colour'

/** A paper that was dipped in or held over a tube: the colour it takes. */
const paperChannel = (paper: Paper) =>
  defineChannel({
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
  })

type Papers = { readonly [P in Paper as `paper.${P}`]: Channel<`paper.${P}`> }
/** Each paper is a channel of its own. */
export const papers = Object.fromEntries(PAPERS.map((paper) => [`paper.${paper}`, paperChannel(paper)])) as unknown as Papers
