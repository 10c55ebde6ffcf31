import type { CoatWishes, PlanEdit } from '../api/client';

export type Scheme = { readonly id: string; readonly name: string; readonly wishes: CoatWishes };

/** What gives a group other coats: a scheme, those of another group, or all as it is proposed. */
export const coatAs = (
  key: string,
  groupId: string,
  schemes: ReadonlyArray<Scheme>,
): PlanEdit | undefined => {
  if (key === 'anew') {
    return { kind: 'COATS_ANEW', groupId };
  }
  if (key.startsWith('group:')) {
    return { kind: 'COPY_COATS', fromGroupId: key.slice('group:'.length), groupId };
  }
  const scheme = schemes.find((s) => key === `scheme:${s.id}`);
  return scheme && { kind: 'USE_SCHEME', groupId, name: scheme.name, scheme: scheme.wishes };
};
