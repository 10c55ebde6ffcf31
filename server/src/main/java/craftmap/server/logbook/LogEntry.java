package craftmap.server.logbook;

import java.time.Instant;
import java.util.Locale;

/**
 * Something that was told at the bench.
 *
 * @param id of the telling: told again it is the same
 * @param toldAt when it was tapped
 * @param stands whether it still holds: it was not told anew, nor taken back
 * @param happened when a step was finished; when a note was written
 * @param by who told it; empty where nobody said
 */
public record LogEntry(
    String id,
    String pieceId,
    String stepKey,
    LogKind kind,
    Instant toldAt,
    boolean stands,
    Instant happened,
    String note,
    Details details,
    String by) {

  /** What was told. */
  public enum LogKind {
    DONE,
    TAKEN_BACK,
    NOTE,
    /** What a step left wet was found dry. */
    DRY,
    /** It was not dry yet. */
    WET,
    /** Something went wrong with it. */
    WRONG,
    /** It did not after all. */
    RIGHT
  }

  /** Whether words stand in what it says, whatever their case. */
  boolean tells(String words) {
    String all = String.join(" ", details.pieceName(), details.title(), details.medium(), note, by);
    return all.toLowerCase(Locale.ROOT).contains(words.toLowerCase(Locale.ROOT));
  }
}
