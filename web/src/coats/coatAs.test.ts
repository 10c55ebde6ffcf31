import { describe, expect, it } from 'vitest';
import { coatAs } from './coatAs';

const wishes = { coats: [], steps: [], without: [], order: [], overruled: [] };
const schemes = [{ id: 'a:1', name: 'Marsh and gold', wishes }];

describe('coats as something else has them', () => {
  it('come from a scheme by its name', () => {
    expect(coatAs('scheme:a:1', 'of:front', schemes)).toEqual({
      kind: 'USE_SCHEME',
      groupId: 'of:front',
      name: 'Marsh and gold',
      scheme: wishes,
    });
  });

  it('come from another group, whose id may have colons in it', () => {
    expect(coatAs('group:of:lid', 'of:front', schemes)).toEqual({
      kind: 'COPY_COATS',
      fromGroupId: 'of:lid',
      groupId: 'of:front',
    });
  });

  it('are as proposed again, or stay as they are', () => {
    expect(coatAs('anew', 'of:front', schemes)).toEqual({
      kind: 'COATS_ANEW',
      groupId: 'of:front',
    });
    expect(coatAs('now', 'of:front', schemes)).toBeUndefined();
    expect(coatAs('scheme:gone', 'of:front', schemes)).toBeUndefined();
  });
});
