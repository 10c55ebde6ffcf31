package craftmap.core.design;

import craftmap.core.measure.MeasureSheet;
import java.util.Optional;

/**
 * Where two or three parts of one picture meet. The joint winds round the motifs by no more than
 * {@code windsMm} to either side of its straight line.
 */
public record Joint(int parts, boolean upright, double windsMm) {
  static Optional<Joint> ask(MeasureSheet sheet, Picture picture) {
    int parts = sheet.count("parts", "parts-it-comes-in", 1, 1, 3);
    if (parts == 1) {
      return Optional.empty();
    }
    boolean wide = picture.widthMm() > picture.heightMm();
    boolean upright = sheet.yes("jointUpright", "the-joint-runs-up-and-down", wide);
    double across = upright ? picture.widthMm() : picture.heightMm();
    double winds =
        sheet.length(
            "jointWinds",
            "it-winds-to-either-side-by",
            across / parts / 20,
            craftmap.core.measure.LengthRange.DISTANCE.upTo(across / parts / 2));
    return Optional.of(new Joint(parts, upright, winds));
  }

  /** Where the joints would be if they did not wind, from the left or the top of the picture. */
  public double atMm(int joint, double acrossMm) {
    return acrossMm * joint / parts;
  }
}
