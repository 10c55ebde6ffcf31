import { fireEvent, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { drawn } from '../testing/page';
import { CountField } from './CountField';
import { FigureField } from './FigureField';
import { TextField } from './TextField';

const box = (label: string) => screen.getByLabelText(label) as HTMLInputElement;
const type = (label: string, text: string) =>
  fireEvent.change(box(label), { target: { value: text } });
const press = (label: string, key: string) => fireEvent.keyDown(box(label), { key });

describe('a count', () => {
  const count = (onCount: (n: number) => void, value = 4) => (
    <CountField label="Coats" value={value} least={1} most={12} onCount={onCount} />
  );

  it.each(['0', '13', '2.5', '-3', '', 'two', '1e1'])('is not %s', (typed) => {
    const onCount = vi.fn();
    drawn(count(onCount));
    type('Coats', typed);
    expect(onCount).not.toHaveBeenCalled();
    expect(screen.getByRole('alert').textContent).toContain(
      `Coats (${typed || 'empty'}) is not possible. Give a whole number from 1 to 12.`,
    );
    press('Coats', 'Escape');
    expect(box('Coats').value).toBe('4');
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('is told as soon as it is one, at both ends, and only when it is another', () => {
    const onCount = vi.fn();
    drawn(count(onCount));
    type('Coats', '4 ');
    type('Coats', '12');
    type('Coats', '1');
    expect(onCount.mock.calls).toEqual([[12], [1]]);
  });

  it('shows what came from elsewhere over what was typed', () => {
    const page = drawn(count(vi.fn()));
    type('Coats', '77');
    page.again(count(vi.fn(), 9));
    expect(box('Coats').value).toBe('9');
  });
});

describe('a figure', () => {
  const figure = (onFigure: (n: number) => void, typical = false) => (
    <FigureField
      label="Damp"
      figure={{ value: 55, text: '55', least: 20, most: 95, places: 1, unit: '%' }}
      typical={typical}
      onFigure={onFigure}
    />
  );

  it('is read with a comma too, when the field is left or on Enter, not before', () => {
    const onFigure = vi.fn();
    drawn(figure(onFigure));
    type('Damp', '61,5');
    expect(onFigure).not.toHaveBeenCalled();
    press('Damp', 'Enter');
    expect(onFigure).toHaveBeenCalledExactlyOnceWith(61.5);
  });

  it.each(['19.9', '95.1', '', 'dry', '5 5', 'Infinity'])('is not “%s”', (typed) => {
    const onFigure = vi.fn();
    drawn(figure(onFigure));
    type('Damp', typed);
    fireEvent.blur(box('Damp'));
    expect(onFigure).not.toHaveBeenCalled();
    expect(screen.getByRole('alert').textContent).toContain('Give a figure from 20 to 95 %.');
    expect(box('Damp').value).toBe(typed);
  });

  it('that is typical is confirmed by Enter', () => {
    const onFigure = vi.fn();
    drawn(figure(onFigure, true));
    press('Damp', 'Enter');
    expect(onFigure).toHaveBeenCalledExactlyOnceWith(55);
  });
});

describe('a name', () => {
  it('is kept without what stands round it, and never empty', () => {
    const onText = vi.fn();
    drawn(<TextField label="Name" value="Sea chest" most={60} onText={onText} />);
    type('Name', '   ');
    fireEvent.blur(box('Name'));
    expect(onText).not.toHaveBeenCalled();
    expect(screen.getByText(/Name \(empty\) is not a name/)).toBeTruthy();
    type('Name', '  Tea chest ');
    fireEvent.blur(box('Name'));
    expect(onText).toHaveBeenCalledExactlyOnceWith('Tea chest');
  });

  it('may be empty where it is a note, and is not told when it is as it was', () => {
    const onText = vi.fn();
    drawn(<TextField label="Note" value="mine" most={60} mayBeEmpty onText={onText} />);
    fireEvent.blur(box('Note'));
    expect(onText).not.toHaveBeenCalled();
    type('Note', '');
    press('Note', 'Enter');
    expect(onText).toHaveBeenCalledExactlyOnceWith('');
  });
});
