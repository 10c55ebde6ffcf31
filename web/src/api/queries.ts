import { skipToken, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { LogAsked } from '../logbook/asked';
import { api, ask, type LedgerView, type StudioView, type Trouble } from './client';
import { type CutsSoFar, designByDesign } from './designByDesign';
import { fewAtATime } from './fewAtATime';
import { allButStudio, keys, LINES_AT_FIRST } from './keys';

/** Everything that shows a length is asked again when the studio's tape changes. */
export function useStudio() {
  return useQuery({
    queryKey: keys.studio(),
    queryFn: () => ask(api.GET('/api/studio')),
    staleTime: Number.POSITIVE_INFINITY,
  });
}

const OTHER_TAPE = { INCH: 'MM_1', MM: 'INCH_16', CM: 'INCH_16' } as const;

export function useSwitchUnits() {
  const client = useQueryClient();
  const studio = useStudio().data;
  const change = useMutation({
    mutationFn: (division: StudioView['tape']['division']) =>
      ask(api.PUT('/api/studio/tape', { body: { division } })),
    onSuccess: (now) => {
      client.setQueryData(keys.studio(), now);
      // not waited for: who switches back at once is not to be kept until all has come anew
      void allButStudio(client);
    },
  });
  return () => {
    if (studio && !change.isPending) {
      change.mutate(OTHER_TAPE[studio.tape.unit]);
    }
  };
}

export function usePieces(archived: boolean, find: string) {
  return useQuery({
    queryKey: keys.pieces(archived, find),
    queryFn: () => ask(api.GET('/api/pieces', { params: { query: { archived, find } } })),
    placeholderData: (before) => before,
  });
}

/** As many as a small server has hands. */
const cardInTurn = fewAtATime(2);

/** What a piece comes to on the home page; asked once somebody is about to see it. */
export function useCard(id: string, seen: boolean) {
  return useQuery({
    queryKey: keys.card(id),
    enabled: seen,
    queryFn: () =>
      cardInTurn(() => ask(api.GET('/api/pieces/{id}/card', { params: { path: { id } } }))),
  });
}

/** The forms a piece can start from, and the kinds of outline: the same as long as units are. */
export function useForms() {
  return useQuery({
    queryKey: keys.forms(),
    queryFn: () => ask(api.GET('/api/forms')),
    staleTime: Number.POSITIVE_INFINITY,
  });
}

export function usePhotos(pieceId: string) {
  return useQuery({
    queryKey: keys.photos(pieceId),
    queryFn: () => ask(api.GET('/api/pieces/{id}/photos', { params: { path: { id: pieceId } } })),
  });
}

export function useFold(pieceId: string, version: number) {
  return useQuery({
    queryKey: keys.fold(pieceId, version),
    queryFn: () => ask(api.GET('/api/pieces/{id}/fold', { params: { path: { id: pieceId } } })),
    placeholderData: (before) => before,
  });
}

export function useStencils() {
  return useQuery({
    queryKey: keys.stencils(),
    queryFn: () => ask(api.GET('/api/stencils')),
    staleTime: 60_000,
  });
}

/** Designs of some kinds by name, for choosing one. */
export function useDesignsOf(kinds: ReadonlyArray<string>) {
  return useQuery({
    queryKey: keys.shelf({ designsOf: kinds }),
    queryFn: async () => {
      const cards = await ask(
        api.GET('/api/shelf', {
          params: { query: { kinds: kinds as never } },
          querySerializer: { array: { style: 'form', explode: false } },
        }),
      );
      const known = new Map<string, string>();
      for (const card of cards) {
        if (card.designId !== undefined && !known.has(card.designId)) {
          known.set(card.designId, card.name);
        }
      }
      return [...known].map(([id, name]) => ({ id, name }));
    },
  });
}

export function usePots() {
  return useQuery({ queryKey: keys.pots(), queryFn: () => ask(api.GET('/api/pots')) });
}

export function useRoute(pieceId: string, version: number) {
  return useQuery({
    queryKey: keys.route(pieceId, version),
    queryFn: () => ask(api.GET('/api/pieces/{id}/route', { params: { path: { id: pieceId } } })),
    placeholderData: (before) => before,
  });
}

export type TrialWish = {
  readonly kinds: ReadonlyArray<string>;
  readonly words: string;
  readonly from: number;
};

export function useTrials(pieceId: string, faceId: string, version: number, wish: TrialWish) {
  return useQuery({
    queryKey: keys.trials(pieceId, faceId, version, wish),
    queryFn: () =>
      ask(
        api.GET('/api/pieces/{id}/faces/{faceId}/trials', {
          params: {
            path: { id: pieceId, faceId },
            query: { kinds: wish.kinds as never, words: wish.words, from: wish.from },
          },
          querySerializer: { array: { style: 'form', explode: false } },
        }),
      ),
    placeholderData: (before) => before,
  });
}

export function useCoats(pieceId: string, version: number) {
  return useQuery({
    queryKey: keys.coats(pieceId, version),
    queryFn: () => ask(api.GET('/api/pieces/{id}/coats', { params: { path: { id: pieceId } } })),
    placeholderData: (before) => before,
  });
}

export function useOrder(pieceId: string, version: number) {
  return useQuery({
    queryKey: keys.order(pieceId, version),
    queryFn: () => ask(api.GET('/api/pieces/{id}/order', { params: { path: { id: pieceId } } })),
    placeholderData: (before) => before,
  });
}

export function useWork(pieceId: string, version: number, step: string | undefined) {
  return useQuery({
    queryKey: keys.work(pieceId, version, step ?? null),
    queryFn: () =>
      ask(
        api.GET('/api/pieces/{id}/work', {
          params: { path: { id: pieceId }, query: step === undefined ? {} : { step } },
        }),
      ),
    placeholderData: (before) => before,
  });
}

/** Every step that is left: kept for when the server is away. */
export function useAhead(pieceId: string, version: number) {
  return useQuery({
    queryKey: keys.ahead(pieceId, version),
    queryFn: () =>
      ask(api.GET('/api/pieces/{id}/work/ahead', { params: { path: { id: pieceId } } })),
    placeholderData: (before) => before,
  });
}

/** What each remedy for something that went wrong takes; asked for once that is told. */
export function useHelp(
  pieceId: string,
  version: number,
  step: string,
  trouble: Trouble | undefined,
  share: number,
) {
  return useQuery({
    queryKey: keys.help(pieceId, version, step, trouble ?? null, share),
    queryFn: () =>
      ask(
        api.GET('/api/pieces/{id}/work/remedies', {
          params: { path: { id: pieceId }, query: { step, trouble: trouble as Trouble, share } },
        }),
      ),
    enabled: trouble !== undefined,
    placeholderData: (before) => before,
    retry: false,
  });
}

export function useLogbook(asked: LogAsked) {
  const query = {
    find: asked.find,
    ...(asked.piece === undefined ? {} : { piece: asked.piece }),
    ...(asked.until === undefined ? {} : { until: asked.until }),
  };
  return useQuery({
    queryKey: keys.logbook(query),
    queryFn: () => ask(api.GET('/api/logbook', { params: { query } })),
    placeholderData: (before) => before,
  });
}

export function useMoney(pieceId: string, version: number) {
  return useQuery({
    queryKey: keys.money(pieceId, version),
    queryFn: () => ask(api.GET('/api/pieces/{id}/money', { params: { path: { id: pieceId } } })),
    placeholderData: (before) => before,
  });
}

export function useCheaper(pieceId: string, version: number, wanted: boolean) {
  return useQuery({
    queryKey: keys.cheaper(pieceId, version),
    queryFn: () =>
      ask(api.GET('/api/pieces/{id}/money/cheaper', { params: { path: { id: pieceId } } })),
    enabled: wanted,
  });
}

export function useOwnOnly(pieceId: string, version: number, wanted: boolean) {
  return useQuery({
    queryKey: keys.ownOnly(pieceId, version),
    queryFn: () =>
      ask(api.GET('/api/pieces/{id}/money/own-only', { params: { path: { id: pieceId } } })),
    enabled: wanted,
  });
}

export function useAfterwards(pieceId: string, version: number) {
  return useQuery({
    queryKey: keys.afterwards(pieceId, version),
    queryFn: () =>
      ask(api.GET('/api/pieces/{id}/afterwards', { params: { path: { id: pieceId } } })),
    placeholderData: (before) => before,
  });
}

export function useLearned() {
  return useQuery({
    queryKey: keys.learned(),
    queryFn: () => ask(api.GET('/api/learned')),
  });
}

export function useOtherwise(pieceId: string, version: number) {
  return useQuery({
    queryKey: keys.otherwise(pieceId, version),
    queryFn: () =>
      ask(api.GET('/api/pieces/{id}/order/otherwise', { params: { path: { id: pieceId } } })),
    placeholderData: (before) => before,
  });
}

export function useWhatNow(pieceId: string, version: number, minutes: number) {
  return useQuery({
    queryKey: keys.whatNow(pieceId, version, minutes),
    queryFn: () =>
      ask(
        api.GET('/api/pieces/{id}/order/now', {
          params: { path: { id: pieceId }, query: { minutes } },
        }),
      ),
    placeholderData: (before) => before,
  });
}

/** Seven days at the bench over all pieces; from today on where none is told. */
export function useWeek(from: string | null) {
  return useQuery({
    queryKey: keys.week(from),
    queryFn: () => ask(api.GET('/api/week', { params: { query: from === null ? {} : { from } } })),
    placeholderData: (before) => before,
  });
}

/** What is next on each piece, all of them woven together. */
export function useNexts() {
  return useQuery({ queryKey: keys.nexts(), queryFn: () => ask(api.GET('/api/week/next')) });
}

/** Sensors for warmth and damp, and what they read now. */
export function useSensors() {
  return useQuery({
    queryKey: keys.sensors(),
    queryFn: () => ask(api.GET('/api/sensors')),
    // what they read changes by itself
    staleTime: 0,
  });
}

/** Who works when, and how warm and damp it is. */
export function useBench() {
  return useQuery({ queryKey: keys.bench(), queryFn: () => ask(api.GET('/api/bench')) });
}

export function useHabits() {
  return useQuery({ queryKey: keys.habits(), queryFn: () => ask(api.GET('/api/habits')) });
}

export function useGather(pieceId: string, version: number) {
  return useQuery({
    queryKey: keys.gather(pieceId, version),
    queryFn: () => ask(api.GET('/api/pieces/{id}/gather', { params: { path: { id: pieceId } } })),
    placeholderData: (before) => before,
  });
}

/** Asked for design by design, so that it can be told how far it is. */
export function useCuts(pieceId: string, version: number, together: ReadonlyArray<string>) {
  const client = useQueryClient();
  const query = { with: [...together] };
  return useQuery({
    queryKey: keys.cuts(pieceId, version, together),
    queryFn: ({ signal }) =>
      designByDesign(
        () => {
          const params = { path: { id: pieceId }, query };
          return ask(api.GET('/api/pieces/{id}/cuts/ahead', { params, signal }));
        },
        (designId) => {
          const params = { path: { id: pieceId, designId }, query };
          return ask(api.GET('/api/pieces/{id}/cuts/{designId}', { params, signal }));
        },
        (so) => client.setQueryData(keys.cutsSoFar(pieceId, version, together), so),
      ),
    placeholderData: (before) => before,
  });
}

/** What of it is worked out while it is not all of it. */
export function useCutsSoFar(pieceId: string, version: number, together: ReadonlyArray<string>) {
  return useQuery<CutsSoFar>({
    queryKey: keys.cutsSoFar(pieceId, version, together),
    queryFn: skipToken,
  }).data;
}

/** What would make too few sheets enough, or take fewer of them. */
export function useRemedies(
  pieceId: string,
  version: number,
  designId: string,
  together: ReadonlyArray<string>,
  enabled: boolean,
) {
  return useQuery({
    queryKey: keys.remedies(pieceId, version, designId, together),
    enabled,
    queryFn: () =>
      ask(
        api.GET('/api/pieces/{id}/cuts/{designId}/remedies', {
          params: { path: { id: pieceId, designId }, query: { with: [...together] } },
        }),
      ),
  });
}

/** What would mend a finding on a lay. */
export function useMends(
  pieceId: string,
  version: number,
  lay: { readonly faceId: string; readonly id: string },
  rule: string,
) {
  return useQuery({
    queryKey: keys.mends(pieceId, version, lay.faceId, lay.id, rule),
    queryFn: () =>
      ask(
        api.GET('/api/pieces/{id}/faces/{faceId}/lays/{layId}/mends/{rule}', {
          params: { path: { id: pieceId, faceId: lay.faceId, layId: lay.id, rule } },
        }),
      ),
  });
}

export type Paper = 'A4' | 'LETTER';

export function usePrints(pieceId: string, version: number, paper: Paper) {
  return useQuery({
    queryKey: keys.prints(pieceId, version, paper),
    queryFn: () =>
      ask(
        api.GET('/api/pieces/{id}/prints', { params: { path: { id: pieceId }, query: { paper } } }),
      ),
    placeholderData: (before) => before,
  });
}

export function useCutter() {
  return useQuery({ queryKey: keys.cutter(), queryFn: () => ask(api.GET('/api/cutter')) });
}

export function useCuttable(pieceId: string, version: number) {
  return useQuery({
    queryKey: keys.cuttable(pieceId, version),
    queryFn: () => ask(api.GET('/api/pieces/{id}/mats', { params: { path: { id: pieceId } } })),
    placeholderData: (before) => before,
  });
}

export type MatWish = { matWidthMm: number; matLengthMm: number; weeding: boolean };

export function useMats(pieceId: string, version: number, layId: string, wish: MatWish) {
  return useQuery({
    queryKey: keys.mats(pieceId, version, layId, wish),
    queryFn: () =>
      ask(
        api.GET('/api/pieces/{id}/lays/{layId}/mats', {
          params: { path: { id: pieceId, layId }, query: wish },
        }),
      ),
    placeholderData: (before) => before,
  });
}

/** How a file that was sent to the cutter was cut. */
export function useCutRun(jobId: string | null) {
  return useQuery({
    queryKey: keys.cutRun(jobId),
    enabled: jobId !== null,
    queryFn: () =>
      ask(api.GET('/api/cutter/cuts/{jobId}', { params: { path: { jobId: jobId ?? '' } } })),
  });
}

/**
 * A stock and what happened to it.
 *
 * @param lines of its ledger; what is told already stays there while older ones come
 */
export function useLedger(holdingId: string | null, lines = LINES_AT_FIRST) {
  return useQuery({
    queryKey: keys.ledger(holdingId, lines),
    enabled: holdingId !== null,
    placeholderData: (before: LedgerView | undefined) =>
      before?.holding.id === holdingId ? before : undefined,
    queryFn: () =>
      ask(
        api.GET('/api/holdings/{id}', {
          params: { path: { id: holdingId ?? '' }, query: { entries: lines } },
        }),
      ),
  });
}
