package craftmap.server.piece.edit;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;
import static craftmap.server.piece.document.Given.given;

import craftmap.core.measure.RefusedInput;
import craftmap.core.plan.edit.PlanEdit;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * Edits that become one step of the history.
 *
 * @param id what whoever makes it calls it: sent again, as after a lost answer, it is made once
 * @param gesture changes with the same gesture become one step as well
 */
public record ChangeDoc(
    List<EditDoc> edits,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String id,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String gesture) {
  /** More than a hand makes before it is answered is no gesture. */
  private static final int MOST_EDITS = 500;

  /** Edits as they were sent: one at least, and no more than one can mean to make at once. */
  public static List<PlanEdit> edits(List<EditDoc> docs) {
    if (docs == null || docs.isEmpty() || docs.size() > MOST_EDITS) {
      throw new RefusedInput(
          "edits",
          docs == null ? said("none") : given(docs.size()),
          said("cannot-be-made-at-once"),
          said("1-to", given(MOST_EDITS)));
    }
    return docs.stream().map(d -> given(said("edit"), d).edit()).toList();
  }
}
