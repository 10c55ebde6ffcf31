package craftmap.server.logbook;

import craftmap.core.order.mishap.Mishap;
import craftmap.core.order.mishap.Remedy;
import craftmap.core.order.mishap.Trouble;

/**
 * A step as it was when it was told of: the plan goes on changing, the log does not.
 *
 * @param title what was done, on what
 * @param doing what kind of step it was; empty where the plan no longer knew it
 * @param tool what it was put on with, by kind; empty where nothing was
 * @param medium what was put on; empty where nothing was
 * @param plannedMinutes in whole minutes, as the bench said; 0 where the plan no longer knew it
 * @param tookMinutes as it was told
 * @param plannedMl out of the pot, by the plan; 0 of what takes nothing
 * @param usedMl as it was told; absent where it was used as planned
 * @param levelMl what is left in the pot, as it was told; absent where nobody looked
 * @param celsius how warm it was, and
 * @param damp how damp, by the studio's climate
 * @param trouble what went wrong with it; absent where nothing did
 * @param remedy what was done about it
 */
public record Details(
    String pieceName,
    String title,
    String doing,
    String tool,
    String medium,
    double plannedMinutes,
    double tookMinutes,
    double plannedMl,
    Double usedMl,
    Double levelMl,
    double celsius,
    double damp,
    Trouble trouble,
    Remedy remedy) {
  /** The same with something that went wrong. */
  public Details wrong(Mishap mishap) {
    return new Details(
        pieceName,
        title,
        doing,
        tool,
        medium,
        plannedMinutes,
        tookMinutes,
        plannedMl,
        usedMl,
        levelMl,
        celsius,
        damp,
        mishap.trouble(),
        mishap.remedy());
  }
}
