package craftmap.server.logbook;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * The logbook, youngest day first.
 *
 * @param summary how much is shown, of what
 * @param days within each, in the order in which it happened
 * @param more whether there is more than is shown
 * @param pieces what is shown of each piece, planned against real
 */
record LogbookView(String summary, List<LogDayView> days, boolean more, List<LogPieceView> pieces) {

  /** One day. */
  record LogDayView(String date, String text, List<LogLineView> lines) {}

  /**
   * Something that happened.
   *
   * @param pieceId absent where the piece was deleted since
   * @param took how long it took; absent of a note
   * @param longer by how much it took longer than planned, or less long; absent where it did not
   * @param used what the ledger says it used; absent where nothing was
   * @param climate how warm and damp it was; absent of a note
   * @param wrong what went wrong, and what was done about it; absent where nothing did
   * @param photos where their pictures are
   */
  record LogLineView(
      String id,
      LogEntry.LogKind kind,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String pieceId,
      String pieceName,
      String title,
      String time,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String took,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String longer,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String used,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String climate,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String wrong,
      String note,
      String by,
      List<String> photos) {}

  /** A piece: what its steps took against what was planned. */
  record LogPieceView(
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String pieceId,
      String pieceName,
      String summary,
      double plannedMinutes,
      double tookMinutes) {}
}
