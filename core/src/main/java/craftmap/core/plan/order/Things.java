package craftmap.core.plan.order;

import craftmap.core.form.Vec;
import craftmap.core.order.bench.Footprint;
import craftmap.core.order.work.Thing;
import craftmap.core.plan.PlanFace;
import craftmap.core.plane.Point;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.DoubleStream;

/**
 * What of a piece lies by itself while it dries, and what it covers. A part that comes off lies on
 * its largest side. The rest stands as the piece stands, unless it would fall over.
 */
final class Things {
  /** What is not as deep as this share of its height does not stand by itself. */
  private static final double STANDS = 0.2;

  /** A rolled wall is looked at in so many places each way: what it covers is off by a percent. */
  private static final int LOOKS = 24;

  private Things() {}

  /** By what of the piece is worked on, as steps name it. */
  static Map<String, Thing> of(String pieceId, List<PlanFace> faces) {
    Map<String, Reach> reaches = new LinkedHashMap<>();
    for (PlanFace place : faces) {
      reaches.computeIfAbsent(part(place), p -> new Reach()).add(place);
    }
    Map<String, Thing> all = new HashMap<>();
    for (PlanFace place : faces) {
      String part = part(place);
      all.put(
          Faces.of(pieceId, place.face().id()),
          new Thing(pieceId, part, reaches.get(part).covers(!part.isEmpty())));
    }
    return all;
  }

  /** None for what stays on the piece. */
  private static String part(PlanFace place) {
    return place.comesOff().orElse("");
  }

  /** How far something reaches in the room. */
  private static final class Reach {
    private final double[] least = {
      Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY
    };
    private final double[] most = {
      Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY
    };

    /** Of faces of which nobody said how they stand, the largest: it is a board by itself. */
    private Optional<Footprint> board = Optional.empty();

    void add(PlanFace place) {
      if (!place.shown()) {
        return;
      }
      double wide = place.face().outline().widthMm();
      double high = place.face().outline().heightMm();
      if (place.pose().isEmpty()) {
        Footprint flat = Footprint.of(wide, high);
        board = board.filter(b -> b.areaMm2() > flat.areaMm2()).or(() -> Optional.of(flat));
        return;
      }
      for (int i = 0; i <= LOOKS; i++) {
        for (int j = 0; j <= LOOKS; j++) {
          Point p = new Point(wide * i / LOOKS, high * j / LOOKS);
          Vec at = place.pose().get().at(place.face().outline(), p);
          double[] each = {at.x(), at.y(), at.z()};
          for (int k = 0; k < each.length; k++) {
            least[k] = Math.min(least[k], each[k]);
            most[k] = Math.max(most[k], each[k]);
          }
        }
      }
    }

    Optional<Footprint> covers(boolean comesOff) {
      if (least[0] > most[0]) {
        return board;
      }
      double wide = most[0] - least[0];
      double high = most[1] - least[1];
      double deep = most[2] - least[2];
      if (!comesOff && Math.min(wide, deep) >= STANDS * high) {
        return Optional.of(Footprint.of(wide, deep));
      }
      double[] sides = DoubleStream.of(wide, high, deep).sorted().toArray();
      return Optional.of(Footprint.of(sides[2], sides[1]));
    }
  }
}
