package craftmap.core.lay.rule.cover;

import craftmap.core.lay.rule.RuleNote;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import java.util.Optional;

/**
 * A seam that the sheets do not ask for: so that a face can be made of leftovers neither of which
 * would do alone.
 *
 * @param way which way it runs
 * @param front on which of the faces, from 0
 * @param atMm how far from that face's left or upper edge the second part begins
 */
public record FurtherSeam(Way way, int front, double atMm) {
  private static final int MOST_FACES = 40;

  /** Which way a seam runs. */
  public enum Way {
    DOWN_THE_FACE,
    ACROSS_THE_FACE
  }

  /** What there is to choose from. */
  private enum More {
    NONE,
    DOWN_THE_FACE,
    ACROSS_THE_FACE
  }

  public boolean isUpright() {
    return way == Way.DOWN_THE_FACE;
  }

  /** On a face that is turned over left to right: what was the first part is the second. */
  FurtherSeam mirrored(double faceWidthMm, double overlapMm) {
    return isUpright()
        ? new FurtherSeam(way, front, Math.max(0, faceWidthMm - atMm - overlapMm))
        : this;
  }

  static Optional<FurtherSeam> read(MeasureSheet sheet) {
    More more = sheet.choice("seam", "one-seam-more", More.NONE);
    return switch (more) {
      case NONE -> Optional.empty();
      case DOWN_THE_FACE -> Optional.of(read(sheet, Way.DOWN_THE_FACE));
      case ACROSS_THE_FACE -> Optional.of(read(sheet, Way.ACROSS_THE_FACE));
    };
  }

  private static FurtherSeam read(MeasureSheet sheet, Way way) {
    return new FurtherSeam(
        way,
        sheet.count("seamFace", "on-which-of-its-faces", 1, 1, MOST_FACES) - 1,
        sheet.length(
            "seamAt",
            way == Way.DOWN_THE_FACE ? "seam-from-the-left" : "seam-from-the-top",
            100,
            LengthRange.DISTANCE));
  }

  static void write(Optional<FurtherSeam> seam, RuleNote.Writer note) {
    note.put("seam", seam.map(s -> More.valueOf(s.way.name())).orElse(More.NONE));
    seam.ifPresent(s -> note.put("seamFace", s.front + 1).put("seamAt", s.atMm));
  }
}
