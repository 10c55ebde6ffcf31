package craftmap.server.piece.document;

import craftmap.core.design.DesignKind;
import java.util.List;

/**
 * A keep-out.
 *
 * @param forbids the kinds of design it keeps off; empty for all
 */
public record KeepOutDoc(String id, String name, AreaDoc area, List<DesignKind> forbids) {
  public KeepOutDoc {
    forbids = forbids == null ? List.of() : List.copyOf(forbids);
  }
}
