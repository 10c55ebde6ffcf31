package craftmap.core.order.work;

import java.time.Duration;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToIntFunction;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/**
 * Steps, and which has to wait for which. No step waits for itself, be it by way of others.
 *
 * @param apart steps that the piece may not lie for both at once
 * @param things what lies by itself while it dries, by what is worked on of it
 */
public record Work(
    List<WorkStep> steps, List<Link> links, List<Apart> apart, Map<String, Thing> things) {
  /** Stands before the number of a part that a step was torn into. */
  static final String PART = "/";

  public static final Work NONE = new Work(List.of(), List.of());

  /** With nothing that the piece has to be turned for. */
  public Work(List<WorkStep> steps, List<Link> links) {
    this(steps, links, List.of(), Map.of());
  }

  /** With nothing known of what lies by itself. */
  public Work(List<WorkStep> steps, List<Link> links, List<Apart> apart) {
    this(steps, links, apart, Map.of());
  }

  public Work {
    steps = List.copyOf(steps);
    links = List.copyOf(links);
    apart = List.copyOf(apart);
    things = Map.copyOf(things);
    Map<String, Integer> waitsFor = new HashMap<>();
    Map<String, List<String>> next = new HashMap<>();
    for (WorkStep step : steps) {
      if (waitsFor.put(step.id(), 0) != null) {
        throw new IllegalArgumentException("impossible state: two steps are called " + step.id());
      }
    }
    for (Link link : links) {
      if (!waitsFor.containsKey(link.from()) || !waitsFor.containsKey(link.to())) {
        throw new IllegalArgumentException("impossible state: " + link + " links no steps");
      }
      waitsFor.merge(link.to(), 1, Integer::sum);
      next.computeIfAbsent(link.from(), f -> new ArrayList<>()).add(link.to());
    }
    Deque<String> free = new ArrayDeque<>();
    waitsFor.forEach(
        (id, count) -> {
          if (count == 0) {
            free.add(id);
          }
        });
    int seen = 0;
    while (!free.isEmpty()) {
      seen++;
      for (String id : next.getOrDefault(free.remove(), List.of())) {
        if (waitsFor.merge(id, -1, Integer::sum) == 0) {
          free.add(id);
        }
      }
    }
    if (seen < steps.size()) {
      throw new IllegalArgumentException("impossible state: steps wait for each other in a ring");
    }
  }

  public Work and(Work other) {
    Map<String, Thing> both = new HashMap<>(things);
    both.putAll(other.things);
    return new Work(
        Stream.concat(steps.stream(), other.steps.stream()).toList(),
        Stream.concat(links.stream(), other.links.stream()).toList(),
        Stream.concat(apart.stream(), other.apart.stream()).toList(),
        both);
  }

  /** The same with other steps, and what waits for what of them. */
  public Work of(List<WorkStep> otherSteps, List<Link> otherLinks) {
    return new Work(otherSteps, otherLinks, apart, things);
  }

  /**
   * What lies about wet after a step: each thing that it is done to. Where nothing is known of what
   * it is done to, that is what stands in one row with it.
   */
  public Set<Thing> wetAfter(WorkStep step) {
    if (step.wet().isEmpty()) {
      return Set.of();
    }
    Set<Thing> all = new LinkedHashSet<>();
    step.on().stream().sorted().map(things::get).filter(Objects::nonNull).forEach(all::add);
    if (all.isEmpty()) {
      all.add(new Thing(step.pieceId(), step.row(), Optional.empty()));
    }
    return all;
  }

  public WorkStep step(String id) {
    return steps.stream().filter(s -> s.id().equals(id)).findFirst().orElseThrow();
  }

  public Duration handsOn() {
    return steps.stream().map(WorkStep::handsOn).reduce(Duration.ZERO, Duration::plus);
  }

  /**
   * With what takes longer than anybody works in one go torn into as few even parts as it takes,
   * which follow each other. What takes less is not torn.
   *
   * @param whole what is left as it is
   */
  public Work inStretchesOf(int mostMinutes, Set<String> whole) {
    return torn(s -> whole.contains(s.id()) ? 1 : Math.ceilDiv(s.minutes(), mostMinutes), PART);
  }

  /** What the first part of a step is called that was torn because nobody works as long. */
  public static String firstPart(String stepId) {
    return stepId + PART + 1;
  }

  /**
   * With steps done in even parts that follow each other, each a step of its own.
   *
   * @param parts by step
   */
  public Work inParts(Map<String, Integer> parts) {
    return torn(s -> parts.getOrDefault(s.id(), 1), WorkStep.SPLIT);
  }

  private Work torn(ToIntFunction<WorkStep> parts, String mark) {
    if (steps.stream().allMatch(s -> parts.applyAsInt(s) == 1)) {
      return this;
    }
    List<WorkStep> torn = new ArrayList<>();
    List<Link> follow = new ArrayList<>();
    Map<String, String> first = new LinkedHashMap<>();
    Map<String, String> last = new LinkedHashMap<>();
    Map<String, List<String>> all = new LinkedHashMap<>();
    for (WorkStep step : steps) {
      int of = parts.applyAsInt(step);
      for (int p = 1; p <= of; p++) {
        String id = of == 1 ? step.id() : step.id() + mark + p;
        torn.add(of == 1 ? step : step.part(id, step.handsOn().dividedBy(of), p == of));
        if (p > 1) {
          follow.add(Link.after(step.id() + mark + (p - 1), id));
        }
        all.computeIfAbsent(step.id(), k -> new ArrayList<>()).add(id);
      }
      first.put(step.id(), of == 1 ? step.id() : step.id() + mark + 1);
      last.put(step.id(), of == 1 ? step.id() : step.id() + mark + of);
    }
    for (Link link : links) {
      follow.add(
          new Link(last.get(link.from()), first.get(link.to()), link.atLeast(), link.atMost()));
    }
    List<Apart> lying = new ArrayList<>();
    for (Apart two : apart) {
      for (String one : all.get(two.step())) {
        for (String other : all.get(two.other())) {
          lying.add(new Apart(one, other, two.firm(), two.otherFirm()));
        }
      }
    }
    return new Work(torn, follow, lying, things);
  }

  /** The same with some steps another way. */
  public Work with(UnaryOperator<WorkStep> change) {
    return of(steps.stream().map(change).toList(), links);
  }

  /** Whether a step waits for another, be it by way of others. */
  public boolean waitsFor(String stepId, String other) {
    Map<String, List<String>> before = new HashMap<>();
    links.forEach(l -> before.computeIfAbsent(l.to(), t -> new ArrayList<>()).add(l.from()));
    Set<String> seen = new HashSet<>();
    Deque<String> open = new ArrayDeque<>(List.of(stepId));
    while (!open.isEmpty()) {
      for (String each : before.getOrDefault(open.remove(), List.of())) {
        if (each.equals(other)) {
          return true;
        }
        if (seen.add(each)) {
          open.add(each);
        }
      }
    }
    return false;
  }
}
