package craftmap.core.lay.sheet;

import craftmap.core.cut.nest.NestPart;
import craftmap.core.design.Design;
import craftmap.core.design.MotifBox;
import craftmap.core.lay.Item;
import craftmap.core.plane.Box;
import craftmap.core.plane.Planar;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;

/**
 * One part to cut from a sheet.
 *
 * @param number from 1, in the order they are laid
 * @param front which of the faces it goes on, from 0
 * @param shape what of the sheet shows on the face
 * @param cut what is cut out of the sheet: the shape's box with its allowance
 * @param sheet from which sheet, from 1
 * @param meets parts of one number meet each other, wherever on its sheet the first is cut; {@link
 *     NestPart#AS_TOLD} where it is cut just there
 * @param turnDeg by how much it is turned on the face
 * @param whole motifs that lie on it whole
 * @param spoilt motifs that it shows a part of
 */
public record SheetPart(
    int number,
    int front,
    Design design,
    Geometry shape,
    Box cut,
    int sheet,
    int meets,
    double turnDeg,
    List<MotifBox> whole,
    List<MotifBox> spoilt) {
  private static final double WHOLE = 0.999;
  private static final double NOTHING = 0.001;

  public SheetPart {
    whole = List.copyOf(whole);
    spoilt = List.copyOf(spoilt);
  }

  /**
   * What is cut out for an item: what it shows with an allowance on every side, but never past the
   * edge of the sheet.
   */
  public static Box grown(Item item, Box sheetEdge, double allowanceMm) {
    return Trimming.windows(List.of(shown(item)), sheetEdge, allowanceMm, true).getFirst();
  }

  /** The box around what an item shows, on its sheet. */
  public static Box shown(Item item) {
    return boxOf(item.onSheet());
  }

  /** The box around a shape. */
  public static Box boxOf(Geometry shape) {
    Envelope e = shape.getEnvelopeInternal();
    return new Box(e.getMinX(), e.getMinY(), e.getWidth(), e.getHeight());
  }

  /** The part that an item shows, cut out of a box of a sheet. */
  public static SheetPart of(int number, int front, Item item, Box cut, int sheet) {
    Geometry shape = item.onSheet();
    List<MotifBox> whole = new ArrayList<>();
    List<MotifBox> spoilt = new ArrayList<>();
    for (MotifBox motif : item.design().picture().map(p -> p.motifs()).orElse(List.of())) {
      double share = share(shape, motif.box());
      if (share >= WHOLE) {
        whole.add(motif);
      } else if (share > NOTHING) {
        spoilt.add(motif);
      }
    }
    return new SheetPart(
        number,
        front,
        item.design(),
        shape,
        cut,
        sheet,
        NestPart.AS_TOLD,
        item.at().turnDeg(),
        whole,
        spoilt);
  }

  /** The same where only parts of this number have to meet it. */
  public SheetPart meeting(int others) {
    return new SheetPart(number, front, design, shape, cut, sheet, others, turnDeg, whole, spoilt);
  }

  private static double share(Geometry shape, Box box) {
    return Planar.intersection(shape, Planar.polygon(box)).getArea() / box.areaMm2();
  }

  /** Spoiling only these: what is cut here may go on beside it. */
  public SheetPart spoiling(List<MotifBox> motifs) {
    return new SheetPart(
        number,
        front,
        design,
        shape,
        cut,
        sheet,
        meets,
        turnDeg,
        whole,
        spoilt.stream().filter(motifs::contains).toList());
  }
}
