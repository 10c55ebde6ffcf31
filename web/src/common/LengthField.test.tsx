import { act, fireEvent, screen } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Measure } from '../api/client';
import { answering, drawn } from '../testing/page';
import { LengthField } from './LengthField';

const measure = (mm: number, text: string) => ({ mm, text }) as Measure;
const field = () => screen.getByLabelText('Width') as HTMLInputElement;
const type = (text: string) => fireEvent.change(field(), { target: { value: text } });
/** What was asked is answered. */
const answered = () => act(() => vi.advanceTimersByTimeAsync(200));

describe('a length as it is typed', () => {
  beforeEach(() => {
    vi.useFakeTimers();
  });
  afterEach(() => {
    vi.useRealTimers();
  });

  it('is read after a pause, told once, and shown as it was understood', async () => {
    const post = answering(() => measure(609.6, '24"'));
    const onLength = vi.fn();
    drawn(<LengthField label="Width" value={null} kind="SIZE" onLength={onLength} />);
    type('2');
    type('2 ft');
    await answered();
    expect(post).toHaveBeenCalledTimes(1);
    expect(onLength).toHaveBeenCalledExactlyOnceWith(609.6);
    expect(screen.getByText(/^= 24/)).toBeTruthy();
  });

  it('stays in the field when it cannot be read, and nothing is told', async () => {
    answering(() => {
      throw 'Width (24 elbows) is no length. Give millimetres or inches.';
    });
    const onLength = vi.fn();
    drawn(
      <LengthField label="Width" value={measure(508, '20"')} kind="SIZE" onLength={onLength} />,
    );
    type('24 elbows');
    await answered();
    expect(field().value).toBe('24 elbows');
    expect(screen.getByRole('alert').textContent).toContain('Width (24 elbows) is no length.');
    expect(onLength).not.toHaveBeenCalled();
    // and Escape brings back what is in the plan
    fireEvent.keyDown(field(), { key: 'Escape' });
    expect(field().value).toBe('20"');
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('is not overtaken by the answer to what was typed before', async () => {
    const waiting = new Map<string, (length: Measure) => void>();
    answering(
      ({ body }) => new Promise((resolve) => waiting.set((body as { text: string }).text, resolve)),
    );
    const onLength = vi.fn();
    drawn(<LengthField label="Width" value={null} kind="SIZE" onLength={onLength} />);
    type('2');
    await answered();
    type('24');
    await answered();
    waiting.get('24')?.(measure(609.6, '24"'));
    waiting.get('2')?.(measure(50.8, '2"'));
    await answered();
    expect(onLength).toHaveBeenCalledExactlyOnceWith(609.6);
  });

  it('is not told again when it is what the plan has', async () => {
    answering(() => measure(508, '20"'));
    const onLength = vi.fn();
    drawn(
      <LengthField label="Width" value={measure(508, '20"')} kind="SIZE" onLength={onLength} />,
    );
    type('20.0');
    fireEvent.blur(field());
    await answered();
    expect(onLength).not.toHaveBeenCalled();
    expect(field().value).toBe('20"');
  });

  it('is taken as typical by Enter alone, without anything typed', () => {
    const onLength = vi.fn();
    const post = answering(() => measure(1, ''));
    drawn(
      <LengthField
        label="Width"
        value={measure(18, '18 mm')}
        kind="SIZE"
        onLength={onLength}
        typical
      />,
    );
    fireEvent.keyDown(field(), { key: 'Enter' });
    expect(onLength).toHaveBeenCalledExactlyOnceWith(18);
    expect(post).not.toHaveBeenCalled();
  });
});
