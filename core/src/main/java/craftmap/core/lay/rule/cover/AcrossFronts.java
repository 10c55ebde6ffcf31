package craftmap.core.lay.rule.cover;

import craftmap.core.design.MotifBox;
import craftmap.core.lay.rule.Arrangement;
import craftmap.core.lay.rule.Way;
import craftmap.core.lay.sheet.Copies;
import craftmap.core.lay.sheet.SheetPart;
import craftmap.core.plane.Point;
import java.util.List;

/**
 * One picture behind several faces.
 *
 * @param rank which of the places of its way: 1 is the one that spoils least
 * @param shift where the picture begins in the plane of the faces
 * @param offMiddleMm how far it lies from where it would be in the middle
 * @param spoilt motifs that are cut or do not show
 * @param seamsMm where on the picture the joints of its own parts come to lie
 */
public record AcrossFronts(
    Way.OverFaces way,
    int rank,
    Point shift,
    double offMiddleMm,
    List<MotifBox> spoilt,
    List<SheetPart> parts,
    List<Double> seamsMm)
    implements Arrangement, SheetWork {
  public AcrossFronts {
    spoilt = List.copyOf(spoilt);
    parts = List.copyOf(parts);
    seamsMm = List.copyOf(seamsMm);
  }

  @Override
  public int count() {
    return rank;
  }

  @Override
  public int sheets() {
    return parts.stream().mapToInt(SheetPart::sheet).max().orElse(1);
  }

  @Override
  public int leastSheets() {
    return Copies.of(parts.stream().map(SheetPart::cut).toList()).least();
  }
}
