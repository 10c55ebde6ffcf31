package craftmap.core.plan.cutting;

import craftmap.core.design.MotifBox;
import craftmap.core.plane.Box;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A named part that the plan keeps of a sheet that is cut.
 *
 * @param sheet which of the sheets, from 0
 */
public record PlannedOffcut(int sheet, String name, Box box) {
  private static final double SAME_MM = 0.01;

  /**
   * What lays keep of the new sheets they are cut from: each name once for each lay, of the first
   * of its sheets on which nothing is cut out of it.
   */
  public static List<PlannedOffcut> of(DesignCut cut, List<DesignCut.Source> sources) {
    List<PlannedOffcut> planned = new ArrayList<>();
    for (DesignCut.Source source : sources) {
      for (String name : source.laid().lay().keeping().offcuts()) {
        motif(cut, name).flatMap(m -> of(cut, source, m, planned)).ifPresent(planned::add);
      }
    }
    return List.copyOf(planned);
  }

  private static Optional<MotifBox> motif(DesignCut cut, String name) {
    return cut.design().picture().stream()
        .flatMap(p -> p.motifs().stream())
        .filter(m -> m.name().equals(name))
        .findFirst();
  }

  private static Optional<PlannedOffcut> of(
      DesignCut cut, DesignCut.Source source, MotifBox motif, List<PlannedOffcut> before) {
    for (int s = 0; s < cut.sheets().size(); s++) {
      DesignCut.Sheet sheet = cut.sheets().get(s);
      PlannedOffcut offcut = new PlannedOffcut(s, motif.name(), motif.box());
      if (sheet.leftoverId().isEmpty()
          && sheet.pieces().stream().anyMatch(p -> isOf(p, source))
          && sheet.pieces().stream().noneMatch(p -> p.window().overlaps(motif.box(), SAME_MM))
          && before.stream().noneMatch(offcut::isIn)) {
        return Optional.of(offcut);
      }
    }
    return Optional.empty();
  }

  private static boolean isOf(DesignCut.Piece piece, DesignCut.Source source) {
    return piece.pieceId().equals(source.pieceId())
        && piece.layId().equals(source.laid().lay().id());
  }

  /** Whether both would be of one spot of a sheet: it is there once. */
  private boolean isIn(PlannedOffcut other) {
    return sheet == other.sheet && box.overlaps(other.box, SAME_MM);
  }

  /** Whether who keeps that rest keeps it too. */
  public boolean isWithin(Box rest) {
    return rest.leftMm() <= box.leftMm() + SAME_MM
        && rest.topMm() <= box.topMm() + SAME_MM
        && rest.rightMm() >= box.rightMm() - SAME_MM
        && rest.bottomMm() >= box.bottomMm() - SAME_MM;
  }

  /** Whether some rest would take a piece of it. */
  boolean isTornBy(List<Box> rests) {
    return rests.stream().anyMatch(r -> r.overlaps(box, SAME_MM) && !isWithin(r));
  }
}
