import { describe, expect, it } from 'vitest';
import type { FaceView, RunDoc } from '../api/client';
import { onDivision, stripOf } from './lines';

const face = { width: { mm: 600 }, height: { mm: 400 } } as FaceView;
const run = (edge: RunDoc['edge']): RunDoc => ({
  edge,
  distanceMm: 100,
  startInsetMm: 10,
  endInsetMm: 20,
  gapMm: 0,
  endMarginMm: 0,
  allowedChange: 0,
});
const line = { edgeMm: 600, startMm: 0, motifTallMm: 40 };

describe('the strip of a band', () => {
  it('lies at its distance from the edge it follows', () => {
    expect(stripOf(face, run('TOP'), line)).toEqual({ x: 10, y: 80, width: 570, height: 40 });
    expect(stripOf(face, run('BOTTOM'), line).y).toBe(280);
    const upright = { ...line, edgeMm: 400 };
    expect(stripOf(face, run('LEFT'), upright)).toEqual({ x: 80, y: 10, width: 40, height: 370 });
    expect(stripOf(face, run('RIGHT'), upright).x).toBe(480);
  });

  it('begins where the face begins at that height', () => {
    const chord = { edgeMm: 300, startMm: 150, motifTallMm: 40 };
    expect(stripOf(face, run('TOP'), chord)).toMatchObject({ x: 160, width: 270 });
  });

  it('moves by whole divisions of the tape between its limits', () => {
    expect(onDivision(100.4, 1, 0, 500)).toBe(100);
    expect(onDivision(-3, 1, 20, 500)).toBe(20);
    expect(onDivision(900, 25.4 / 16, 0, 500)).toBe(500);
  });
});
