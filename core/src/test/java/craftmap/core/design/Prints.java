package craftmap.core.design;

import craftmap.core.artwork.SvgReader;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Box;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Pictures on sheets, for tests. */
public final class Prints {
  private Prints() {}

  public static Card card() {
    return new Card("d", "D", "print", "", Rights.MAY_BE_SOLD);
  }

  private static Optional<Picture> picture(double w, double h, MotifBox... motifs) {
    return Optional.of(new Picture(w, h, Optional.empty(), Optional.empty(), List.of(motifs)));
  }

  /** As it usually is, with no picture. */
  public static Design plain(DesignKind kind, Map<String, String> choices) {
    return kind.read(card(), new MeasureSheet(Map.of(), choices), Optional.empty());
  }

  public static MotifBox motif(String name, int importance, double... box) {
    return new MotifBox(name, new Box(box[0], box[1], box[2], box[3]), importance);
  }

  public static Design transfer(double w, double h, MotifBox... motifs) {
    return of(DesignKind.TRANSFER, Map.of(), Map.of(), w, h, motifs);
  }

  public static Design transferInParts(int parts, double w, double h, MotifBox... motifs) {
    return of(DesignKind.TRANSFER, Map.of("parts", (double) parts), Map.of(), w, h, motifs);
  }

  public static Design paper(double w, double h, MotifBox... motifs) {
    return of(DesignKind.PAPER, Map.of(), Map.of("direction", "UPRIGHT"), w, h, motifs);
  }

  public static Design plainPaper(double w, double h) {
    return of(DesignKind.PAPER, Map.of(), Map.of("direction", "ANY_WAY"), w, h);
  }

  public static Design repeatingPaper(
      double w, double h, double acrossMm, double downMm, MotifBox... motifs) {
    return of(
        DesignKind.PAPER,
        Map.of("repeatX", acrossMm, "repeatY", downMm),
        Map.of("direction", "UPRIGHT"),
        w,
        h,
        motifs);
  }

  public static Design napkin(int quarters, MotifBox... motifs) {
    return of(DesignKind.NAPKIN, Map.of("quarters", (double) quarters), Map.of(), 330, 330, motifs);
  }

  public static Design cutOut(double w, double h, MotifBox... motifs) {
    return of(DesignKind.COLLAGE, Map.of(), Map.of(), w, h, motifs);
  }

  /** A round cut-out: what is drawn is the disc. */
  public static Design roundCutOut(double across) {
    String svg =
        "<svg xmlns='http://www.w3.org/2000/svg' width='%smm' height='%smm' viewBox='0 0 %s %s'><circle cx='%s' cy='%s' r='%s'/></svg>"
            .formatted(across, across, across, across, across / 2, across / 2, across / 2);
    return DesignKind.COLLAGE.read(
        card(),
        MeasureSheet.blank(),
        Optional.of(
            new Picture(
                across,
                across,
                Optional.of(SvgReader.read(svg).silhouette()),
                Optional.empty(),
                List.of())));
  }

  public static Design foil(double width, double overlap, String coverage) {
    return DesignKind.FOIL.read(
        card(),
        new MeasureSheet(
            Map.of("width", width, "roll", 10_000.0, "overlap", overlap),
            Map.of("coverage", coverage)),
        Optional.empty());
  }

  public static Design plasterFabric(double width, double overlap, int layers) {
    return DesignKind.PLASTER_FABRIC.read(
        card(),
        new MeasureSheet(
            Map.of("width", width, "overlap", overlap, "layers", (double) layers), Map.of()),
        Optional.empty());
  }

  public static Design image(double w, double h, double overlap) {
    return of(DesignKind.ENLARGED_IMAGE, Map.of("overlap", overlap), Map.of("page", "A4"), w, h);
  }

  public static Design zone() {
    return DesignKind.PAINTED_ZONE.read(card(), MeasureSheet.blank(), Optional.empty());
  }

  private static Design of(
      DesignKind kind,
      Map<String, Double> measures,
      Map<String, String> choices,
      double w,
      double h,
      MotifBox... motifs) {
    return kind.read(
        card(), new MeasureSheet(new HashMap<>(measures), choices), picture(w, h, motifs));
  }
}
