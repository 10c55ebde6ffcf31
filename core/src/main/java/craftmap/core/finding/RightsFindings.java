package craftmap.core.finding;

import craftmap.core.design.Design;
import craftmap.core.measure.Figure;
import craftmap.core.measure.Level;
import craftmap.core.plan.LayReading;
import craftmap.core.surface.Face;
import java.util.List;
import java.util.stream.Stream;

/** What the makers of the designs on a piece that is for sale do not allow without being asked. */
public final class RightsFindings {
  private RightsFindings() {}

  /** Of a lay and everything in it; none where the piece is not for sale. */
  public static List<Finding> of(Face face, LayReading.Laid laid, boolean forSale) {
    if (!forSale) {
      return List.of();
    }
    About about = new About.OfLay(face.id(), laid.lay().id());
    return Stream.concat(Stream.of(laid.design()), laid.items().stream().map(i -> i.design()))
        .map(Design::card)
        .filter(c -> !c.rights().allowsSale())
        .distinct()
        .map(
            c ->
                Finding.of(
                    FindingRule.RIGHTS,
                    Level.RISK,
                    about,
                    new Figure.Named(c.name()),
                    new Figure.One(c.rights())))
        .toList();
  }
}
