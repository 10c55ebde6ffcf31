package craftmap.core.plan.coats;

import craftmap.core.colour.Colour;
import craftmap.core.plan.Found;
import craftmap.core.surface.Finish;
import craftmap.core.surface.MakeUp;
import java.util.Set;

/** What a surface looks like before anything is put on. */
final class Surfaces {
  private Surfaces() {}

  /** As it was found, else as such things usually look. */
  static Colour now(Found.Surface surface) {
    return surface.now().orElseGet(() -> usual(surface));
  }

  private static Colour usual(Found.Surface surface) {
    // a face that is painted is taken to have the colour that it is shown in
    if (surface.finish() == Finish.PAINTED) {
      return surface.ground();
    }
    boolean finished = surface.finish() != Finish.BARE;
    return switch (surface.makeUp()) {
      case WOOD, VENEER ->
          switch (surface.finish()) {
            case WAXED -> new Colour("#C9A26B");
            case VARNISHED -> new Colour("#A9713E");
            case BARE, PAINTED -> Found.Surface.BARE.ground();
          };
      case BOARD -> new Colour(finished ? "#B08A58" : "#C8B08A");
      case LAMINATE -> new Colour("#DAD8D0");
      case GLASS -> new Colour("#D6E4E1");
      case GLAZED -> new Colour("#E9E4D6");
      case METAL -> new Colour("#BFC3C3");
      case PLASTIC -> new Colour("#E4E2DC");
      case LEATHER -> new Colour("#7A4B2C");
      case STONE_WARE -> new Colour("#C58A66");
    };
  }

  /** The colour that is asked for; what it has already where nobody has asked for any. */
  static Colour wanted(Found.Surface surface) {
    boolean asked = !surface.ground().equals(Found.Surface.BARE.ground());
    return asked ? surface.ground() : now(surface);
  }

  static Found.Surface of(MakeUp makeUp, Finish finish) {
    return new Found.Surface(makeUp, finish, Found.Surface.BARE.ground(), Set.of());
  }
}
