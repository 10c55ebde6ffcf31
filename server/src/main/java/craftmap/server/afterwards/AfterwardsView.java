package craftmap.server.afterwards;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * What a piece took against its plan.
 *
 * @param stateText how far it is
 * @param complete whether all of it is done
 * @param workText hands-on time in all, planned and told
 * @param work by what was done, what differs most first
 * @param supplies by what was used
 * @param moneyText what was used, in money, against what was planned; empty where nothing has a
 *     price
 * @param otherwise what to do otherwise the next time
 * @param notes that were written at the bench
 * @param before where photos of it are as it came, and after it was done
 * @param care how it wants to be treated
 */
record AfterwardsView(
    String pieceName,
    String stateText,
    boolean complete,
    String workText,
    List<ComparedRow> work,
    List<ComparedRow> supplies,
    String moneyText,
    List<String> otherwise,
    List<NoteRow> notes,
    List<String> before,
    List<String> after,
    List<String> care) {

  /**
   * One thing, planned and as it was.
   *
   * @param planned with took, in one unit, for a drawing
   * @param moreText by how much more, or less; absent where it was as planned
   */
  record ComparedRow(
      String title,
      String plannedText,
      String tookText,
      double planned,
      double took,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String moreText) {}

  record NoteRow(String text, String whereText) {}
}
