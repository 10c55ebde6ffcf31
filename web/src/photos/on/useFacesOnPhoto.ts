import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, ask, type FaceOnPhoto, type FacesOnPhoto, type Pin, seen } from '../../api/client';
import { keys } from '../../api/keys';

export type PinAt = Pick<Pin, 'anchor' | 'x' | 'y'>;

/** The faces that were found on a photo, and the ways to find, move and forget them. */
export function useFacesOnPhoto(photoId: string) {
  const client = useQueryClient();
  const key = keys.facesOnPhoto(photoId);
  const faces = useQuery({
    queryKey: key,
    queryFn: () => ask(api.GET('/api/photos/{id}/faces', { params: { path: { id: photoId } } })),
  });
  const versionOf = (faceId: string) =>
    client.getQueryData<FacesOnPhoto>(key)?.faces.find((f) => f.faceId === faceId)?.version ?? 0;
  const again = () => client.invalidateQueries({ queryKey: key });
  const put = useMutation({
    // one after the other, each on what the one before has made
    scope: { id: photoId },
    mutationFn: ({ faceId, pins }: { faceId: string; pins: ReadonlyArray<PinAt> }) =>
      ask(
        api.PUT('/api/photos/{id}/faces/{faceId}', {
          params: { path: { id: photoId, faceId }, header: seen(versionOf(faceId)) },
          body: { pins: pins.map(({ anchor, x, y }) => ({ anchor, x, y })) },
        }),
      ),
    onSuccess: (face) =>
      client.setQueryData<FacesOnPhoto>(key, (all) => all && { ...all, ...withFace(all, face) }),
    onError: again,
  });
  const takeOff = useMutation({
    scope: { id: photoId },
    mutationFn: (faceId: string) =>
      ask(
        api.DELETE('/api/photos/{id}/faces/{faceId}', {
          params: { path: { id: photoId, faceId }, header: seen(versionOf(faceId)) },
        }),
        true,
      ),
    onSettled: again,
  });
  return { faces, put, takeOff };
}

function withFace(all: FacesOnPhoto, face: FaceOnPhoto): Pick<FacesOnPhoto, 'faces' | 'others'> {
  const known = all.faces.some((f) => f.faceId === face.faceId);
  return {
    faces: known
      ? all.faces.map((f) => (f.faceId === face.faceId ? face : f))
      : [...all.faces, face],
    others: all.others.filter((o) => o.faceId !== face.faceId),
  };
}
