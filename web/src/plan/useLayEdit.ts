import { api, ask, type LayEdit } from '../api/client';
import { useServerEdit } from './useServerEdit';

/** Changes of lays: a design laid by the rule that suits it, another rule, a copy. */
export function useLayEdit(done?: (faceId: string, layId: string) => void) {
  return useServerEdit(
    (document, edit: LayEdit) => ask(api.POST('/api/lay-edits', { body: { document, edit } })),
    (edited) => done?.(edited.faceId, edited.layId),
  );
}
