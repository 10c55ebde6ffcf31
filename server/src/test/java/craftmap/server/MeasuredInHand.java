package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.measure.TapeDivision;
import tools.jackson.databind.JsonNode;

/**
 * Who holds the lower third of a picture, or a leftover, has no edge but its own to measure from:
 * what each part of a sheet is told to lie from is that of what lies in the hand.
 */
final class MeasuredInHand {
  private MeasuredInHand() {}

  /** How many parts of the sheet are measured from an edge that is not the whole sheet's. */
  static int check(JsonNode sheet, TapeDivision tape) {
    int inner = 0;
    boolean several = sheet.path("sections").size() > 1;
    for (JsonNode part : sheet.path("pieces")) {
      JsonNode box = part.path("box");
      int n = 0;
      while (!holds(sheet.path("sections").get(n), box)) {
        n++;
      }
      JsonNode hand = sheet.path("sections").get(n);
      String place =
          tape.show(mm(box, "leftMm") - mm(hand, "leftMm"))
              + " from the left, "
              + tape.show(mm(box, "topMm") - mm(hand, "topMm"))
              + " from the top";
      assertThat(part.path("placeText").asString())
          .startsWith(several ? "Section " + (n + 1) + ": " + place : place);
      inner += mm(hand, "leftMm") + mm(hand, "topMm") > 0 ? 1 : 0;
    }
    return inner;
  }

  private static double mm(JsonNode box, String side) {
    return box.path(side).asDouble();
  }

  private static boolean holds(JsonNode section, JsonNode box) {
    for (String[] side : new String[][] {{"leftMm", "widthMm"}, {"topMm", "heightMm"}}) {
      double from = mm(section, side[0]) - 0.01;
      double to = from + mm(section, side[1]) + 0.02;
      if (mm(box, side[0]) < from || mm(box, side[0]) + mm(box, side[1]) > to) {
        return false;
      }
    }
    return true;
  }
}
