package craftmap.server.money;

import craftmap.server.piece.edit.EditDoc;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * The money of a piece.
 *
 * @param version of what was said about it; 0 while nothing was
 * @param lines what it uses, what is worth most first
 * @param suppliesText the value of all of it
 * @param usedText of that, what is used already
 * @param uncounted what has no price in the studio's currency
 * @param hoursText all of the work
 * @param doneText of that, what is done; empty where nothing is
 * @param costText with what was paid for the piece and everybody's time
 * @param stillText what is still to be spent, at least; each currency by itself
 * @param unsold what is short and nobody is known to sell
 * @param saidOtherwise what was said in another currency than the studio has by now; empty where
 *     all of it counts
 * @param budgetText whether that is within what may be spent; empty where nobody said how much may
 * @param over whether it is not
 * @param proposals what it should be sold for, by each school
 * @param askedText what an hour brings at what is asked for it; empty where nothing is asked
 */
record MoneyView(
    long version,
    PurseDoc purse,
    RatesDoc rates,
    List<MoneyLineView> lines,
    String suppliesText,
    String usedText,
    List<String> uncounted,
    String hoursText,
    String doneText,
    String costText,
    String stillText,
    List<String> unsold,
    String saidOtherwise,
    String budgetText,
    boolean over,
    List<PriceProposal> proposals,
    String askedText) {

  /**
   * What was said about a piece: figures in the studio's currency; each absent where nothing was.
   */
  record PurseDoc(
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String paid,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String budget,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String asked) {}

  /**
   * What an hour is worth, as it is typed.
   *
   * @param version 0 while it is as usual
   * @param margin in percent
   */
  record RatesDoc(
      long version, String currency, String hourly, int margin, String wage, Rates.Way way) {}

  /**
   * Something it uses.
   *
   * @param worthText absent where nobody knows what it costs
   */
  record MoneyLineView(
      String name,
      String takesText,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String worthText) {}

  /**
   * A price by one school.
   *
   * @param sumText how it comes about
   * @param chosen whether the studio goes by it
   */
  record PriceProposal(Rates.Way way, String priceText, String sumText, boolean chosen) {}

  /**
   * Something that would cost less.
   *
   * @param savesText how much less
   * @param thenText what is still to be spent then
   * @param mends whether that is within the budget, which it is not now
   * @param risks what is not as good then
   */
  record CheaperView(
      String title,
      String savesText,
      String thenText,
      boolean mends,
      List<String> risks,
      List<EditDoc> edits) {}

  /**
   * The plan from what is owned only.
   *
   * @param complete whether nothing is short then
   * @param changes what is done otherwise, one after the other
   * @param risks what is not as good then
   * @param stops where it stops: what there is not enough of all the same
   * @param edits all the changes
   */
  record OwnOnlyView(
      boolean complete,
      String summary,
      List<String> changes,
      List<String> risks,
      List<String> stops,
      List<EditDoc> edits) {}
}
