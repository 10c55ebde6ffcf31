package craftmap.server.order;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * A week at the bench, over all pieces. Minutes are from midnight by the clock on the wall.
 *
 * @param from its first day, as {@code 2027-02-01}
 * @param possible false where it does not all go; then there are no steps
 * @param proofText how good it is
 * @param many whether a better one may be looked for as a job
 * @param pieces those with something left to do, in the order in which they are ready
 * @param lastDay the day on which the last of them is
 */
record WeekView(
    String from,
    boolean possible,
    String title,
    String summary,
    String proofText,
    boolean many,
    List<String> people,
    List<WeekDayView> days,
    List<WeekPieceView> pieces,
    List<WeekFindingView> findings,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String lastDay) {

  /**
   * A day.
   *
   * @param hoursText from when to when somebody is there, or that nobody is
   * @param ripens what dries overnight after it
   * @param now the minute it is now, where it is today
   */
  record WeekDayView(
      String date,
      String text,
      String hoursText,
      boolean closed,
      List<StintView> stints,
      List<String> ripens,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Integer now) {}

  /**
   * What one person does to one piece in one go.
   *
   * @param piece by number
   * @param person by number
   */
  record StintView(
      int piece, int person, int from, int to, String timesText, List<StintStepView> steps) {}

  record StintStepView(String id, String title, String timesText, boolean done) {}

  /**
   * A piece.
   *
   * @param nextText its next step and when
   * @param readyText when it is ready
   * @param wantedText when it is wanted; empty where on no day
   * @param late whether it is ready later than that
   */
  record WeekPieceView(
      String pieceId,
      String name,
      String nextText,
      String readyText,
      String wantedText,
      boolean late) {}

  /** What is to be minded, on which piece. */
  record WeekFindingView(
      int piece, String stepId, craftmap.core.measure.Level level, String text, String why) {}
}
