package craftmap.server.shelf;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.RefusedInput;
import craftmap.core.medium.GenericMedium;
import craftmap.core.medium.Medium;
import craftmap.core.money.Pack;
import craftmap.server.fields.Answers;
import java.util.List;

/**
 * A medium as its label tells it.
 *
 * @param generic the kind whose typical values stand in for what the label does not say
 * @param label what was typed from the label, by key
 * @param packs containers it is sold in
 */
public record MediumGiven(String name, String generic, Answers label, List<Pack> packs) {
  public MediumGiven {
    label = label == null ? Answers.NONE : label;
    packs = packs == null ? List.of() : List.copyOf(packs);
  }

  GenericMedium typical() {
    return GenericMedium.find(generic == null ? "" : generic)
        .orElseThrow(
            () ->
                new RefusedInput(
                    "kind",
                    given(generic),
                    said("is-no-kind-of-medium"),
                    said("one-of-the-generic-media")));
  }

  Medium read(String id, MeasureSheet sheet) {
    return Medium.read(id, name, typical(), sheet);
  }
}
