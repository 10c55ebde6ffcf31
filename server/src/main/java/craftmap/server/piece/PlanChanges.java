package craftmap.server.piece;

import static craftmap.core.measure.Figure.count;
import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.Figure;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plan.Plan;
import craftmap.core.plan.edit.Edited;
import craftmap.core.plan.edit.PlanEdit;
import craftmap.core.plan.edit.Subject;
import craftmap.core.plan.edit.Touched;
import craftmap.server.piece.document.PlanJson;
import craftmap.server.piece.edit.ChangeDoc;
import craftmap.server.shelf.ShelfService;
import craftmap.server.studio.Studio;
import craftmap.server.studio.WhoDoesIt;
import craftmap.server.writing.Clash;
import craftmap.server.writing.Guarded;
import java.time.Clock;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Changes the plans of pieces: saves with a version, goes back and forth in their history. */
@Service
@Transactional(readOnly = true)
public class PlanChanges {
  private static final int LONGEST_SUMMARY = 200;
  private static final int LONGEST_GESTURE = 60;
  private static final int LONGEST_CHANGE_ID = 36;
  private static final int MOST_STEPS = 200;

  private final Pieces pieces;
  private final PlanReadings readings;
  private final EntryRows entries;
  private final Moves moves;
  private final ShelfService shelf;
  private final PlanJson json;
  private final Clock clock;
  private final WhoDoesIt who;

  PlanChanges(
      Pieces pieces,
      PlanReadings readings,
      EntryRows entries,
      Moves moves,
      ShelfService shelf,
      JsonMapper json,
      Clock clock,
      WhoDoesIt who) {
    this.pieces = pieces;
    this.readings = readings;
    this.entries = entries;
    this.moves = moves;
    this.shelf = shelf;
    this.json = new PlanJson(json);
    this.clock = clock;
    this.who = who;
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
    pieces.hold(studio, id);
    SavedPlan now = pieces.get(studio, id);
    boolean wasMade =
        now.version() != version
            && change.id().filter(c -> entries.existsByPieceIdAndChangeId(id, c)).isPresent();
    if (wasMade) {
      return new EditedPiece(now, Edited.Focus.NONE);
    }
    Edited edited =
        now.version() == version
            ? readings.edited(studio, now.plan(), change.edits())
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
      edited = readings.edited(studio, now.plan(), edits);
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
    pieces.hold(studio, id);
    SavedPlan now = pieces.get(studio, id);
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
    PieceRow piece = pieces.row(studio, now.id());
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
    if (!pieces.move(studio, before.id(), before.version(), entryId)) {
      throw clash(studio, pieces.get(studio, before.id()), before.version());
    }
    SavedPlan now = pieces.get(studio, before.id());
    moves.note(studio, before, now, way, about);
    return pieces.told(studio, now);
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
    Long now = pieces.row(studio, id).currentEntryId();
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
    pieces.hold(studio, id);
    SavedPlan now = standing(studio, id, version);
    EntryOf current = pieces.at(pieces.row(studio, id));
    return current.isFirst()
        ? now
        : moved(studio, now, MoveRow.Way.UNDONE, current.id(), current.parentId());
  }

  /** Goes one step forward again, along the youngest branch; at its end it stays. */
  @Guarded
  public SavedPlan redo(Studio studio, String id, long version) {
    pieces.hold(studio, id);
    SavedPlan now = standing(studio, id, version);
    return pieces
        .next(pieces.row(studio, id))
        .map(next -> moved(studio, now, MoveRow.Way.REDONE, next.id(), next.id()))
        .orElse(now);
  }

  /** A piece where it stands as it was seen: steps in its history are steps of what was seen. */
  private SavedPlan standing(Studio studio, String id, long version) {
    SavedPlan now = pieces.get(studio, id);
    if (now.version() != version) {
      throw clash(studio, now, version);
    }
    return now;
  }

  private Clash clash(Studio studio, SavedPlan now, long version) {
    return moves.clash(studio, now, moves.since(studio, now, version), Set.of(), id -> id);
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
