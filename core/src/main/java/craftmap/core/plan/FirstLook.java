package craftmap.core.plan;

import craftmap.core.colour.Colour;
import craftmap.core.form.FormFace;
import craftmap.core.form.FormNote;
import craftmap.core.surface.Finish;
import craftmap.core.surface.MakeUp;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What a piece is usually made of, before anybody has looked at it: a jar is glass, a round box a
 * tin. It is found so on every face and can be changed like anything that was found.
 */
final class FirstLook {
  private static final Found.Surface GLASS = bare(MakeUp.GLASS, "#D6E4E1");
  private static final Found.Surface GLAZED = bare(MakeUp.GLAZED, "#E9E4D6");
  private static final Found.Surface TIN = bare(MakeUp.METAL, "#BFC3C3");
  private static final Found.Surface FIRED = bare(MakeUp.STONE_WARE, "#C58A66");

  private FirstLook() {}

  private static Found.Surface bare(MakeUp of, String ground) {
    return new Found.Surface(of, Finish.BARE, new Colour(ground), Set.of());
  }

  static Plan at(String name, FormNote form) {
    Found.Surface usual =
        switch (form.kind()) {
          case JAR, BOTTLE -> GLASS;
          case JUG -> GLAZED;
          case PLANTER -> FIRED;
          case BOX -> "SQUARE".equals(form.choices().get("shape")) ? Found.Surface.BARE : TIN;
          case CHEST,
              DRAWER_CHEST,
              CUPBOARD,
              WARDROBE,
              DESK,
              TABLE_TOP,
              CHAIR,
              BENCH,
              STEP_STOOL,
              TRAY,
              FRAME,
              SCREEN,
              CLOCK,
              SIGN,
              SINGLE_FACE ->
              Found.Surface.BARE;
        };
    Map<String, Found> found = new LinkedHashMap<>();
    if (!usual.equals(Found.Surface.BARE)) {
      for (FormFace face : form.read().faces().faces()) {
        found.put(face.id(), Found.nothing().with(usual));
      }
    }
    return new Plan(name, form, found, List.of());
  }
}
