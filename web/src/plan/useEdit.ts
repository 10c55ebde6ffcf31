import { api, ask, type Edit } from '../api/client';
import { useServerEdit } from './useServerEdit';

/** Changes of faces and their marks, such as marks turned over to the other of a pair. */
export function useEdit(done?: (faceId: string) => void) {
  return useServerEdit(
    (document, edit: Edit) => ask(api.POST('/api/edits', { body: { document, edit } })),
    (edited) => done?.(edited.faceId),
  );
}
