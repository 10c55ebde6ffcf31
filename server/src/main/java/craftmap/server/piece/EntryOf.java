package craftmap.server.piece;

import craftmap.core.plan.edit.Told;
import craftmap.server.piece.edit.ToldWords;
import craftmap.server.words.Words;
import java.time.Instant;
import java.util.List;
import tools.jackson.databind.json.JsonMapper;

/**
 * One entry of a piece's history without the plan, which is long and mostly known already.
 *
 * @param madeAs the version of the piece that it was made as
 * @param parentId on top of which it was made; null for the first
 * @param told what was done, by its code; null where it has none
 * @param toldNames what that names, as JSON
 * @param summary the sentence, where there is no code
 * @param madeBy empty where nobody said who they are
 */
record EntryOf(
    Long id,
    String pieceId,
    Long parentId,
    long madeAs,
    Instant madeAt,
    String told,
    String toldNames,
    String summary,
    String madeBy) {
  private static final JsonMapper JSON = JsonMapper.shared();

  boolean isFirst() {
    return parentId == null;
  }

  String said() {
    return told == null
        ? summary
        : ToldWords.say(
            new Told(Told.Code.valueOf(told), List.of(JSON.readValue(toldNames, String[].class))));
  }

  /** With whose it was, where it was somebody else's. */
  String saidTo(String person) {
    return madeBy.isEmpty() || madeBy.equals(person)
        ? said()
        : Words.say("told.by", said(), madeBy);
  }
}
