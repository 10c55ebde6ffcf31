package craftmap.core.log;

import craftmap.core.medium.Medium;
import craftmap.core.medium.ToolKind;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What a studio learned so far. Every figure starts from what is typical and moves towards what was
 * seen, the further the more often it was.
 */
public final class Learned {
  public static final Learned NONE = new Learned(Map.of(), Map.of());

  private final Map<Topic, Measured> measured;
  private final Map<Topic, Bracketed> bracketed;

  private Learned(Map<Topic, Measured> measured, Map<Topic, Bracketed> bracketed) {
    this.measured = Map.copyOf(measured);
    this.bracketed = Map.copyOf(bracketed);
  }

  /** From all that counts of what was seen. */
  public static Learned from(List<Observation> seen) {
    Map<Topic, Measured> measured = new HashMap<>();
    Map<Topic, Bracketed> bracketed = new HashMap<>();
    for (Observation o : seen) {
      if (!o.counts()) {
        continue;
      }
      if (o.topic().about().isBracketed()) {
        bracketed.merge(
            o.topic(),
            Bracketed.NONE.and(o.low(), o.high()),
            (all, _) -> all.and(o.low(), o.high()));
      } else {
        measured.merge(o.topic(), Measured.NONE.and(o.low()), (all, _) -> all.and(o.low()));
      }
    }
    return new Learned(measured, bracketed);
  }

  /** Without what somebody does not want plans to go by. */
  public Learned without(Set<Topic> off) {
    Map<Topic, Measured> some = new HashMap<>(measured);
    Map<Topic, Bracketed> others = new HashMap<>(bracketed);
    some.keySet().removeAll(off);
    others.keySet().removeAll(off);
    return new Learned(some, others);
  }

  /** How many observations stand behind a figure; 0 where it is as is typical. */
  public int count(Topic topic) {
    return topic.about().isBracketed()
        ? bracketed.getOrDefault(topic, Bracketed.NONE).ranges().size()
        : measured.getOrDefault(topic, Measured.NONE).count();
  }

  /** A figure, with how sure it is. */
  public Estimate estimate(Topic topic, double typical) {
    return switch (topic.about()) {
      case PACE, SPREAD, TAKES -> measured.getOrDefault(topic, Measured.NONE).estimate(typical);
      case HIDES -> bracketed.getOrDefault(topic, Bracketed.NONE).share(typical);
      case DRIES -> bracketed.getOrDefault(topic, Bracketed.NONE).ratio();
    };
  }

  /** Minutes that one of what a skill is told by takes. */
  public double minutes(Skill skill, double typical) {
    return value(skill.topic(), typical);
  }

  /**
   * How far a medium goes, in m² a litre.
   *
   * @param with the tool, or the way it is used
   * @param loss what stays in that, which is learned along with it
   */
  public double spread(String mediumId, String with, double typical, double loss) {
    return value(Topic.spread(mediumId, with), typical / (1 + loss)) * (1 + loss);
  }

  /** What is taken out of the pot beside what stays on the piece, as a share of that. */
  public double loss(String what, double typical) {
    return Math.max(0, value(Topic.takes(what), 1 + typical) - 1);
  }

  private double value(Topic topic, double typical) {
    Measured seen = measured.get(topic);
    return seen == null ? typical : seen.value(typical);
  }

  /** A medium as it turned out to be: as it hides, and as it dries. */
  public Medium medium(Medium labelled) {
    Medium medium = labelled;
    Bracketed hides = bracketed.get(Topic.hides(labelled.id()));
    if (hides != null) {
      medium = medium.hiding(hides.share(labelled.coverage().hides()).value());
    }
    Bracketed dries = bracketed.get(Topic.dries(labelled.id()));
    if (dries != null) {
      medium = medium.drying(medium.drying().slower(dries.ratio().value()));
    }
    return medium;
  }

  /** How fast a tool covers. */
  public double coversM2PerMin(ToolKind kind, double typical) {
    return 1 / minutes(Skill.of(Skill.Craft.COAT, kind), 1 / typical);
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Learned l
        && measured.equals(l.measured)
        && bracketed.equals(l.bracketed);
  }

  @Override
  public int hashCode() {
    return 31 * measured.hashCode() + bracketed.hashCode();
  }
}
