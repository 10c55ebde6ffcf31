package craftmap.core.surface;

import static craftmap.core.measure.Figure.said;

import craftmap.core.design.DesignKind;
import java.util.Set;

/**
 * Part of a face that nothing, or none of certain kinds of design, may cover: a lock plate, a glass
 * pane, the thread of a rim.
 *
 * @param forbids the kinds that may not cover it; empty for all of them
 */
public record KeepOut(String id, String name, Area area, Set<DesignKind> forbids) implements Mark {
  public KeepOut {
    MarkWords.check(said("name-of-the-keep-out"), name);
    forbids = Set.copyOf(forbids);
  }

  public boolean forbids(DesignKind kind) {
    return forbids.isEmpty() || forbids.contains(kind);
  }

  @Override
  public String title() {
    return name;
  }

  @Override
  public KeepOut mirrored(double widthMm) {
    return new KeepOut(id, name, area.mirrored(widthMm), forbids);
  }

  @Override
  public KeepOut under(String otherId) {
    return new KeepOut(otherId, name, area, forbids);
  }
}
