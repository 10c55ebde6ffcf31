package craftmap.server.order;

import craftmap.core.order.work.Doing;
import craftmap.server.piece.document.OrderingDoc;
import craftmap.server.piece.edit.EditDoc;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * The order of the work on a piece. Minutes are from {@code begins}, times by the studio's clock.
 *
 * @param begins as {@code 2027-02-01T09:00}
 * @param chosen whether it was said when it begins
 * @param possible false where it does not go; then there are steps and no times
 * @param title when it is ready
 * @param proofText how good it is: nothing can be sooner, or by how much it might
 * @param many whether there are so many steps that a better order is looked for as a job
 * @param now the minute it is now
 * @param nowAt the same by the clock
 * @param end the last minute that is shown
 * @param promised the day on which it is wanted
 * @param curedText when it bears being used, where that is later than it is ready
 * @param groups what a step of one's own may be done to
 * @param anew what was planned anew; absent where nothing is otherwise than it was told
 */
record OrderView(
    String begins,
    boolean chosen,
    boolean possible,
    String title,
    String summary,
    String proofText,
    boolean proven,
    boolean many,
    int now,
    String nowAt,
    int end,
    List<DayView> days,
    List<OpeningView> openings,
    List<RowView> rows,
    List<VisitView> visits,
    List<ReasonView> reasons,
    List<OrderFindingView> findings,
    List<TogetherView> together,
    List<String> people,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String promised,
    String curedText,
    List<GroupChoiceView> groups,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) PlannedAnewView anew) {

  /**
   * What is otherwise than it was told, once the piece is begun.
   *
   * @param title whether it is ready later for it, or sooner
   * @param moved steps that begin at another time that one would notice
   * @param restText how many more there are, and by how much at most
   */
  record PlannedAnewView(String title, List<MovedView> moved, String restText) {}

  /** A step that begins at another time than was told. */
  record MovedView(String stepId, String title, String text) {}

  /** A day, from midnight to midnight by the clock. */
  record DayView(int from, int to, String text, String date) {}

  /** Hours in which somebody is there. */
  record OpeningView(int from, int to) {}

  /**
   * What is worked on in a row.
   *
   * @param own whether it is of this piece, and not of one worked on in between
   */
  record RowView(
      String id,
      String pieceId,
      String name,
      String pieceName,
      boolean own,
      List<StepView> steps) {}

  /**
   * One step.
   *
   * @param key what edits of its own piece call it
   * @param brief a word or two, for the chart
   * @param whenText the day and from when to when
   * @param timesText the same without the day
   * @param person who does it, by number
   * @param done whether it is done
   * @param chain whether everything would end later if it did
   * @param slackText how much later it may begin
   * @param takesText how long it takes
   * @param minutes how long it takes
   * @param usual whether that is what is usual
   * @param at when it begins, by the studio's clock
   * @param fixed whether the artist fixed that
   * @param parts in how many parts the whole is done that it is, or is a part of
   * @param wholeKey what edits call that whole
   * @param own as the artist put it in, where it is a step of the artist's own
   * @param driesText where what it leaves wet is put; empty where that is all the same
   * @param firsts what was put before it
   * @param waiting wholes of its piece that wait for it, and so cannot come before it
   */
  record StepView(
      String id,
      String key,
      Doing doing,
      String brief,
      String title,
      int from,
      int to,
      String whenText,
      String timesText,
      int person,
      boolean done,
      boolean chain,
      String slackText,
      String takesText,
      double minutes,
      boolean usual,
      String at,
      boolean fixed,
      int parts,
      String wholeKey,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) OrderingDoc.OwnStepDoc own,
      String driesText,
      List<FirstView> firsts,
      List<String> waiting,
      List<WaitView> waits) {}

  /** A step that was put before another. */
  record FirstView(String key, String title) {}

  /** A group of faces that a step may be done to. */
  record GroupChoiceView(String id, String name) {}

  /**
   * What comes after a step until the next may be done.
   *
   * @param ripe the minute from which it may
   * @param until the minute until which it has to; absent where it may wait
   * @param text what it has to be dry enough for
   * @param briefText how long that takes
   */
  record WaitView(
      String toStep,
      int ripe,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Integer until,
      String text,
      String briefText,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String windowText) {}

  /** A day on which somebody comes. */
  record VisitView(int from, int to, String title, String text) {}

  /** Why it does not end sooner, step by step. */
  record ReasonView(String stepId, String text) {}

  /** What to mind. */
  record OrderFindingView(
      String rule,
      craftmap.core.measure.Level level,
      String stepId,
      String text,
      String why,
      List<OrderMendView> mends) {}

  /**
   * What ends a finding.
   *
   * @param edit what does it
   */
  record OrderMendView(String text, EditDoc edit) {}

  /** Another piece that may be worked on in between. */
  record TogetherView(String pieceId, String name, boolean together) {}
}
