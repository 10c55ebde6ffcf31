import { useMutation } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { useMayChange } from '../account/useMe';
import { api, ask, Problem } from '../api/client';
import { Button } from '../common/Button';
import { walkBegins, walkBegun } from './walkBegun';

/** Begins a first walk, or goes on with the one that this window began. */
export function WalkButton() {
  const go = useNavigate();
  const walk = useMutation({
    mutationFn: async () => (await isThere(walkBegun())) ?? (await begin()),
    onSuccess: (pieceId) => go(`/pieces/${pieceId}/survey`),
  });
  if (!useMayChange()) {
    return null;
  }
  return (
    <Button
      title="Along the route in three minutes, on a board that is thrown away afterwards"
      disabled={walk.isPending}
      onClick={() => walk.mutate()}
    >
      {walk.isError
        ? 'It did not begin: try again'
        : walkBegun()
          ? 'Go on with the walk'
          : 'A first walk'}
    </Button>
  );
}

async function begin(): Promise<string> {
  const { pieceId } = await ask(api.POST('/api/walks'));
  walkBegins(pieceId);
  return pieceId;
}

/** The board, unless it was thrown away meanwhile, or kept. */
async function isThere(pieceId: string | null): Promise<string | undefined> {
  if (pieceId === null) {
    return undefined;
  }
  try {
    await ask(api.GET('/api/pieces/{id}/walk', { params: { path: { id: pieceId } } }));
    return pieceId;
  } catch (problem) {
    if (problem instanceof Problem && problem.status === 404) {
      return undefined;
    }
    throw problem;
  }
}
