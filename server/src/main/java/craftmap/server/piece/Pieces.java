package craftmap.server.piece;

import static craftmap.core.measure.Figure.count;
import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.coats.Coats;
import craftmap.core.finding.FindingRule;
import craftmap.core.finding.Mend;
import craftmap.core.finding.Mends;
import craftmap.core.form.FormNote;
import craftmap.core.log.Learned;
import craftmap.core.measure.Figure;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plan.Lay;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.Ordering;
import craftmap.core.plan.Plan;
import craftmap.core.plan.PlanFace;
import craftmap.core.plan.Shelf;
import craftmap.core.plan.coats.CoatsReader;
import craftmap.core.plan.coats.CoatsReading;
import craftmap.core.plan.edit.Edited;
import craftmap.core.plan.edit.Editing;
import craftmap.core.plan.edit.PlanEdit;
import craftmap.core.plan.edit.Subject;
import craftmap.core.plan.edit.Told;
import craftmap.core.plan.edit.Touched;
import craftmap.core.plan.reading.PlanReading;
import craftmap.core.surface.Face;
import craftmap.server.changes.Changes;
import craftmap.server.changes.Thing;
import craftmap.server.learning.Learning;
import craftmap.server.piece.document.PlanJson;
import craftmap.server.piece.edit.ChangeDoc;
import craftmap.server.piece.edit.ToldWords;
import craftmap.server.shelf.ShelfService;
import craftmap.server.studio.Studio;
import craftmap.server.studio.WhoDoesIt;
import craftmap.server.writing.Clash;
import craftmap.server.writing.Guarded;
import craftmap.server.writing.Solves;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Keeps pieces: saves with a version, goes back and forth in their history. */
@Service
@Transactional(readOnly = true)
public class Pieces {
  private static final int LONGEST_SUMMARY = 200;
  private static final int LONGEST_GESTURE = 60;
  private static final int LONGEST_CHANGE_ID = 36;
  private static final int MOST_STEPS = 200;
  private static final Duration PRACTICE_LASTS = Duration.ofDays(1);

  private final PieceRows pieces;
  private final EntryRows entries;
  private final ShelfService shelf;
  private final Learning learning;
  private final PlanJson json;
  private final Readings readings = new Readings();
  private final PlansLately plans = new PlansLately();
  private final Clock clock;
  private final ApplicationEventPublisher events;
  private final Changes changes;
  private final WhoDoesIt who;
  private final Moves moves;

  Pieces(
      PieceRows pieces,
      EntryRows entries,
      ShelfService shelf,
      Learning learning,
      JsonMapper json,
      Clock clock,
      ApplicationEventPublisher events,
      Changes changes,
      WhoDoesIt who,
      Moves moves) {
    this.who = who;
    this.moves = moves;
    this.changes = changes;
    this.pieces = pieces;
    this.entries = entries;
    this.shelf = shelf;
    this.learning = learning;
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

  /** The plan alone. */
  Plan plan(Studio studio, String id) {
    PieceRow piece = row(studio, id);
    return plan(piece);
  }

  private Plan plan(PieceRow piece) {
    return plans.of(
        piece,
        () -> json.read(entries.document(piece.studioId(), piece.id(), piece.currentEntryId())));
  }

  public SavedPlan get(Studio studio, String id) {
    return saved(row(studio, id));
  }

  /** What the core makes of a plan, with this studio's shelf and tape. */
  @Solves
  public PlanReading read(Studio studio, Plan plan) {
    // lays know nothing of coats: a plan whose coats alone are others comes to the same
    Plan laid = plan.with(Coats.NONE).with(Ordering.NONE);
    Learned learned = learned(studio, plan);
    return readings.of(
        new Readings.Question(studio.id(), studio.tape(), shelf.stamp(studio.id()), learned, laid),
        () -> readings.reader(shelf.asPlansSeeIt(studio.id(), learned), studio.tape()).read(laid));
  }

  /** What the bench had taught when a plan was begun; of one that is not, what it has taught. */
  public Learned learned(Studio studio, Plan plan) {
    return learning.of(studio.id(), plan.order().begun());
  }

  /** What the coats of a plan come to. */
  @Solves
  public CoatsReading coats(Studio studio, Plan plan) {
    Plan coated = plan.with(Ordering.NONE);
    Learned learned = learned(studio, plan);
    return readings.coats(
        new Readings.Question(
            studio.id(), studio.tape(), shelf.coatStamp(studio.id()), learned, coated),
        () -> CoatsReader.read(coated, read(studio, plan), shelf.coatShelf(studio.id(), learned)));
  }

  /** What the core makes of one lay on one of its faces, without looking at the rest. */
  @Solves
  public ReadLay readLay(Studio studio, Plan plan, String layId, Optional<String> onFace) {
    return readLay(editing(studio, plan), plan, layId, onFace);
  }

  /** The same as it would be with some edits made first. */
  @Solves
  public ReadLay readLay(
      Studio studio, Plan plan, List<PlanEdit> edits, String layId, Optional<String> onFace) {
    Editing editing = editing(studio, plan);
    return readLay(editing, PlanEdit.all(plan, edits, editing).plan(), layId, onFace);
  }

  private static ReadLay readLay(
      Editing editing, Plan plan, String layId, Optional<String> onFace) {
    Lay lay =
        plan.lay(layId)
            .orElseThrow(
                () ->
                    new RefusedInput(
                        "lay", given(layId), said("is-not-in-this-plan"), said("one-of-its-lays")));
    String faceId = onFace.orElse(lay.faceId());
    List<PlanFace> faces = plan.faces();
    Face face =
        faces.stream()
            .map(PlanFace::face)
            .filter(f -> f.id().equals(faceId) && lay.isOn(faceId))
            .findFirst()
            .orElseThrow(
                () ->
                    new RefusedInput(
                        "face",
                        given(faceId),
                        said("is-not-on-this-piece-now"),
                        said("one-of-the-lays-faces")));
    LayReading reading =
        editing
            .reader()
            .of(lay, plan, faceId)
            .orElseThrow(
                () ->
                    new RefusedInput(
                        "face", given(faceId), said("is-not-shown"), said("a-face-that-is-shown")));
    return new ReadLay(faces, face, reading, plan.forSale());
  }

  /** A lay worked out, and the face it lies on. */
  public record ReadLay(List<PlanFace> faces, Face face, LayReading reading, boolean forSale) {}

  /** What a plan would be with some edits made; nothing is saved. */
  @Solves
  public Edited edited(Studio studio, Plan plan, List<PlanEdit> edits) {
    return PlanEdit.all(plan, edits, editing(studio, plan));
  }

  /** What would mend a finding on a lay. */
  @Solves
  public List<Mend> mends(Studio studio, Plan plan, ReadLay of, FindingRule rule) {
    return Mends.of(
        plan, of.reading().lay(), of.face(), rule, studio.tape(), editing(studio, plan));
  }

  private Editing editing(Studio studio, Plan of) {
    Shelf owned = shelf.asPlansSeeIt(studio.id(), learned(studio, of));
    return new Editing(
        owned,
        readings.reader(owned, studio.tape()),
        plan -> read(studio, plan),
        () -> shelf.potsAtHand(studio.id()),
        () -> UUID.randomUUID().toString(),
        ToldWords.NAMES);
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
    move(studio, piece.id(), piece.version(), entry.id());
    return told(studio, get(studio, piece.id()));
  }

  /**
   * What is done to a plan in one step.
   *
   * @param id what whoever does it calls it: sent again it is not done again
   * @param gesture changes of one gesture, such as a drag, become one step of the history
   */
  public record Change(List<PlanEdit> edits, Optional<String> id, Optional<String> gesture) {
    public Change {
      edits = List.copyOf(edits);
      id.ifPresent(i -> checkLength(said("id-of-the-change"), i, LONGEST_CHANGE_ID));
      gesture.ifPresent(g -> checkLength(said("gesture"), g, LONGEST_GESTURE));
    }

    /** As it was sent. */
    public static Change of(ChangeDoc sent) {
      return new Change(
          ChangeDoc.edits(sent.edits()),
          Optional.ofNullable(sent.id()),
          Optional.ofNullable(sent.gesture()));
    }
  }

  /**
   * Makes a change on top of the version that it was meant for, once. Where others have made theirs
   * since, it is made on top of those, if nothing of it has anything in common with them; what a
   * change proposes anew, such as how a design is laid, follows from the plan as it stands by then.
   *
   * @throws Clash where it has, with both sides
   */
  @Guarded
  public EditedPiece edit(Studio studio, String id, long version, Change change) {
    hold(studio, id);
    SavedPlan now = get(studio, id);
    boolean wasMade =
        now.version() != version
            && change.id().filter(c -> entries.existsByPieceIdAndChangeId(id, c)).isPresent();
    if (wasMade) {
      return new EditedPiece(now, Edited.Focus.NONE);
    }
    Edited edited =
        now.version() == version
            ? edited(studio, now.plan(), change.edits())
            : onTopOf(studio, now, version, change.edits());
    EntryRow.Done done = new EntryRow.Done.ByCode(edited.told(), change.id());
    return new EditedPiece(
        save(studio, now, now.version(), edited.plan(), done, change.gesture()), edited.focus());
  }

  private Edited onTopOf(Studio studio, SavedPlan now, long version, List<PlanEdit> edits) {
    Moves.Since since = moves.since(studio, now, version);
    UnaryOperator<String> called =
        designId -> shelf.design(studio.id(), designId).map(d -> d.design().name()).orElse("");
    Touched theirs =
        since.touched().orElseThrow(() -> moves.clash(studio, now, since, Set.of(), called));
    Edited edited;
    try {
      edited = edited(studio, now.plan(), edits);
    } catch (RefusedInput refused) {
      if (theirs.gone().isEmpty()) {
        throw refused;
      }
      // it may be refused only because something was taken away
      throw moves.clash(studio, now, since, theirs.gone(), called);
    }
    Set<Subject> common = Moves.inCommon(edits, now.plan(), edited.plan(), theirs);
    if (!common.isEmpty()) {
      throw moves.clash(studio, now, since, common, called);
    }
    return edited;
  }

  /** A piece as it is after an edit, and what to look at now. */
  public record EditedPiece(SavedPlan piece, Edited.Focus focus) {}

  /** Puts a whole plan in the place of the version it was made from. */
  @Guarded
  public SavedPlan replace(
      Studio studio, String id, long version, Plan plan, String summary, Optional<String> gesture) {
    checkLength(said("summary"), summary, LONGEST_SUMMARY);
    gesture.ifPresent(g -> checkLength(said("gesture"), g, LONGEST_GESTURE));
    hold(studio, id);
    SavedPlan now = get(studio, id);
    return save(studio, now, version, plan, new EntryRow.Done.InWords(summary), gesture);
  }

  /** Keeps another plan of a piece that is held, where it stands as it was seen. */
  private SavedPlan save(
      Studio studio,
      SavedPlan now,
      long version,
      Plan plan,
      EntryRow.Done done,
      Optional<String> gesture) {
    if (now.version() != version) {
      throw clash(studio, now, version);
    }
    if (plan.equals(now.plan())) {
      return now;
    }
    PieceRow piece = row(studio, now.id());
    EntryRow current = entries.findByPieceIdAndId(piece.id(), piece.currentEntryId()).orElseThrow();
    String text = json.write(plan);
    boolean goesOn =
        gesture.isPresent()
            && gesture.get().equals(current.gesture())
            && who.person().equals(current.madeBy())
            && !entries.existsByParentId(current.id());
    EntryRow entry;
    if (goesOn) {
      current.goesOn(text, done, clock.instant(), who.person());
      entry = current;
    } else {
      entry =
          entries.save(
              new EntryRow(
                  piece,
                  current.id(),
                  version + 1,
                  text,
                  done,
                  gesture.orElse(null),
                  clock.instant(),
                  who.person()));
    }
    return moved(studio, now, MoveRow.Way.MADE, entry.id(), entry.id());
  }

  /** Has another entry be the plan, and writes down how that came about. */
  private SavedPlan moved(
      Studio studio, SavedPlan before, MoveRow.Way way, long about, long entryId) {
    move(studio, before.id(), before.version(), entryId);
    SavedPlan now = get(studio, before.id());
    moves.note(studio, before, now, way, about);
    return told(studio, now);
  }

  /**
   * A change of a plan, or a step back or forth among them.
   *
   * @param madeAs the version of the plan that it made
   * @param by who made it; empty where nobody said
   * @param isNow whether the plan stands as it was made by this change
   * @param wentThere whether it was a step back or forth, and no change by itself
   */
  public record Step(
      long madeAs, String summary, Instant at, String by, boolean isNow, boolean wentThere) {}

  /** The latest changes of a piece, newest first; also those that were gone back behind. */
  public List<Step> history(Studio studio, String id) {
    Long now = row(studio, id).currentEntryId();
    Stream<Step> made =
        entries.latest(studio.id(), id, Limit.of(MOST_STEPS)).stream()
            .map(
                e ->
                    new Step(
                        e.madeAs(), e.said(), e.madeAt(), e.madeBy(), e.id().equals(now), false));
    return Stream.concat(made, moves.stepsOf(studio, id))
        .sorted(Comparator.comparing(Step::madeAs).reversed())
        .limit(MOST_STEPS)
        .toList();
  }

  /** Goes one step back; at the beginning of the history it stays. */
  @Guarded
  public SavedPlan undo(Studio studio, String id, long version) {
    hold(studio, id);
    SavedPlan now = standing(studio, id, version);
    EntryOf current = at(row(studio, id));
    return current.isFirst()
        ? now
        : moved(studio, now, MoveRow.Way.UNDONE, current.id(), current.parentId());
  }

  /** Goes one step forward again, along the youngest branch; at its end it stays. */
  @Guarded
  public SavedPlan redo(Studio studio, String id, long version) {
    hold(studio, id);
    SavedPlan now = standing(studio, id, version);
    return next(row(studio, id))
        .map(next -> moved(studio, now, MoveRow.Way.REDONE, next.id(), next.id()))
        .orElse(now);
  }

  /** A piece where it stands as it was seen: steps in its history are steps of what was seen. */
  private SavedPlan standing(Studio studio, String id, long version) {
    SavedPlan now = get(studio, id);
    if (now.version() != version) {
      throw clash(studio, now, version);
    }
    return now;
  }

  /** Lets others know, within the same transaction, that a piece has another plan now. */
  private SavedPlan told(Studio studio, SavedPlan now) {
    changes.tell(studio.id(), Thing.PIECE, now.id());
    events.publishEvent(new PlanMoved(studio, now));
    return now;
  }

  private void move(Studio studio, String id, long version, Long entryId) {
    if (pieces.move(studio.id(), id, version, entryId) != 1) {
      throw clash(studio, get(studio, id), version);
    }
  }

  private Clash clash(Studio studio, SavedPlan now, long version) {
    return moves.clash(studio, now, moves.since(studio, now, version), Set.of(), id -> id);
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

  private EntryOf at(PieceRow piece) {
    return entries.of(piece.studioId(), piece.id(), piece.currentEntryId()).orElseThrow();
  }

  private Optional<EntryOf> next(PieceRow piece) {
    return entries.next(piece.studioId(), piece.id(), piece.currentEntryId());
  }

  private static Map<String, EntryOf> byPiece(List<EntryOf> all) {
    return all.stream().collect(Collectors.toMap(EntryOf::pieceId, e -> e));
  }

  private PieceRow row(Studio studio, String id) {
    return pieces.findByStudioIdAndId(studio.id(), id).orElseThrow(() -> missing(id));
  }

  private static NoSuchElementException missing(String id) {
    return new NoSuchElementException("There is no piece " + id + ".");
  }

  private static void checkLength(Figure field, String text, int most) {
    if (text == null || text.isBlank() || text.length() > most) {
      throw new RefusedInput(
          field,
          text == null || text.isBlank() ? said("empty") : said("characters", count(text.length())),
          said("is-not-accepted"),
          said("1-to-characters", given(most)));
    }
  }
}
