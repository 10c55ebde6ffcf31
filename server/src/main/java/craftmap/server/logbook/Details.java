package craftmap.server.logbook;

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
    double damp) {}
