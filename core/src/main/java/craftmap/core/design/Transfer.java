package craftmap.core.design;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.Tolerance;
import craftmap.core.plane.Box;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * A rub-on picture on a carrier sheet; neither scaled nor mirrored, but cut apart.
 *
 * @param part what of its picture is laid alone, with its border; none for all of it
 */
public record Transfer(
    Card card,
    Picture sheet,
    Box print,
    Optional<Joint> joint,
    Direction direction,
    Optional<MotifBox> part)
    implements PrintedSheet {

  static Transfer read(Card card, MeasureSheet sheet, Optional<Picture> drawn) {
    Picture plain = PlainSheet.ask(sheet, drawn, 600, 450);
    double rim = sheet.length("rim", "bare-rim-of-the-carrier", 0, LengthRange.DISTANCE);
    return new Transfer(
        card,
        plain,
        plain.printed(rim),
        Joint.ask(sheet, plain),
        PlainSheet.direction(sheet, Direction.UPRIGHT),
        Optional.empty());
  }

  /** The same transfer with a part of its picture rubbed on alone. */
  @Override
  public Transfer showing(MotifBox alone) {
    return new Transfer(card, sheet, print, Optional.empty(), direction, Optional.of(alone));
  }

  /**
   * Whether two of the parts it comes in meet along that line of its sheet: nothing is cut there.
   */
  public boolean isJoint(boolean across, double atMm) {
    return joint.isPresent() && joint.get().upright() != across && meets(atMm);
  }

  private boolean meets(double atMm) {
    return jointsAtMm().stream().anyMatch(at -> Tolerance.EXACT.sameLength(at, atMm));
  }

  /** Where the parts it comes in meet, from the left or the top of its sheet. */
  public List<Double> jointsAtMm() {
    if (joint.isEmpty()) {
      return List.of();
    }
    Joint parts = joint.get();
    double from = parts.upright() ? print.leftMm() : print.topMm();
    double size = parts.upright() ? print.widthMm() : print.heightMm();
    return IntStream.range(1, parts.parts()).mapToObj(i -> from + parts.atMm(i, size)).toList();
  }

  /**
   * The sections its sheet comes in, by their true joints: a single one where it comes whole. They
   * are measured as the whole sheet is.
   */
  public List<Box> sections() {
    List<Double> edges = new ArrayList<>(jointsAtMm());
    boolean upright = joint.isPresent() && joint.get().upright();
    edges.addFirst(0.0);
    edges.addLast(upright ? sheet.widthMm() : sheet.heightMm());
    return IntStream.range(1, edges.size())
        .mapToObj(
            i ->
                upright
                    ? Box.between(edges.get(i - 1), 0, edges.get(i), sheet.heightMm())
                    : Box.between(0, edges.get(i - 1), sheet.widthMm(), edges.get(i)))
        .toList();
  }

  @Override
  public DesignKind kind() {
    return DesignKind.TRANSFER;
  }

  @Override
  public Optional<Picture> picture() {
    return Optional.of(sheet);
  }

  @Override
  public Box printed() {
    return part.map(MotifBox::box).orElse(print);
  }

  @Override
  public Handling handling() {
    return Handling.PRINTED;
  }

  @Override
  public Comes comes() {
    return new Comes.AsSheets();
  }
}
