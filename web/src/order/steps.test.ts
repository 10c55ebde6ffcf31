import { expect, it } from 'vitest';
import { wholeStep } from './steps';

it('finds the step that a part was torn from', () => {
  expect(wholeStep('chest:front:step:SAND/2')).toBe('chest:front:step:SAND');
  expect(wholeStep('chest:front:ground:12')).toBe('chest:front:ground:12');
});
