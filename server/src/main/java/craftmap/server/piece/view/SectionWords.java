package craftmap.server.piece.view;

import craftmap.core.plan.cutting.Sections;
import craftmap.core.plane.Box;
import craftmap.server.words.Words;
import java.util.OptionalInt;

/** Says on which section of a picture something is told. */
public final class SectionWords {
  private SectionWords() {}

  /** "Section 2: across, 300 mm from the top" where the picture comes in several. */
  public static String on(Sections sections, Box part, String text) {
    OptionalInt section = sections.holding(part);
    return section.isPresent() ? Words.say("cut.inSection", section.getAsInt() + 1, text) : text;
  }
}
