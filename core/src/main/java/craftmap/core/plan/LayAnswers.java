package craftmap.core.plan;

import craftmap.core.design.Design;
import craftmap.core.lay.Item;
import craftmap.core.lay.rule.LayAnswer;
import craftmap.core.lay.rule.LayRule;
import craftmap.core.plane.Point;
import craftmap.core.surface.Face;
import craftmap.core.surface.ZonePlace;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Supplier;
import org.locationtech.jts.geom.Geometry;

/**
 * What rules answered, by all that an answer follows from. Most changes of a plan, of the shelf and
 * of what the bench has taught leave nearly all lays where they are: whoever reads plans time and
 * again keeps their answers, and only what may have become another is worked out.
 */
@FunctionalInterface
public interface LayAnswers {
  /** Keeps nothing. */
  LayAnswers NONE = (asked, work) -> work.get();

  /** What was answered to the very same, or what is answered now. */
  LayAnswer of(Asked asked, Supplier<LayAnswer> work);

  /**
   * What a rule is asked.
   *
   * @param fronts the faces it is laid on, its own first
   * @param zone where it aims at one
   * @param clearMm how far it keeps from what lies there already; none where it does not care
   */
  record Asked(
      LayRule rule,
      List<Front> fronts,
      Optional<Design> design,
      Optional<Design> corner,
      List<Design> more,
      Optional<ZonePlace> zone,
      OptionalDouble clearMm) {
    public Asked {
      fronts = List.copyOf(fronts);
      more = List.copyOf(more);
    }

    /** Of a design alone on the whole of a face, with nothing to keep clear of. */
    public static Asked alone(LayRule rule, Face face, List<Geometry> insets, Design design) {
      return new Asked(
          rule,
          List.of(new Front(face, false, insets, new Point(0, 0), List.of())),
          Optional.of(design),
          Optional.empty(),
          List.of(),
          Optional.empty(),
          OptionalDouble.empty());
    }

    /** Of what is cheap to tell apart: pictures and the places of copies are looked at last. */
    @Override
    public int hashCode() {
      int hash = Objects.hash(rule, clearMm, zone.map(z -> z.zone().id()));
      for (Front front : fronts) {
        hash = 31 * hash + Objects.hash(front.face().id(), front.at(), front.around().size());
      }
      return 31 * hash + design.map(d -> d.card().id()).hashCode();
    }
  }

  /**
   * A face as a rule sees it.
   *
   * @param setIn whether it is set into another
   * @param insets what of it belongs to faces that are set into it
   * @param at where it begins, seen from the first
   * @param around what lies on it already, where the lay goes around that
   */
  record Front(Face face, boolean setIn, List<Geometry> insets, Point at, List<Item> around) {
    public Front {
      insets = List.copyOf(insets);
      around = List.copyOf(around);
    }
  }
}
