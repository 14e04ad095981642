import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { LimitedNumberField, TypedNumberField } from './fields';

const field = (): HTMLInputElement => screen.getByLabelText('Strokes');

/** Types sign by sign, as a person does: between two signs the screen is drawn anew. */
function type(text: string): void {
  for (const sign of text) fireEvent.change(field(), { target: { value: field().value + sign } });
}

it.each(['12,5', '12.5'])('a number typed sign by sign, %s, stays as typed and is read', (text) => {
  const told = jest.fn();
  function Held() {
    const [value, setValue] = useState(NaN);
    return (
      <TypedNumberField
        label="Strokes"
        value={value}
        onNumber={(number) => {
          told(number);
          setValue(number);
        }}
      />
    );
  }
  render(<Held />);
  type(text);
  expect(field().value).toBe(text);
  expect(told).toHaveBeenLastCalledWith(12.5);
});

it('what lies outside of its limits is refused in place, stays as typed and is told to nobody', () => {
  const told = jest.fn();
  render(<LimitedNumberField label="Strokes" value={5} min={1} max={99} onValue={told} />);
  fireEvent.change(field(), { target: { value: '' } });
  type('100');
  expect(field().value).toBe('100');
  expect(screen.getByRole('alert').textContent).toMatch(/1 to 99/);
  expect(told).not.toHaveBeenCalledWith(100);
  fireEvent.change(field(), { target: { value: '10' } });
  expect(told).toHaveBeenLastCalledWith(10);
  expect(screen.queryByRole('alert')).toBeNull();
});
