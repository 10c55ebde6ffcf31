package craftmap.server.logbook;

import java.time.Instant;

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
    NOTE
  }

  /** The same, standing or not. */
  public LogEntry standing(boolean other) {
    return new LogEntry(id, pieceId, stepKey, kind, toldAt, other, happened, note, details, by);
  }
}
