/** @jest-environment jsdom */
import { describe, expect, jest, test } from '@jest/globals'
import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { Choice, Field } from './Field'
import { Chemistry, Formula } from './Formula'
import { Problem } from './Problem'
import { pictureOfObservations } from './pictures'
import { Tube } from './Tube'
import { observationSchema, type ObservationInput } from '@foxing/core'

const htmlOf = (node: React.ReactElement): string => render(node).container.innerHTML

describe('formulae', () => {
  test.each([
    ['Fe(CN)6^4-', 'Fe(CN)<sub>6</sub><sup>4−</sup>'],
    ['NH4^+', 'NH<sub>4</sub><sup>+</sup>'],
    ['CuSO4.5H2O', 'CuSO<sub>4</sub>·5H<sub>2</sub>O'],
    ['Ag^+ + Cl^- -> AgCl', 'Ag<sup>+</sup> + Cl<sup>−</sup> → AgCl'],
  ])('%s is set as chemists set it', (text, html) => expect(htmlOf(<Formula>{text}</Formula>)).toBe(html))
  test('among words only what looks like a formula is set as one', () => {
    expect(htmlOf(<Chemistry>{'NaOH 2 M, drops 3'}</Chemistry>)).toBe('NaOH 2 M, drops 3')
    expect(htmlOf(<Chemistry>{'lead as PbCl2 in VI2'}</Chemistry>)).toBe('lead as PbCl<sub>2</sub> in VI2')
  })
})

describe('fields', () => {
  test('a field is found by what stands over it', async () => {
    const onChange = jest.fn()
    render(<Field label="code on the jar" onChange={onChange} />)
    await userEvent.type(screen.getByLabelText('code on the jar'), 'F-07')
    expect(onChange).toHaveBeenCalledTimes(4)
  })
  test('one of a few words is chosen by keys too', async () => {
    const onChoose = jest.fn()
    render(<Choice label="hints" of={['open', 'none']} value="open" onChoose={onChoose} />)
    await userEvent.selectOptions(screen.getByLabelText('hints'), 'none')
    expect(onChoose).toHaveBeenCalledWith('none')
  })
  test('a problem is told at once to whoever cannot see it, and there is none where there is none', () => {
    expect(htmlOf(<Problem>{null}</Problem>)).toBe('')
    render(<Problem>nothing was written</Problem>)
    expect(screen.getByRole('alert').textContent).toBe('nothing was written')
  })
})

describe('drawn tubes', () => {
  const tube = (...observations: readonly ObservationInput[]): SVGElement => {
    const picture = pictureOfObservations(
      observations.map((o) => observationSchema.parse(o)),
      'as written',
    )
    if (!picture) throw new Error('nothing to draw')
    const svg = render(<Tube picture={picture} />).container.querySelector('svg')
    expect(svg?.getAttribute('aria-label')).toBe('as written')
    return svg as SVGElement
  }
  const marks = (svg: SVGElement): string =>
    [...svg.querySelectorAll('.settles > :not(rect)')]
      .map((e) => e.tagName + (e.getAttribute('d') ?? 'c').replace(/[\d. -]/g, '') + (e.getAttribute('r') ?? ''))
      .join()
  const solid = (habit: string): ObservationInput[] => [
    { channel: 'precipitate.present' },
    { channel: 'precipitate.colour', value: 'white' },
    { channel: 'precipitate.habit', value: habit },
  ]
  test('habits are told apart by their marks, not by colour', () => {
    const drawn = ['curdy', 'gelatinous', 'crystalline', 'powdery'].map((habit) => marks(tube(...solid(habit))))
    expect(new Set(drawn).size).toBe(4)
  })
  test('a paper shows the colour it had and the one it took', () => {
    const fills = [...tube({ channel: 'paper.red litmus paper', value: 'blue' }).querySelectorAll('g rect')].map((r) => r.getAttribute('fill'))
    expect(fills).toHaveLength(2)
    expect(fills[0]).not.toBe(fills[1])
  })
  test('nothing that can be drawn is no picture', () =>
    expect(pictureOfObservations([observationSchema.parse({ channel: 'smell', value: 'vinegar' })], '')).toBeNull())
})
