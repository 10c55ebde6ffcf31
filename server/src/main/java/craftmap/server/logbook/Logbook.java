package craftmap.server.logbook;

import craftmap.core.log.Observation;
import craftmap.server.changes.Changes;
import craftmap.server.changes.Thing;
import craftmap.server.learning.Learning;
import craftmap.server.learning.Seen;
import java.time.Instant;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Keeps what happened at the bench. Of each step one telling stands at most: the one that was
 * tapped last, whenever it arrived. Whoever writes holds the piece, so that two tellings of one
 * step come one after the other.
 */
@Service
@Transactional(readOnly = true)
public class Logbook {
  private static final int MOST_SEARCHED = 20_000;
  private static final Set<LogEntry.LogKind> OF_THE_STEP =
      EnumSet.of(LogEntry.LogKind.DONE, LogEntry.LogKind.TAKEN_BACK);

  /** What falls with it: what was found of how it dries counts from when it was finished. */
  private static final Set<LogEntry.LogKind> FALLS =
      EnumSet.of(
          LogEntry.LogKind.DONE,
          LogEntry.LogKind.TAKEN_BACK,
          LogEntry.LogKind.DRY,
          LogEntry.LogKind.WET);

  private final LogRows rows;
  private final Changes changes;
  private final Learning learning;

  Logbook(LogRows rows, Changes changes, Learning learning) {
    this.learning = learning;
    this.rows = rows;
    this.changes = changes;
  }

  /** Whether something was told under this id already. */
  public boolean isKnown(String studioId, String id) {
    return rows.existsById(new LogRow.Key(studioId, id));
  }

  /** Whether something was told that was tapped later than this about the same step. */
  public boolean isToldLater(String studioId, String pieceId, String stepKey, Instant toldAt) {
    Instant last = rows.lastTold(studioId, pieceId, stepKey, OF_THE_STEP);
    return last != null && last.isAfter(toldAt);
  }

  /** The steps of a piece that are done, as they were told, by their keys. */
  public Map<String, LogEntry> done(String studioId, String pieceId) {
    return ofPiece(studioId, pieceId).stream()
        .filter(e -> e.kind() == LogEntry.LogKind.DONE)
        .collect(Collectors.toMap(LogEntry::stepKey, Function.identity(), (a, b) -> b));
  }

  public Optional<LogEntry> done(String studioId, String pieceId, String stepKey) {
    return rows
        .findByStudioIdAndPieceIdAndStepKeyAndKindInAndStandsTrue(
            studioId, pieceId, stepKey, EnumSet.of(LogEntry.LogKind.DONE))
        .stream()
        .map(LogRow::entry)
        .findFirst();
  }

  /** When what a step left wet was found to be so last, since it was finished. */
  public Optional<Instant> lastFoundWet(
      String studioId, String pieceId, String stepKey, Instant finished) {
    return rows
        .findByStudioIdAndPieceIdAndStepKeyAndKindInAndStandsTrue(
            studioId, pieceId, stepKey, EnumSet.of(LogEntry.LogKind.WET))
        .stream()
        .map(r -> r.entry().happened())
        .filter(at -> at.isAfter(finished))
        .max(Comparator.naturalOrder());
  }

  /** What was told of a step that was finished then, be it taken back since. */
  public Optional<LogEntry> toldOf(
      String studioId, String pieceId, String stepKey, Instant happened) {
    return rows.findFirstByStudioIdAndPieceIdAndStepKeyAndKindAndHappenedOrderByToldAtDescIdDesc(
            studioId, pieceId, stepKey, LogEntry.LogKind.DONE, happened)
        .map(LogRow::entry);
  }

  /** All that stands of a piece, in the order in which it happened. */
  public List<LogEntry> ofPiece(String studioId, String pieceId) {
    return rows
        .findByStudioIdAndPieceIdAndStandsTrueOrderByHappenedAscIdAsc(studioId, pieceId)
        .stream()
        .map(LogRow::entry)
        .toList();
  }

  /**
   * What was done and noted, youngest first.
   *
   * @param find stands in what is told of it, whatever its case
   * @param before what happened earlier
   */
  List<LogEntry> lately(
      String studioId, Optional<String> piece, String find, Optional<Instant> before, int most) {
    return rows
        .lately(
            studioId,
            piece.orElse(null),
            before.orElse(null),
            EnumSet.of(LogEntry.LogKind.DONE, LogEntry.LogKind.NOTE, LogEntry.LogKind.WRONG),
            "%" + find.replace("!", "!!").replace("%", "!%").replace("_", "!_") + "%",
            Limit.of(find.isEmpty() ? most : MOST_SEARCHED))
        .stream()
        .map(LogRow::entry)
        .filter(e -> e.tells(find))
        .limit(most)
        .toList();
  }

  /**
   * Has what went wrong with a piece follow its plan: what is not in it any more does not stand,
   * what is in it again does.
   *
   * @param ids what went wrong, by the plan
   * @return what nobody told of
   */
  @Transactional
  public Set<String> followMishaps(String studioId, String pieceId, Set<String> ids) {
    Set<String> untold = new HashSet<>(ids);
    for (LogRow row :
        rows.findByStudioIdAndPieceIdAndKind(studioId, pieceId, LogEntry.LogKind.WRONG)) {
      row.stands(ids.contains(row.entry().id()));
      untold.remove(row.entry().id());
    }
    return untold;
  }

  /**
   * Writes what was told; where it is about the step itself, what was told before falls, and with
   * it what was learned from that.
   *
   * @param seen what can be learned from it
   */
  @Transactional
  public void write(String studioId, LogEntry entry, List<Observation> seen) {
    if (entry.stands() && OF_THE_STEP.contains(entry.kind())) {
      List<LogRow> before =
          rows.findByStudioIdAndPieceIdAndStepKeyAndKindInAndStandsTrue(
              studioId, entry.pieceId(), entry.stepKey(), FALLS);
      before.forEach(row -> row.stands(false));
      learning.letGo(studioId, before.stream().map(r -> r.entry().id()).toList());
    }
    rows.saveAndFlush(new LogRow(studioId, entry));
    if (entry.stands()) {
      Details of = entry.details();
      learning.keep(
          studioId,
          entry.id(),
          seen.stream()
              .map(o -> new Seen(o, entry.happened(), of.pieceName(), of.title(), entry.by()))
              .toList());
    }
    changes.tell(studioId, Thing.PIECE, entry.pieceId());
  }
}
