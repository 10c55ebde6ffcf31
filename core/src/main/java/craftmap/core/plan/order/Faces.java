package craftmap.core.plan.order;

import craftmap.core.coats.Group;
import craftmap.core.coats.Place;
import java.util.Collection;
import java.util.HashSet;
import java.util.Set;

/** What of a piece nobody else may work on meanwhile. */
final class Faces {
  private Faces() {}

  static Set<String> of(String pieceId, Group group) {
    Set<String> on = new HashSet<>();
    for (Place place : group.places()) {
      on.add(
          switch (place) {
            case Place.OfFace(String face) -> of(pieceId, face);
            // two do not work on one face at once, be it on two zones of it
            case Place.OfZone(String face, String _) -> of(pieceId, face);
            case Place.OfParts parts -> of(pieceId, parts.parts() + " of " + group.id());
          });
    }
    return on;
  }

  static Set<String> of(String pieceId, Collection<String> faceIds) {
    Set<String> on = new HashSet<>();
    faceIds.forEach(f -> on.add(of(pieceId, f)));
    return on;
  }

  static String of(String pieceId, String what) {
    return pieceId + " " + what;
  }
}
