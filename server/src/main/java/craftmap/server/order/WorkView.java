package craftmap.server.order;

import craftmap.core.order.mishap.Remedy;
import craftmap.core.order.mishap.Trouble;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * What whoever stands at the bench has before them: one step of a piece, and what ripens in the
 * studio meanwhile. Times are instants, for clocks that count down.
 *
 * @param title when the piece is ready
 * @param now the time it is, by the server
 * @param step absent where nothing is left to do
 * @param before the step that is left before it; absent where it is the first
 * @param after the step that is left after it; absent where it is the last
 * @param last what was done last on the piece, to be taken back
 */
record WorkView(
    String pieceName,
    String title,
    String now,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) BenchStepView step,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String before,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String after,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) BenchDoneView last,
    List<RipeningView> ripening) {

  /**
   * One step.
   *
   * @param key what edits call it
   * @param countText which step of how many
   * @param kicker when it is planned, and after what
   * @param title what is done, in a sentence
   * @param amounts what is poured and stirred in; empty where nothing is
   * @param mix how that is made ready; empty where it is used as it stands
   * @param pot what it is poured out of; absent where nothing is, or no pot was named
   * @param notes what was noted of it
   * @param how how it is done, and what it must look like
   * @param faces on which it is done, by id
   * @param whereText on what
   * @param minutes that it is planned to take
   * @param learnedText from how often that was learned; empty where it is as is typical
   * @param until until when it has to be begun; absent where it may wait
   * @param waitsText what it waits for, where it may not be done yet
   * @param cautions what can hurt whoever does it
   * @param nextText what comes after it
   * @param meanwhile what else may be begun now, where it has to wait
   * @param troubles what may go wrong with it, and what helps then
   */
  record BenchStepView(
      String id,
      String key,
      String countText,
      String kicker,
      String title,
      String amounts,
      List<String> mix,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) PotOfStepView pot,
      List<String> notes,
      List<String> how,
      List<String> faces,
      String whereText,
      int minutes,
      String learnedText,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String until,
      String waitsText,
      List<BenchCautionView> cautions,
      String nextText,
      List<MeanwhileView> meanwhile,
      List<TroubleView> troubles) {}

  /**
   * Something that may have gone wrong with a step.
   *
   * @param text what it looks like
   * @param asks what is to be said of how much: "How much of it?", "How much is left to do?"
   * @param remedies what helps, gentlest first
   */
  record TroubleView(Trouble trouble, String text, String asks, List<HelpView> remedies) {}

  /** What helps, and how that is done. */
  record HelpView(Remedy remedy, String text, String how) {}

  /**
   * The pot of a step.
   *
   * @param ml what the step is planned to take out of it
   * @param holdsMl the most that can be in it
   * @param levelText what is in it
   * @param weighed whether its weight says how much is left
   */
  record PotOfStepView(String name, double ml, double holdsMl, String levelText, boolean weighed) {}

  /** What can hurt whoever does something, and why. */
  record BenchCautionView(String text, String why) {}

  /** Another step that may be begun now. */
  record MeanwhileView(String stepId, String title, String takesText) {}

  /** Something that was done, and what may be wrong with it. */
  record BenchDoneView(String key, String title, List<TroubleView> troubles) {}

  /**
   * Something that dries, or rests.
   *
   * @param key what edits of its piece call the step
   * @param wet whether it can be told of it that it is dry, or not yet
   * @param nextText what may be done then, and when
   * @param since when it was finished
   * @param ripe from when that may be done
   * @param until until when it has to be
   */
  record RipeningView(
      String pieceId,
      String pieceName,
      String stepId,
      String key,
      boolean wet,
      String title,
      String nextText,
      String since,
      String ripe,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String until) {}
}
