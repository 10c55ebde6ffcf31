package craftmap.core.plan.order;

import craftmap.core.coats.Group;
import craftmap.core.coats.GroupReading;
import craftmap.core.order.climate.DryingLaw;
import craftmap.core.order.work.Doing;
import craftmap.core.order.work.Dry;
import craftmap.core.order.work.Link;
import craftmap.core.order.work.Material;
import craftmap.core.order.work.Work;
import craftmap.core.order.work.WorkStep;
import craftmap.core.plan.Ordering;
import craftmap.core.plan.OwnStep;
import craftmap.core.plan.StepChoice;
import craftmap.core.plan.coats.CoatsReading;
import craftmap.core.plan.reading.PlanReading;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The steps of a piece as the artist wants them.
 *
 * @param begins steps that are to begin at a time of the studio's clock, by id
 * @param unkept orders that were asked for and cannot be: what is to come first waits for the other
 * @param mendDraws what the steps take that mend something, by id
 * @param spoiled what they take of designs beyond what is laid, by id
 */
public record AskedOrder(
    Work work,
    Map<String, LocalDateTime> begins,
    List<Ordering.Bar> unkept,
    Map<String, MendDraw> mendDraws,
    Map<String, Spoiled> spoiled) {
  /** The row of steps that the piece is not needed for. */
  public static final String BESIDES = "besides";

  /** Of what nothing is done to. */
  public static final AskedOrder NONE =
      new AskedOrder(Work.NONE, Map.of(), List.of(), Map.of(), Map.of());

  public AskedOrder {
    begins = Map.copyOf(begins);
    unkept = List.copyOf(unkept);
    mendDraws = Map.copyOf(mendDraws);
    spoiled = Map.copyOf(spoiled);
  }

  /** Of a plan that was read. */
  public static AskedOrder of(
      String pieceId, Ordering order, PlanReading reading, CoatsReading coats) {
    Set<String> done =
        order.steps().entrySet().stream()
            .filter(s -> s.getValue().done().isPresent())
            .map(Map.Entry::getKey)
            .collect(Collectors.toSet());
    return of(pieceId, StepsReader.of(pieceId, reading, coats, done), order, reading, coats);
  }

  /**
   * With their times, parts, fixed beginnings and order, and with those of the artist's own.
   *
   * @param derived what the plan asks for
   */
  private static AskedOrder of(
      String pieceId, Work derived, Ordering order, PlanReading reading, CoatsReading coats) {
    Work work = timed(derived.and(own(pieceId, order, coats)), order);
    List<Ordering.Bar> unkept = new ArrayList<>();
    work = barred(pieceId, work, order, unkept);
    Map<String, Integer> parts = new HashMap<>();
    work.steps().forEach(s -> parts.put(s.id(), order.step(s.key()).parts()));
    Mends.Mended mended =
        Mends.of(pieceId, timed(work.inParts(parts), order), order, reading, coats);
    work = timed(mended.work(), order);
    Map<String, LocalDateTime> begins = new HashMap<>();
    for (WorkStep step : work.steps()) {
      order.step(step.key()).begins().ifPresent(b -> begins.put(step.id(), b));
    }
    return new AskedOrder(work, begins, unkept, mended.draws(), mended.spoiled());
  }

  private static Work timed(Work work, Ordering order) {
    return work.with(s -> order.step(s.key()).takes().map(s::lasting).orElse(s));
  }

  private static Work own(String pieceId, Ordering order, CoatsReading coats) {
    List<WorkStep> steps = new ArrayList<>();
    order
        .own()
        .forEach(
            (key, own) -> {
              Optional<Group> group = own.group().flatMap(coats::group).map(GroupReading::group);
              steps.add(
                  new WorkStep(
                      pieceId + ":" + key,
                      pieceId,
                      group.map(Group::id).orElse(BESIDES),
                      Doing.OWN,
                      key,
                      1,
                      1,
                      own.takes(),
                      group.map(g -> Faces.of(pieceId, g)).orElse(Set.of()),
                      Set.of(),
                      rest(own),
                      Material.NONE));
            });
    return new Work(steps, List.of());
  }

  private static Optional<Dry> rest(OwnStep own) {
    Duration rests = own.rests();
    return rests.isZero()
        ? Optional.empty()
        : Optional.of(new Dry(Dry.For.REST, rests, DryingLaw.CLOCK));
  }

  /** One after the other; an order that would have steps wait for themselves is left out. */
  private static Work barred(String pieceId, Work work, Ordering order, List<Ordering.Bar> unkept) {
    Set<String> known = work.steps().stream().map(WorkStep::id).collect(Collectors.toSet());
    Set<List<String>> linked = new HashSet<>();
    work.links().forEach(l -> linked.add(List.of(l.from(), l.to())));
    Work all = work;
    for (Ordering.Bar bar : order.bars()) {
      String first = pieceId + ":" + bar.first();
      String next = pieceId + ":" + bar.next();
      if (!known.contains(first) || !known.contains(next) || !linked.add(List.of(first, next))) {
        continue;
      }
      if (all.waitsFor(first, next)) {
        unkept.add(bar);
        continue;
      }
      Optional<Dry> rest =
          Optional.ofNullable(order.own().get(bar.first())).flatMap(AskedOrder::rest);
      List<Link> links = new ArrayList<>(all.links());
      links.add(new Link(first, next, rest, Optional.empty()));
      all = all.of(all.steps(), links);
    }
    return all;
  }

  /** Steps that are done, by id; of one in parts only when its parts are. */
  public static Map<String, Ordering.Done> done(String pieceId, Ordering order) {
    Map<String, Ordering.Done> done = new HashMap<>();
    for (Map.Entry<String, StepChoice> each : order.steps().entrySet()) {
      each.getValue().done().ifPresent(d -> done.put(pieceId + ":" + each.getKey(), d));
    }
    return done;
  }
}
