package craftmap.server.piece;

import craftmap.core.measure.RefusedInput;
import craftmap.core.plan.Lay;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.Plan;
import craftmap.core.plan.PlanFace;
import craftmap.core.plan.PlanReader;
import craftmap.core.plan.PlanReading;
import craftmap.core.surface.Face;
import craftmap.server.shelf.ShelfService;
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import craftmap.server.writing.Clash;
import craftmap.server.writing.Guarded;
import java.time.Clock;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
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

  private final PieceRows pieces;
  private final EntryRows entries;
  private final ShelfService shelf;
  private final PlanJson json;
  private final Readings readings = new Readings();
  private final Clock clock;
  private final ApplicationEventPublisher events;

  Pieces(
      PieceRows pieces,
      EntryRows entries,
      ShelfService shelf,
      JsonMapper json,
      Clock clock,
      ApplicationEventPublisher events) {
    this.pieces = pieces;
    this.entries = entries;
    this.shelf = shelf;
    this.json = new PlanJson(json);
    this.clock = clock;
    this.events = events;
  }

  /** The studio's pieces, oldest first: those it works on, or those it put into the archive. */
  public List<SavedPlan> all(Studio studio, boolean archived) {
    return pieces.findByStudioIdOrderByMadeAtAscIdAsc(studio.id()).stream()
        .filter(p -> p.isArchived() == archived)
        .map(this::saved)
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
          "Piece",
          get(studio, id).document().name(),
          "is being worked on",
          "one that was put away");
    }
    events.publishEvent(new PieceGone(studio, id));
    pieces.forget(studio.id(), id);
    entries.letGo(studio.id(), id);
    entries.forget(studio.id(), id);
    pieces.delete(studio.id(), id);
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

  /** Starts another piece with the same plan; what was done and booked stays with the first. */
  @Guarded
  public SavedPlan copy(Studio studio, String id) {
    PlanDocument plan = get(studio, id).document();
    String name = Words.say("edit.copyName", plan.name());
    int most = Plan.LONGEST_NAME;
    return start(
        studio,
        UUID.randomUUID().toString(),
        new PlanDocument(
            plan.schema(),
            name.length() > most ? name.substring(0, most) : name,
            plan.form(),
            plan.faces(),
            plan.lays()));
  }

  /** A plan read from a file of any age. */
  public PlanDocument readDocument(JsonNode plan) {
    PlanDocument document = json.read(plan);
    PlanMapper.toPlan(document);
    return document;
  }

  public SavedPlan get(Studio studio, String id) {
    return saved(row(studio, id));
  }

  /** What the core makes of a plan, with this studio's shelf and tape. */
  public PlanReading read(Studio studio, PlanDocument document) {
    return readings.of(
        new Readings.Question(studio.id(), studio.tape(), shelf.stamp(studio.id()), document),
        () -> reader(studio).read(PlanMapper.toPlan(document)));
  }

  /** What the core makes of one lay on one of its faces, without looking at the rest. */
  ReadLay readLay(Studio studio, PieceController.LayQuestion question) {
    Plan plan = PlanMapper.toPlan(Given.given("Plan", question.document()));
    String layId = Given.given("Lay", question.layId());
    Lay lay =
        plan.lays().stream()
            .filter(l -> l.id().equals(layId))
            .findFirst()
            .orElseThrow(
                () -> new RefusedInput("Lay", layId, "is not in this plan", "one of its lays"));
    String faceId = question.faceId() == null ? lay.faceId() : question.faceId();
    List<PlanFace> faces = plan.faces();
    Face face =
        faces.stream()
            .map(PlanFace::face)
            .filter(f -> f.id().equals(faceId) && lay.isOn(faceId))
            .findFirst()
            .orElseThrow(
                () ->
                    new RefusedInput(
                        "Face", faceId, "is not on this piece now", "one of the lay's faces"));
    LayReading reading =
        reader(studio)
            .of(lay, plan, faceId)
            .orElseThrow(
                () -> new RefusedInput("Face", faceId, "is not shown", "a face that is shown"));
    return new ReadLay(faces, face, reading);
  }

  /** A lay worked out, and the face it lies on. */
  record ReadLay(List<PlanFace> faces, Face face, LayReading reading) {}

  /** A changed plan in which a design is laid, or a lay changed as a whole. */
  LayEdits.LayEdited edit(Studio studio, PlanDocument document, LayEdits.LayEdit edit) {
    return LayEdits.edit(
        document,
        shelf.asPlansSeeIt(studio.id()),
        reader(studio),
        shelf.paintsAtHand(studio.id()),
        edit);
  }

  private PlanReader reader(Studio studio) {
    return new PlanReader(shelf.asPlansSeeIt(studio.id()), studio.tape());
  }

  /** Starts a piece with nothing found on it yet. */
  @Guarded
  public SavedPlan start(Studio studio, String name, PlanDocument.FormDoc form) {
    return start(studio, UUID.randomUUID().toString(), PlanMapper.fresh(name, form));
  }

  /** Starts a piece from a whole plan, under an id of the caller's. */
  @Guarded
  public SavedPlan start(Studio studio, String id, PlanDocument document) {
    PlanMapper.toPlan(document);
    PieceRow piece = pieces.save(new PieceRow(id, studio.id(), clock.instant()));
    EntryRow entry =
        entries.save(
            new EntryRow(
                piece,
                null,
                piece.version() + 1,
                json.write(document),
                Words.say("summary.new"),
                null,
                clock.instant()));
    move(studio, id, piece.version(), entry.id());
    return told(studio, get(studio, id));
  }

  /**
   * Saves a plan on top of the version it was made from.
   *
   * @param gesture saves of one gesture, such as a drag, become one step of the history
   */
  @Guarded
  public SavedPlan save(
      Studio studio,
      String id,
      long version,
      PlanDocument document,
      String summary,
      Optional<String> gesture) {
    PlanMapper.toPlan(document);
    checkLength("Summary", summary, LONGEST_SUMMARY);
    gesture.ifPresent(g -> checkLength("Gesture", g, LONGEST_GESTURE));
    hold(studio, id);
    PieceRow piece = row(studio, id);
    EntryRow current = current(piece);
    if (piece.version() != version) {
      throw clash(studio, id);
    }
    String text = json.write(document);
    if (text.equals(current.document())) {
      return saved(piece);
    }
    boolean goesOn =
        gesture.isPresent()
            && gesture.get().equals(current.gesture())
            && !entries.existsByParentId(current.id());
    EntryRow entry;
    if (goesOn) {
      current.goesOn(text, clock.instant());
      entry = current;
    } else {
      entry =
          entries.save(
              new EntryRow(
                  piece,
                  current.id(),
                  version + 1,
                  text,
                  summary,
                  gesture.orElse(null),
                  clock.instant()));
    }
    move(studio, id, version, entry.id());
    return told(studio, get(studio, id));
  }

  /** Goes one step back; at the beginning of the history it stays. */
  @Guarded
  public SavedPlan undo(Studio studio, String id, long version) {
    hold(studio, id);
    EntryRow current = current(row(studio, id));
    if (current.parentId() != null) {
      move(studio, id, version, current.parentId());
    }
    return told(studio, get(studio, id));
  }

  /** Goes one step forward again, along the youngest branch; at its end it stays. */
  @Guarded
  public SavedPlan redo(Studio studio, String id, long version) {
    hold(studio, id);
    PieceRow piece = row(studio, id);
    entries
        .findFirstByPieceIdAndParentIdOrderByMadeAsDesc(id, piece.currentEntryId())
        .ifPresent(next -> move(studio, id, version, next.id()));
    return told(studio, get(studio, id));
  }

  /** Lets others know, within the same transaction, that a piece has another plan now. */
  private SavedPlan told(Studio studio, SavedPlan now) {
    events.publishEvent(new PlanMoved(studio, now));
    return now;
  }

  private void move(Studio studio, String id, long version, Long entryId) {
    if (pieces.move(studio.id(), id, version, entryId) != 1) {
      throw clash(studio, id);
    }
  }

  private Clash clash(Studio studio, String id) {
    PieceRow theirs = row(studio, id);
    return new Clash(
        Words.say("clash"),
        new Clash.Theirs(
            theirs.version(),
            current(theirs).madeAt(),
            entries.findFirst5ByPieceIdOrderByMadeAsDesc(id).stream()
                .map(EntryRow::summary)
                .toList()));
  }

  private SavedPlan saved(PieceRow piece) {
    EntryRow entry = current(piece);
    return new SavedPlan(
        piece.id(),
        piece.version(),
        json.read(entry.document()),
        entry.madeAt(),
        piece.isArchived(),
        entry.parentId() == null ? Optional.empty() : Optional.of(entry.summary()),
        entries
            .findFirstByPieceIdAndParentIdOrderByMadeAsDesc(piece.id(), entry.id())
            .map(EntryRow::summary));
  }

  private EntryRow current(PieceRow piece) {
    return entries.findByPieceIdAndId(piece.id(), piece.currentEntryId()).orElseThrow();
  }

  private PieceRow row(Studio studio, String id) {
    return pieces.findByStudioIdAndId(studio.id(), id).orElseThrow(() -> missing(id));
  }

  private static NoSuchElementException missing(String id) {
    return new NoSuchElementException("There is no piece " + id + ".");
  }

  private static void checkLength(String field, String text, int most) {
    if (text == null || text.isBlank() || text.length() > most) {
      throw new RefusedInput(
          field,
          text == null || text.isBlank() ? "empty" : text.length() + " characters",
          "is not accepted",
          "1 to " + most + " characters");
    }
  }
}
