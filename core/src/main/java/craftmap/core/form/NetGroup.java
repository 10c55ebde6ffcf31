package craftmap.core.form;

import craftmap.core.surface.outline.Edge;
import java.util.Optional;

/**
 * Faces that keep their places to each other on the net, such as the fronts of a chest.
 *
 * @param beside the group it is folded out from; none for the one in the middle
 * @param edge on which side of that one it lies
 */
public record NetGroup(String id, Optional<String> beside, Edge edge) {
  static NetGroup middle(String id) {
    return new NetGroup(id, Optional.empty(), Edge.TOP);
  }

  static NetGroup beside(String id, String other, Edge edge) {
    return new NetGroup(id, Optional.of(other), edge);
  }
}
