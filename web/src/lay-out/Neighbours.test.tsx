import { fireEvent, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import type { FaceView } from '../api/client';
import type { Room } from '../map/FaceMap';
import { drawn } from '../testing/page';
import { Neighbours } from './Neighbours';

const face = (id: string, widthMm: number, heightMm: number, nextTo: FaceView['nextTo'] = []) =>
  ({
    id,
    name: `The ${id}`,
    nextTo,
    width: { mm: widthMm },
    height: { mm: heightMm },
    pathData: 'M0 0h1v1z',
    lays: [],
    zones: [],
    keepOuts: [],
    holes: [],
    breaks: [],
    guides: [],
    blend: [],
    shows: '#456',
  }) as unknown as FaceView;

const left = face('left', 300, 900);
const right = face('right', 300, 450);
const door = face('door', 400, 900, [
  { edge: 'LEFT', faceId: 'left', alongMm: 0 },
  { edge: 'RIGHT', faceId: 'right', alongMm: 312.4 },
  { edge: 'TOP', faceId: 'taken off', alongMm: 0 },
]);

const beside = (room: Room, upright = false, onGo = vi.fn()) => (
  <svg>
    <title>map</title>
    <Neighbours
      face={door}
      faces={[left, door, right]}
      stencils={new Map()}
      k={0.5}
      room={room}
      upright={upright}
      onGo={onGo}
    />
  </svg>
);

const shown = () =>
  screen
    .queryAllByRole('button')
    .map((b) => b.getAttribute('aria-label')?.slice('Go on to '.length));

describe('the faces beside a face', () => {
  it('are drawn where the map would be empty, and nowhere else', () => {
    const page = drawn(beside({ left: 250, right: 90, above: 60, below: 60 }));
    expect(shown()).toEqual(['The left']);
    page.again(beside({ left: 250, right: 250, above: 60, below: 60 }));
    expect(shown()).toEqual(['The left', 'The right']);
    // a tape that stands at the left needs its room
    page.again(beside({ left: 230, right: 250, above: 60, below: 60 }, true));
    expect(shown()).toEqual(['The right']);
  });

  it('are gone to by a click and by Enter, without taking hold of the map', () => {
    const onGo = vi.fn();
    const held = vi.fn();
    drawn(
      <div onPointerDown={held}>
        {beside({ left: 250, right: 250, above: 0, below: 0 }, false, onGo)}
      </div>,
    );
    const there = screen.getByRole('button', { name: 'Go on to The right' });
    fireEvent.pointerDown(there);
    fireEvent.click(there);
    fireEvent.keyDown(there, { key: 'Enter' });
    fireEvent.keyDown(there, { key: 'x' });
    expect(onGo.mock.calls).toEqual([['right'], ['right']]);
    expect(held).not.toHaveBeenCalled();
  });

  it('lie as far up and as large as they are', () => {
    drawn(beside({ left: 250, right: 250, above: 0, below: 0 }));
    const there = screen.getByRole('button', { name: 'Go on to The left' });
    expect(there.getAttribute('width')).toBe('150');
    expect(there.getAttribute('height')).toBe('450');
    expect(there.closest('[data-beside]')?.getAttribute('transform')).toBe('translate(-220 0)');
    const other = screen.getByRole('button', { name: 'Go on to The right' });
    expect(other.getAttribute('height')).toBe('225');
    expect(other.closest('[data-beside]')?.getAttribute('transform')).toBe('translate(270 156.2)');
  });
});
