package craftmap.core.lay.rule;

import craftmap.core.colour.Colour;
import craftmap.core.design.Design;
import craftmap.core.lay.Item;
import craftmap.core.lay.Room;
import craftmap.core.plane.Box;
import craftmap.core.surface.Area;
import craftmap.core.surface.Face;
import craftmap.core.surface.Finish;
import craftmap.core.surface.KeepOut;
import craftmap.core.surface.MakeUp;
import craftmap.core.surface.Marks;
import craftmap.core.surface.Relief;
import craftmap.core.surface.outline.Outline;
import java.util.List;
import java.util.Set;

/** Faces to lay things on. */
public final class Bench {
  private Bench() {}

  public static Face face(Outline outline, Marks marks) {
    return new Face(
        "f",
        "F",
        outline,
        MakeUp.WOOD,
        Finish.BARE,
        new Colour("#1F4650"),
        Set.of(),
        0,
        Relief.FLAT,
        marks);
  }

  public static Marks plate(Box box) {
    return Marks.ofKeepOuts(List.of(new KeepOut("k", "plate", new Area.Upright(box), Set.of())));
  }

  public static List<LayOption> lay(LayRule rule, Outline outline, Design design) {
    return lay(rule, face(outline, Marks.NONE), design);
  }

  public static List<LayOption> lay(LayRule rule, Face face, Design design) {
    LayAnswer answer = rule.lay(new Laying(Room.on(face, design.kind()), design));
    return answer instanceof LayAnswer.Options options ? options.ranked() : List.of();
  }

  public static boolean apart(List<Item> items) {
    return !Apart.anyOverlap(items);
  }
}
