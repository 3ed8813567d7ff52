import { render, screen } from '@testing-library/svelte'
import { describe, expect, it } from 'vitest'
import Field from './Field.svelte'

describe('a field', () => {
  it('is found by its label and described by its hint', () => {
    render(Field, { label: 'Final torque', value: '20', hint: 'as the wrench read' })
    expect(screen.getByLabelText('Final torque')).toHaveAccessibleDescription('as the wrench read')
  })

  it('says what is wrong, to eyes and to readers', () => {
    render(Field, {
      label: 'Final torque',
      value: 'x',
      hint: 'hint',
      error: 'A plain number, such as 20',
    })
    const input = screen.getByLabelText('Final torque')
    expect(input).toBeInvalid()
    expect(input).toHaveAccessibleDescription('A plain number, such as 20')
  })
})
