import createClient, { type Middleware } from 'openapi-fetch';
import type { components, paths } from './schema';
import { windowId } from './window';

type Schemas = components['schemas'];
export type WalkStop = Schemas['WalkStop'];
export type PieceView = Schemas['PieceView'];
export type CoatsView = Schemas['CoatsView'];
export type MixesView = Schemas['MixesView'];
export type CoatGroup = Schemas['GroupView'];
export type CoatBand = Schemas['BandView'];
export type CoatFinding = Schemas['FindingView'];
export type GroundChoice = Schemas['GroundChoiceView'];
export type CoatPlace = Schemas['CoatPlaceView'];
export type CoatWish = Schemas['CoatWishDoc'];
export type CoatWishes = Schemas['WishesDoc'];
export type CoatWhere = Schemas['WhereDoc'];
export type CoatProduct = Schemas['ProductDoc'];
export type Habits = Schemas['HabitsDoc'];
export type Drawn = Schemas['Drawn'];
export type PieceCard = Schemas['PieceCard'];
export type PieceLine = Schemas['PieceLine'];
export type PlanDocument = Schemas['PlanDocument'];
export type FaceDoc = Schemas['FaceDoc'];
export type LayDoc = Schemas['LayDoc'];
export type RuleDoc = Schemas['RuleDoc'];
export type Reading = Schemas['ReadingView'];
export type FaceView = Schemas['FaceView'];
export type LayView = Schemas['LayView'];
export type HandleView = Schemas['HandleView'];
export type ArtView = Schemas['ArtView'];
export type OptionItems = Schemas['OptionItems'];
export type PlanEdit = Schemas['PlanEdit'];
export type EditedPiece = Schemas['EditedView'];
export type OrderView = Schemas['OrderView'];
export type WorkView = Schemas['WorkView'];
export type BenchStep = Schemas['BenchStepView'];
export type TroubleView = Schemas['TroubleView'];
export type Trouble = TroubleView['trouble'];
export type Telling = Schemas['Telling'];
export type LogbookView = Schemas['LogbookView'];
export type MoneyView = Schemas['MoneyView'];
export type Purse = Schemas['PurseDoc'];
export type Rates = Schemas['RatesDoc'];
export type AfterwardsView = Schemas['AfterwardsView'];
export type ComparedRow = Schemas['ComparedRow'];
export type LearnedView = Schemas['LearnedView'];
export type LearnedFigure = Schemas['LearnedFigureView'];
export type LogLine = Schemas['LogLineView'];
export type OrderRow = Schemas['RowView'];
export type OrderStep = Schemas['StepView'];
export type WeekView = Schemas['WeekView'];
export type NextOfPiece = Schemas['WeekPieceView'];
export type WeekDay = Schemas['WeekDayView'];
export type Stint = Schemas['StintView'];
export type BeginsAnswer = Schemas['BeginsView'];
export type OwnStepDoc = Schemas['OwnStepDoc'];
export type WhatIf = Schemas['WhatIfView'];
export type BenchView = Schemas['BenchView'];
export type BenchDoc = Schemas['BenchDoc'];
export type CoatsEdited = Schemas['CoatsEditedView'];
export type HoleDoc = Schemas['HoleDoc'];
export type BreakDoc = Schemas['BreakDoc'];
export type BlemishDoc = Schemas['BlemishDoc'];
export type ZoneDoc = Schemas['ZoneDoc'];
export type LaidView = Schemas['LaidView'];
export type ItemView = Schemas['ItemView'];
export type CutSheet = Schemas['CutSheetView'];
export type DesignCut = Schemas['DesignCutView'];
export type CutsView = Schemas['CutsView'];
export type CutsAhead = Schemas['CutsAheadView'];
export type SheetCut = Schemas['SheetToCut'];
export type CutWish = Schemas['WishDoc'];
export type Remedy = Schemas['RemedyView'];
export type Job = Schemas['Job'];
export type MatsView = Schemas['MatsView'];
export type MatView = Schemas['MatView'];
export type CutRun = Schemas['RunView'];
export type PrintView = Schemas['PrintView'];
export type DesignNeed = Schemas['DesignNeedView'];
export type OptionView = Schemas['OptionView'];
export type MarkView = Schemas['MarkView'];
export type NoteView = Schemas['NoteView'];
export type FoundView = Schemas['FoundView'];
export type BoxView = Schemas['BoxView'];
export type CornerView = Schemas['CornerView'];
export type FieldView = Schemas['FieldView'];
export type OutlineDoc = Schemas['OutlineDoc'];
export type OutlineKind = OutlineDoc['kind'];
export type AreaDoc = Schemas['AreaDoc'];
export type KeepOutView = Schemas['KeepOutView'];
export type HoleView = Schemas['HoleView'];
export type BreakView = Schemas['BreakView'];
export type BlemishView = Schemas['BlemishView'];
export type ZoneView = Schemas['ZoneView'];
export type MarkFieldView = Schemas['MarkFieldView'];
export type FormKind = Schemas['FormDoc']['kind'];
export type FormChoice = Schemas['FormChoice'];
export type Finish = FaceDoc['finish'];
export type Exposure = FaceDoc['exposure'][number];
export type DesignKind = KeepOutDoc['forbids'][number];
export type PhotoView = Schemas['PhotoView'];
export type Stage = PhotoView['stage'];
export type FacesOnPhoto = Schemas['FacesOnPhotoView'];
export type FaceOnPhoto = Schemas['FaceOnPhotoView'];
export type Pin = Schemas['PinView'];
export type LinedUpPhotos = Schemas['LinedUpPhotos'];
export type FoldedFace = Schemas['FoldedFace'];
export type WhyView = Schemas['WhyView'];
export type Measure = Schemas['Measure'];
export type StencilView = Schemas['StencilView'];
export type TrialView = Schemas['TrialView'];
export type TrialsView = Schemas['TrialsView'];
export type PotView = Schemas['PotView'];
export type CardView = Schemas['CardView'];
export type DesignView = Schemas['DesignView'];
export type DesignGiven = Schemas['DesignGiven'];
export type DesignReading = Schemas['DesignReadingView'];
export type KindView = Schemas['KindView'];
export type ArtworkView = Schemas['ArtworkView'];
export type HoldingView = Schemas['HoldingView'];
export type EntryView = Schemas['EntryView'];
export type EntryKind = EntryView['kind'];
export type MediumView = Schemas['MediumView'];
export type GenericView = Schemas['GenericView'];
export type MediumGiven = Schemas['MediumGiven'];
export type MediumReading = Schemas['MediumReadingView'];
export type ToolView = Schemas['ToolView'];
export type JobView = Schemas['JobView'];
export type WayView = Schemas['WayView'];
export type Rights = NonNullable<CardView['rights']>;
export type MotifDoc = Schemas['MotifDoc'];
export type Answers = Schemas['Answers'];
export type SaleView = Schemas['SaleView'];
export type ShoppingView = Schemas['ShoppingView'];
export type ShoppingLine = Schemas['ShoppingLineView'];
export type BuyingView = Schemas['BuyingView'];
export type PotSplit = Schemas['PotSplitView'];
export type Supply = Schemas['SupplyView'];
export type GatherView = Schemas['GatherView'];
export type NeedView = Schemas['NeedView'];
export type UseView = Schemas['UseView'];
export type LedgerView = Schemas['LedgerView'];
export type RouteView = Schemas['RouteView'];
export type StudioView = Schemas['StudioView'];
export type SumView = Schemas['SumView'];
export type SketchView = Schemas['SketchView'];
export type MakeUp = FaceDoc['makeUp'];
export type KeepOutDoc = Schemas['KeepOutDoc'];
export type Me = Schemas['MeView'];
export type StudioRole = Me['role'];
export type PeopleView = Schemas['PeopleView'];
export type Member = Schemas['MemberView'];
export type GivenLink = Schemas['GivenLinkView'];
export type SignedInPlace = Schemas['SessionView'];
export type PairedDevice = Schemas['PairedDeviceView'];
export type Letters = Schemas['LettersView'];
export type Pairing = Schemas['PairingView'];
export type LooksView = Schemas['LooksView'];
export type Look = Schemas['LookView'];
export type GivenLook = Schemas['GivenLookView'];
export type ClientComment = Schemas['ClientCommentView'];
export type ShownPiece = Schemas['ShownPieceView'];
export type BackupHeld = Schemas['BackupHeldView'];
export type BackupMade = Schemas['BackupMadeView'];
export type ToldChanges = Schemas['ToldChanges'];
export type ToldPresence = Schemas['ToldPresence'];
export type OtherWindow = Schemas['ToldWindow'];
export type LengthKind = Schemas['LengthQuestion']['kind'];

/** What the other window did, when it saved first. */
export type Theirs = {
  readonly version: number;
  readonly savedAt: string;
  readonly changes: ReadonlyArray<string>;
  /** what both have changed; empty where it is one thing as a whole, or not known */
  readonly both: ReadonlyArray<string>;
};

/** An error as the server says it (problem+json), or that it said nothing at all. */
export class Problem extends Error {
  readonly status: number;
  readonly theirs: Theirs | undefined;

  constructor(status: number, detail: string, theirs?: Theirs) {
    super(detail);
    this.status = status;
    this.theirs = theirs;
  }

  /** The server could not be asked: nothing is wrong with what was sent. */
  get silent() {
    return this.status === 0;
  }

  /** Nobody is signed in here, or not any more: what was sent may be sent again afterwards. */
  get signedOut() {
    return this.status === 401;
  }
}

/** The version that was looked at before a change, as the server wants it back. */
export const seen = (version: number) => ({ 'If-Match': `"${version}"` });

/** The token that only our own pages can read; the server wants it back with every change. */
const sendToken: Middleware = {
  onRequest({ request }) {
    const token = document.cookie.match(/(?:^|; )XSRF-TOKEN=([^;]+)/)?.[1];
    if (token && request.method !== 'GET') {
      request.headers.set('X-XSRF-TOKEN', decodeURIComponent(token));
    }
    return request;
  },
};

const PERSON = 'craftmap.person';

/** Who works at this window, as the ledger notes it where nobody signs in. */
export const person = {
  get: () => localStorage.getItem(PERSON) ?? '',
  set: (name: string) => localStorage.setItem(PERSON, name.trim().slice(0, 40)),
};

const sayWho: Middleware = {
  onRequest({ request }) {
    if (request.method !== 'GET') {
      request.headers.set('X-Window', windowId);
    }
    if (person.get() && request.method !== 'GET') {
      request.headers.set('X-Person', encodeURIComponent(person.get()));
    }
    return request;
  },
};

let whenSignedOut: () => void = () => undefined;

/** Has somebody told, whatever was asked, when it turns out that nobody is signed in any more. */
export function onSignedOut(tell: () => void) {
  whenSignedOut = tell;
}

const noteSignedOut: Middleware = {
  onResponse({ response }) {
    if (response.status === 401) {
      whenSignedOut();
    }
    return undefined;
  },
};

export const api = createClient<paths>({ baseUrl: '' });
api.use(sendToken);
api.use(sayWho);
api.use(noteSignedOut);

type Answer<T> = { data?: T; error?: unknown; response: Response };

/** Sends a file as it is; the answer's JSON, or a {@link Problem} thrown. */
export async function upload<T>(path: string, file: Blob): Promise<T> {
  const token = document.cookie.match(/(?:^|; )XSRF-TOKEN=([^;]+)/)?.[1];
  let response: Response;
  try {
    response = await fetch(path, {
      method: 'POST',
      body: file,
      headers: {
        'Content-Type': 'application/octet-stream',
        'X-XSRF-TOKEN': decodeURIComponent(token ?? ''),
        'X-Window': windowId,
        'X-Person': encodeURIComponent(person.get()),
      },
    });
  } catch {
    throw new Problem(0, 'Craft Map does not answer. Is it still running?');
  }
  if (response.status === 401) {
    whenSignedOut();
  }
  const body = await response.json().catch(() => ({}));
  if (!response.ok) {
    throw new Problem(response.status, body.detail ?? `The server answered ${response.status}.`);
  }
  return body as T;
}

/**
 * The answer's data, or a {@link Problem} thrown.
 *
 * @param empty whether an answer without data is right
 */
export async function ask<T>(answer: Promise<Answer<T>>, empty = false): Promise<T> {
  let got: Answer<T>;
  try {
    got = await answer;
  } catch {
    throw new Problem(0, 'Craft Map does not answer. Is it still running?');
  }
  if (got.response.ok && (got.data !== undefined || empty)) {
    return got.data as T;
  }
  const said = (got.error ?? {}) as { detail?: string; theirs?: Theirs };
  throw new Problem(
    got.response.status,
    said.detail ?? `The server answered ${got.response.status}.`,
    said.theirs,
  );
}
