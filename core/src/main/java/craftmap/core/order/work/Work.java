package craftmap.core.order.work;

import java.time.Duration;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;

/** Steps, and which has to wait for which. No step waits for itself, be it by way of others. */
public record Work(List<WorkStep> steps, List<Link> links) {
  /** Stands before the number of a part that a step was torn into. */
  static final String PART = "/";

  public static final Work NONE = new Work(List.of(), List.of());

  public Work {
    steps = List.copyOf(steps);
    links = List.copyOf(links);
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
    return new Work(
        Stream.concat(steps.stream(), other.steps.stream()).toList(),
        Stream.concat(links.stream(), other.links.stream()).toList());
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
    if (steps.stream().noneMatch(s -> s.minutes() > mostMinutes && !whole.contains(s.id()))) {
      return this;
    }
    List<WorkStep> torn = new ArrayList<>();
    List<Link> all = new ArrayList<>();
    Map<String, String> first = new LinkedHashMap<>();
    Map<String, String> last = new LinkedHashMap<>();
    for (WorkStep step : steps) {
      int parts = whole.contains(step.id()) ? 1 : Math.ceilDiv(step.minutes(), mostMinutes);
      Duration each = step.handsOn().dividedBy(parts);
      for (int p = 1; p <= parts; p++) {
        String id = parts == 1 ? step.id() : part(step.id(), p);
        torn.add(parts == 1 ? step : step.part(id, each, p == parts));
        if (p > 1) {
          all.add(Link.after(part(step.id(), p - 1), id));
        }
      }
      first.put(step.id(), parts == 1 ? step.id() : part(step.id(), 1));
      last.put(step.id(), parts == 1 ? step.id() : part(step.id(), parts));
    }
    for (Link link : links) {
      all.add(new Link(last.get(link.from()), first.get(link.to()), link.atLeast(), link.atMost()));
    }
    return new Work(torn, all);
  }

  private static String part(String id, int n) {
    return id + PART + n;
  }
}
