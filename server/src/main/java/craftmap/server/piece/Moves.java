package craftmap.server.piece;

import craftmap.core.plan.Plan;
import craftmap.core.plan.edit.PlanEdit;
import craftmap.core.plan.edit.Subject;
import craftmap.core.plan.edit.Touched;
import craftmap.server.piece.edit.SubjectWords;
import craftmap.server.studio.Studio;
import craftmap.server.studio.WhoDoesIt;
import craftmap.server.words.Words;
import craftmap.server.writing.Clash;
import java.time.Clock;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/**
 * What each version of a plan was made by, so that a change that was meant for an older one can be
 * put on top of what was done since, or is told what stands in its way.
 */
@Component
class Moves {
  /** Whoever is further behind than this is asked, whatever they change. */
  private static final int KEPT = 1_000;

  private static final int FORGOTTEN_AT_ONCE = 100;
  private static final int TOLD = 5;

  private final MoveRows rows;
  private final EntryRows entries;
  private final WhoDoesIt who;
  private final Clock clock;

  Moves(MoveRows rows, EntryRows entries, WhoDoesIt who, Clock clock) {
    this.rows = rows;
    this.entries = entries;
    this.who = who;
    this.clock = clock;
  }

  /** Writes down how the plan came to stand as it does now; within the change that moves it. */
  void note(Studio studio, SavedPlan before, SavedPlan now, MoveRow.Way way, long entryId) {
    rows.save(
        new MoveRow(
            studio.id(),
            new MoveRow.Key(now.id(), now.version()),
            way,
            entryId,
            TouchedJson.write(Touched.between(before.plan(), now.plan())).orElse(null),
            who.person(),
            clock.instant()));
    if (now.version() % FORGOTTEN_AT_ONCE == 0) {
      rows.forgetUntil(studio.id(), now.id(), now.version() - KEPT);
    }
  }

  /**
   * What was done to a piece since a version.
   *
   * @param touched all of it together; nothing where that is not known any more
   */
  record Since(Optional<Touched> touched, List<MoveRow> moves) {}

  Since since(Studio studio, SavedPlan now, long version) {
    List<MoveRow> moves =
        rows.findByStudioIdAndPieceIdAndVersionGreaterThanOrderByVersionDesc(
            studio.id(), now.id(), version);
    boolean all = moves.size() == now.version() - version;
    Optional<Touched> touched = all ? Optional.of(Touched.NOTHING) : Optional.empty();
    for (MoveRow move : moves) {
      Optional<Touched> one = Optional.ofNullable(move.touched()).flatMap(TouchedJson::read);
      touched = touched.flatMap(t -> one.map(t::and));
    }
    return new Since(touched, moves);
  }

  /** The latest steps back and forth in the history of a piece. */
  Stream<PlanChanges.Step> stepsOf(Studio studio, String pieceId) {
    List<MoveRow> moves =
        rows.findFirst200ByStudioIdAndPieceIdAndWayInOrderByVersionDesc(
            studio.id(), pieceId, List.of(MoveRow.Way.UNDONE, MoveRow.Way.REDONE));
    Map<Long, EntryOf> about = about(studio, pieceId, moves);
    return moves.stream()
        .map(
            m ->
                new PlanChanges.Step(
                    m.version(), done(m, about), m.madeAt(), m.madeBy(), false, true));
  }

  /** What a change of the plan as it stands has in common with what was done since. */
  static Set<Subject> inCommon(List<PlanEdit> edits, Plan before, Plan after, Touched theirs) {
    return Touched.by(edits, before, after, theirs).inCommon(theirs);
  }

  /**
   * Both sides of a change that has something in common with what was done since.
   *
   * @param called what designs are called
   */
  Clash clash(
      Studio studio,
      SavedPlan now,
      Since since,
      Set<Subject> common,
      UnaryOperator<String> called) {
    List<MoveRow> moves = since.moves().stream().limit(TOLD).toList();
    Map<Long, EntryOf> about = about(studio, now.id(), moves);
    SubjectWords words = new SubjectWords(now.plan(), called);
    return new Clash(
        Words.say("clash"),
        new Clash.Theirs(
            now.version(),
            now.savedAt(),
            moves.stream().map(m -> said(m, about)).toList(),
            common.stream()
                .sorted(Comparator.comparing(Subject::kind))
                .map(words::say)
                .distinct()
                .toList()));
  }

  /** What some moves were about, by its id. */
  private Map<Long, EntryOf> about(Studio studio, String pieceId, List<MoveRow> moves) {
    return entries
        .all(studio.id(), pieceId, moves.stream().map(MoveRow::entryId).distinct().toList())
        .stream()
        .collect(Collectors.toMap(EntryOf::id, e -> e));
  }

  private static String done(MoveRow move, Map<Long, EntryOf> about) {
    String done = Optional.ofNullable(about.get(move.entryId())).map(EntryOf::said).orElse("");
    return switch (move.way()) {
      case MADE -> done;
      case UNDONE -> Words.say("told.undone", done);
      case REDONE -> Words.say("told.redone", done);
    };
  }

  private static String said(MoveRow move, Map<Long, EntryOf> about) {
    String said = done(move, about);
    return move.madeBy().isEmpty() ? said : Words.say("told.by", said, move.madeBy());
  }
}
