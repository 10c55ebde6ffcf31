package craftmap.core.design;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.Figure;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.RefusedInput;
import craftmap.core.measure.Tolerance;
import craftmap.core.plane.Box;
import java.util.List;
import java.util.Optional;

/**
 * One named part of a picture, laid alone: cut or torn out of a sheet with a border of what lies
 * around it.
 *
 * @param name the name of its motif box
 * @param borderMm left on all round, as far as there is picture
 */
public record NamedPart(String name, double borderMm, PartEdge edge) {
  public static final LengthRange BORDER = LengthRange.DISTANCE.upTo(200);

  /** How its edge is made. */
  public enum PartEdge {
    CUT,
    /** Torn wet, so that the edge is soft. */
    TORN
  }

  public NamedPart {
    borderMm = BORDER.check("border-round-the-part", borderMm);
  }

  /** The names that may be laid alone; none where nothing has a name, or nothing can be cut out. */
  public static List<String> names(Design design) {
    return isPrinted(design)
        ? design.picture().orElseThrow().motifs().stream().map(MotifBox::name).distinct().toList()
        : List.of();
  }

  /** Whether parts of its picture can be laid alone, once they have names. */
  public static boolean isPrinted(Design design) {
    return design instanceof PrintedSheet;
  }

  /** The design as this part of it alone; refused where its picture has no part of that name. */
  public Design of(Design design) {
    MotifBox motif =
        design.picture().map(Picture::motifs).orElse(List.of()).stream()
            .filter(m -> m.name().equals(name))
            .findFirst()
            .orElseThrow(() -> notThere(design));
    if (!(design instanceof PrintedSheet sheet)) {
      throw notThere(design);
    }
    return sheet.showing(
        sheet instanceof Napkin napkin
            ? onFirstPicture(napkin, motif)
            : bordered(motif, sheet.print()));
  }

  private RefusedInput notThere(Design design) {
    List<String> names = names(design);
    return new RefusedInput(
        "part-of-the-picture",
        given(name),
        said("has-no-place-on-this-picture"),
        names.isEmpty() ? said("the-whole-picture") : new Figure.Names(names));
  }

  private MotifBox bordered(MotifBox motif, Box within) {
    Box b = motif.box();
    double left = Math.max(Math.min(within.leftMm(), b.leftMm()), b.leftMm() - borderMm);
    double top = Math.max(Math.min(within.topMm(), b.topMm()), b.topMm() - borderMm);
    double right = Math.min(Math.max(within.rightMm(), b.rightMm()), b.rightMm() + borderMm);
    double bottom = Math.min(Math.max(within.bottomMm(), b.bottomMm()), b.bottomMm() + borderMm);
    return new MotifBox(
        motif.name(), new Box(left, top, right - left, bottom - top), motif.importance());
  }

  /**
   * A napkin prints its picture several times: a part that lies within one is told on the first.
   */
  private MotifBox onFirstPicture(Napkin napkin, MotifBox motif) {
    Box one = napkin.onePicture();
    Box b = motif.box();
    double t = Tolerance.EXACT.lengthMm();
    double left = Math.floor((b.leftMm() + t) / one.widthMm()) * one.widthMm();
    double top = Math.floor((b.topMm() + t) / one.heightMm()) * one.heightMm();
    Optional<Box> within =
        Optional.of(new Box(left, top, one.widthMm(), one.heightMm()))
            .filter(
                cell -> b.rightMm() <= cell.rightMm() + t && b.bottomMm() <= cell.bottomMm() + t);
    if (within.isEmpty()) {
      return bordered(motif, napkin.print());
    }
    MotifBox grown = bordered(motif, within.get());
    Box g = grown.box();
    return new MotifBox(
        grown.name(),
        new Box(g.leftMm() - left, g.topMm() - top, g.widthMm(), g.heightMm()),
        grown.importance());
  }
}
