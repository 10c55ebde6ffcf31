package craftmap.core.plan.order;

import craftmap.core.coats.Band;
import craftmap.core.coats.BandReading;
import craftmap.core.coats.Where;
import craftmap.core.log.Effort;
import craftmap.core.log.Observation;
import craftmap.core.log.Topic;
import craftmap.core.medium.PotLabel;
import craftmap.core.medium.ToolKind;
import craftmap.core.order.work.Doing;
import craftmap.core.order.work.Work;
import craftmap.core.order.work.WorkStep;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.Need;
import craftmap.core.plan.Needs;
import craftmap.core.plan.coats.CoatsReading;
import craftmap.core.plan.reading.PlanReading;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What can be learned from each step: from how long it took, and from what it used. */
public final class Lessons {
  private final Work work;
  private final PlanReading reading;
  private final CoatsReading coats;
  private final Draws draws;
  private final Map<String, Integer> parts = new HashMap<>();

  public Lessons(AskedOrder asked, PlanReading reading, CoatsReading coats) {
    this.work = asked.work();
    this.reading = reading;
    this.coats = coats;
    this.draws = Draws.of(asked, reading, coats);
    work.steps().forEach(s -> parts.merge(s.wholeId(), 1, Integer::sum));
  }

  /**
   * What a plan goes by where something is used.
   *
   * @param planned the figure
   * @param isSpread whether it grows as less is used
   */
  private record Goes(Topic topic, double planned, boolean isSpread) {
    static Goes far(String mediumId, String with, double spread, double loss) {
      return new Goes(Topic.spread(mediumId, with), spread / (1 + loss), true);
    }

    static Goes into(String what, double loss) {
      return new Goes(Topic.takes(what), 1 + loss, false);
    }

    Observation seen(double plannedMl, double usedMl) {
      return isSpread
          ? Observation.went(topic, planned, plannedMl, usedMl)
          : Observation.took(topic, planned, plannedMl, usedMl);
    }
  }

  /**
   * What a step that is done teaches.
   *
   * @param minutes that it took
   * @param usedMl as somebody measured it; none where it was not looked at
   */
  public List<Observation> of(WorkStep step, double minutes, Optional<Double> usedMl) {
    List<Observation> seen = new ArrayList<>();
    effort(step).flatMap(e -> e.took(minutes)).ifPresent(seen::add);
    usedMl
        .filter(ml -> ml > 0)
        .ifPresent(
            ml ->
                draws
                    .of(step.id())
                    .filter(d -> d.ml() > 0)
                    .ifPresent(d -> goes(step).map(g -> g.seen(d.ml(), ml)).ifPresent(seen::add)));
    return seen;
  }

  /** What a step's pace is learned by; none where it goes by nothing that is counted. */
  public Optional<Effort> effort(WorkStep step) {
    double part = 1.0 / parts.getOrDefault(step.wholeId(), 1);
    if (!Band.isLay(step.what())) {
      return band(step).flatMap(BandReading::effort).map(e -> e.share(part / step.of()));
    }
    Optional<Need.HandsOn> hands =
        laid(step).map(LayReading.Laid::takes).flatMap(t -> t.find(Need.HandsOn.class));
    return switch (step.doing()) {
      case CUT, CAST -> hands.map(Need.HandsOn::before).map(e -> e.share(part));
      case LAY -> hands.map(Need.HandsOn::onIt).map(e -> e.share(part / step.of()));
      default -> Optional.empty();
    };
  }

  private Optional<BandReading> band(WorkStep step) {
    return step.doing() == Doing.UNMASK
        ? Optional.empty()
        : coats.group(step.row()).flatMap(g -> g.band(step.what()));
  }

  private Optional<LayReading.Laid> laid(WorkStep step) {
    return reading.led(step.what().substring(Band.LAY.length()));
  }

  private Optional<Goes> goes(WorkStep step) {
    return Band.isLay(step.what())
        ? laid(step).flatMap(Lessons::goes)
        : band(step).flatMap(Lessons::goes);
  }

  /** Only where it lies as thick as it comes from the tool, all over. */
  private static Optional<Goes> goes(BandReading band) {
    if (!(band.band() instanceof Band.Coat coat) || band.sum().isEmpty()) {
      return Optional.empty();
    }
    BandReading.Sum sum = band.sum().get();
    return switch (coat.where()) {
      case Where.All _, Where.Blended _, Where.WipedBack _ ->
          Optional.of(
              Goes.far(
                  coat.of().medium().id(), coat.goesWith(), sum.spreadM2PerLitre(), sum.loss()));
      case Where.Edges _, Where.HighSpots _, Where.Recesses _, Where.Splatter _, Where.Poured _ ->
          Optional.empty();
    };
  }

  /** The medium that a step leaves wet, by its id. */
  public Optional<String> leavesWet(WorkStep step) {
    return Band.isLay(step.what())
        ? laid(step).flatMap(LayReading.Laid::pot).map(PotLabel::mediumId)
        : band(step).flatMap(BandReading::product).map(p -> p.medium().id());
  }

  private static Optional<Goes> goes(LayReading.Laid laid) {
    Needs takes = laid.takes();
    Optional<String> medium = laid.pot().map(PotLabel::mediumId);
    return takes
        .find(Need.Paste.class)
        .map(p -> Goes.into(Topic.PASTE, p.loss()))
        .or(() -> takes.find(Need.Castings.class).map(c -> Goes.into(Topic.CASTINGS, c.loss())))
        .or(
            () ->
                takes
                    .find(Need.Paint.class)
                    .map(Need.Paint::sum)
                    .flatMap(
                        s ->
                            medium.map(
                                m ->
                                    Goes.far(
                                        m,
                                        s.isThroughOpenings()
                                            ? Topic.THROUGH_OPENINGS
                                            : ToolKind.BRUSH.name(),
                                        s.spreadM2PerLitre(),
                                        s.loss()))))
        .or(
            () ->
                takes
                    .find(Need.Coated.class)
                    .map(Need.Coated::sum)
                    .flatMap(
                        s ->
                            medium.map(
                                m ->
                                    Goes.far(
                                        m,
                                        ToolKind.BRUSH.name(),
                                        s.spreadM2PerLitre(),
                                        s.loss()))));
  }
}
