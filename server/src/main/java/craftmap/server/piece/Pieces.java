package craftmap.server.piece;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.form.FormNote;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plan.Plan;
import craftmap.core.plan.edit.Told;
import craftmap.server.changes.Changes;
import craftmap.server.changes.Thing;
import craftmap.server.piece.document.PlanJson;
import craftmap.server.piece.edit.ToldWords;
import craftmap.server.studio.Studio;
import craftmap.server.studio.WhoDoesIt;
import craftmap.server.writing.Guarded;
import craftmap.server.writing.Solves;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Keeps pieces, from when they are begun until they are put away and deleted. */
@Service
@Transactional(readOnly = true)
public class Pieces {
  private static final Duration PRACTICE_LASTS = Duration.ofDays(1);

  private final PieceRows pieces;
  private final EntryRows entries;
  private final PlanJson json;
  private final PlansLately plans = new PlansLately();
  private final Clock clock;
  private final ApplicationEventPublisher events;
  private final Changes changes;
  private final WhoDoesIt who;

  Pieces(
      PieceRows pieces,
      EntryRows entries,
      JsonMapper json,
      Clock clock,
      ApplicationEventPublisher events,
      Changes changes,
      WhoDoesIt who) {
    this.who = who;
    this.changes = changes;
    this.pieces = pieces;
    this.entries = entries;
    this.json = new PlanJson(json);
    this.clock = clock;
    this.events = events;
  }

  /** The studio's pieces, oldest first: those it works on, or those it put into the archive. */
  public List<SavedPlan> all(Studio studio, boolean archived) {
    Map<String, EntryOf> at = byPiece(entries.currents(studio.id()));
    Map<String, EntryOf> next = byPiece(entries.nexts(studio.id()));
    return pieces.findByStudioIdOrderByMadeAtAscIdAsc(studio.id()).stream()
        .filter(p -> p.isArchived() == archived && !p.isPractice())
        .map(p -> saved(p, at, next))
        .toList();
  }

  /**
   * Puts a piece into the archive, or takes it out again; its plan and history stay as they are.
   */
  @Guarded
  public SavedPlan archive(Studio studio, String id, boolean archived) {
    hold(studio, id);
    pieces.archive(studio.id(), id, archived ? clock.instant() : null);
    return told(studio, get(studio, id));
  }

  /**
   * Deletes a piece that was put away, with its history, its photos and what is kept for it. What
   * was booked for it stays in the ledger.
   */
  @Guarded
  public void delete(Studio studio, String id) {
    hold(studio, id);
    if (!row(studio, id).isArchived()) {
      throw new RefusedInput(
          "piece",
          given(get(studio, id).name()),
          said("is-being-worked-on"),
          said("one-that-was-put-away"));
    }
    forget(studio, id);
  }

  private void forget(Studio studio, String id) {
    events.publishEvent(new PieceGone(studio, id));
    pieces.forget(studio.id(), id);
    entries.letGo(studio.id(), id);
    entries.forget(studio.id(), id);
    pieces.delete(studio.id(), id);
    changes.tell(studio.id(), Thing.PIECE, id);
  }

  /**
   * Takes hold of a piece until this change ends. Whoever books for a piece, or changes what it
   * asks for, does so one after the other, and sees what was done before.
   */
  @Transactional
  public void hold(Studio studio, String id) {
    if (pieces.hold(studio.id(), id) != 1) {
      throw missing(id);
    }
  }

  /**
   * A piece that something is booked or learned for, held until this change ends. There is none for
   * a board that is only tried on: what one plays with there is in no pot and on no shelf.
   */
  @Transactional
  public SavedPlan held(Studio studio, String id) {
    hold(studio, id);
    SavedPlan piece = get(studio, id);
    if (piece.practice()) {
      throw new RefusedInput(
          "piece", given(piece.name()), said("is-only-tried-on"), said("one-that-is-kept"));
    }
    return piece;
  }

  /** Starts another piece with the same plan; what was done and booked stays with the first. */
  @Guarded
  public SavedPlan copy(Studio studio, String id) {
    Plan plan = get(studio, id).plan();
    String name = ToldWords.NAMES.copyOf(plan.name());
    int most = Plan.LONGEST_NAME;
    return start(
        studio,
        UUID.randomUUID().toString(),
        plan.named(name.length() > most ? name.substring(0, most) : name)
            .with(plan.order().notBegun()));
  }

  /** A plan read from a file of any age. */
  public Plan readPlan(JsonNode plan) {
    return json.read(plan);
  }

  /** The plan alone, which a drag asks for with every move: a version of it stays what it is. */
  @Solves
  Plan plan(Studio studio, String id) {
    return plan(row(studio, id));
  }

  private Plan plan(PieceRow piece) {
    return plans.of(
        piece,
        () ->
            entries
                .document(piece.studioId(), piece.id(), piece.currentEntryId())
                .map(json::read)
                // deleted since its row was read
                .orElseThrow(() -> missing(piece.id())));
  }

  public SavedPlan get(Studio studio, String id) {
    return saved(row(studio, id));
  }

  /** Starts a piece with nothing found on it yet. */
  @Guarded
  public SavedPlan start(Studio studio, String name, FormNote form) {
    Plan plan = Plan.begun(name, form);
    return start(
        studio, UUID.randomUUID().toString(), plan.with(plan.coats().with(studio.habits())));
  }

  /** Starts a piece from a whole plan, under an id of the caller's. */
  @Guarded
  public SavedPlan start(Studio studio, String id, Plan plan) {
    return start(studio, new PieceRow(id, studio.id(), clock.instant()), plan);
  }

  /**
   * Starts one to try things on: on nobody's list, nothing is kept for it, and whoever begins
   * another a day later throws it away.
   */
  @Guarded
  public SavedPlan startPractice(Studio studio, Plan plan) {
    Instant now = clock.instant();
    pieces
        .findByStudioIdAndPracticeTrueAndMadeAtBefore(studio.id(), now.minus(PRACTICE_LASTS))
        .stream()
        .map(PieceRow::id)
        // somebody may just have kept it, or thrown it away
        .filter(old -> pieces.holdPractice(studio.id(), old) == 1)
        .forEach(old -> forget(studio, old));
    String id = UUID.randomUUID().toString();
    return start(
        studio,
        PieceRow.toTryThingsOn(id, studio.id(), now),
        plan.with(plan.coats().with(studio.habits())));
  }

  private SavedPlan start(Studio studio, PieceRow fresh, Plan plan) {
    PieceRow piece = pieces.save(fresh);
    EntryRow entry =
        entries.save(
            new EntryRow(
                piece,
                null,
                piece.version() + 1,
                json.write(plan),
                new EntryRow.Done.ByCode(Told.of(Told.Code.STARTED), Optional.empty()),
                null,
                clock.instant(),
                who.person()));
    if (!move(studio, piece.id(), piece.version(), entry.id())) {
      throw new IllegalStateException("impossible state: a piece was changed before it was begun");
    }
    return told(studio, get(studio, piece.id()));
  }

  /** Lets others know, within the same transaction, that a piece has another plan now. */
  SavedPlan told(Studio studio, SavedPlan now) {
    changes.tell(studio.id(), Thing.PIECE, now.id());
    events.publishEvent(new PlanMoved(studio, now));
    return now;
  }

  /** Has an entry of a piece be its plan, where it stands as it was seen. */
  boolean move(Studio studio, String id, long version, Long entryId) {
    return pieces.move(studio.id(), id, version, entryId) == 1;
  }

  private SavedPlan saved(PieceRow piece) {
    return saved(piece, at(piece), next(piece));
  }

  /** One that was begun or saved while all were asked for is asked for by itself. */
  private SavedPlan saved(PieceRow piece, Map<String, EntryOf> at, Map<String, EntryOf> next) {
    EntryOf known = at.get(piece.id());
    if (known == null || !known.id().equals(piece.currentEntryId())) {
      return saved(piece);
    }
    return saved(
        piece,
        known,
        Optional.ofNullable(next.get(piece.id())).filter(n -> n.parentId().equals(known.id())));
  }

  private SavedPlan saved(PieceRow piece, EntryOf at, Optional<EntryOf> next) {
    return new SavedPlan(
        piece.id(),
        piece.version(),
        plan(piece),
        at.madeAt(),
        piece.isArchived(),
        piece.isPractice(),
        at.isFirst() ? Optional.empty() : Optional.of(at.saidTo(who.person())),
        next.map(n -> n.saidTo(who.person())));
  }

  EntryOf at(PieceRow piece) {
    return entries.of(piece.studioId(), piece.id(), piece.currentEntryId()).orElseThrow();
  }

  Optional<EntryOf> next(PieceRow piece) {
    return entries.next(piece.studioId(), piece.id(), piece.currentEntryId());
  }

  private static Map<String, EntryOf> byPiece(List<EntryOf> all) {
    return all.stream().collect(Collectors.toMap(EntryOf::pieceId, e -> e));
  }

  PieceRow row(Studio studio, String id) {
    return pieces.findByStudioIdAndId(studio.id(), id).orElseThrow(() -> missing(id));
  }

  private static NoSuchElementException missing(String id) {
    return new NoSuchElementException("There is no piece " + id + ".");
  }
}
