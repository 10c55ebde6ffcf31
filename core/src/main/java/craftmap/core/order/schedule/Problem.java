package craftmap.core.order.schedule;

import craftmap.core.order.bench.Bench;
import craftmap.core.order.bench.Openings;
import craftmap.core.order.bench.Person;
import craftmap.core.order.climate.Climate;
import craftmap.core.order.climate.Drying;
import craftmap.core.order.climate.DryingLaw;
import craftmap.core.order.work.Apart;
import craftmap.core.order.work.Dry;
import craftmap.core.order.work.Link;
import craftmap.core.order.work.Material;
import craftmap.core.order.work.Work;
import craftmap.core.order.work.WorkStep;
import java.time.Duration;
import java.time.Instant;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;

/**
 * Steps at a bench from a beginning on, in whole minutes: who may do what when, what excludes what,
 * and when what was done is dry enough for what follows.
 */
public final class Problem {
  private final Work work;
  private final Bench bench;
  private final Instant from;
  private final int minutes;
  private final Drying drying;

  /** Of each minute: the hour that the clock on the wall tells, and its minute. */
  private final byte[] hourOf;

  private final byte[] minuteOf;
  private final List<Openings> openings = new ArrayList<>();
  private final Map<String, Integer> numbers = new HashMap<>();
  private final int[] durations;
  private final List<List<Follow>> after = new ArrayList<>();
  private final List<List<Follow>> before = new ArrayList<>();
  private final BitSet opensWindow = new BitSet();
  private final Exclusions exclusions;

  /**
   * Of each step: those that the piece lies otherwise for, or that need what stays where it was
   * used.
   */
  private final List<List<Lying>> lying = new ArrayList<>();

  private final RoomToDry room;

  private final int[] leastAfter;

  private final int notBefore;

  /**
   * Of each step: before when it is not begun, be it for its piece or for what the artist fixed.
   */
  private final int[] notSooner;

  /** When each step that is done was begun. */
  private final int[] done;

  private final Kits kits;

  /** The numbers of the steps in the order of their ids, and where in it each step stands. */
  private final int[] byId;

  private final int[] placeById;

  /**
   * One step after another, by number.
   *
   * @param missed whether its window has passed: it is late, and asked for all the same
   */
  record Follow(int from, int to, Link link, boolean missed) {
    Optional<Dry> atLeast() {
      return link.atLeast();
    }

    /** The window that can still be kept. */
    Optional<Dry> atMost() {
      return link.atMost().filter(w -> !missed);
    }
  }

  /** When each step is to begin that the artist fixed; it begins no sooner. */
  private final int[] fixed;

  private final List<Integer> inTheOrderFixed;

  /**
   * Another step that the piece lies otherwise for, or that needs what stays under what dries, by
   * number.
   *
   * @param firm what has to pass after the step itself until the other may begin
   * @param otherFirm the same the other way round
   */
  record Lying(int step, int other, Optional<Dry> firm, Optional<Dry> otherFirm) {}

  /** Something that was done: when it was begun and when it was finished. */
  public record Past(Instant from, Instant to) {}

  /**
   * What is settled already.
   *
   * @param past steps that are done, by id; what waits for them waits from when they were finished
   * @param fixed when steps are to begin, by id: at that time where it goes, no sooner in any case
   * @param begun before when nothing of a piece is begun, by its id
   * @param told when steps were told to begin, by id, before the day went otherwise: where it is as
   *     good, they still do
   */
  public record Settled(
      Map<String, Past> past,
      Map<String, Instant> fixed,
      Map<String, Instant> begun,
      Map<String, Instant> told) {
    public static final Settled NOTHING = new Settled(Map.of(), Map.of());

    public Settled {
      past = Map.copyOf(past);
      fixed = Map.copyOf(fixed);
      begun = Map.copyOf(begun);
      told = Map.copyOf(told);
    }

    public Settled(Map<String, Past> past, Map<String, Instant> fixed) {
      this(past, fixed, Map.of(), Map.of());
    }

    /** The same, with other beginnings that are fixed. */
    public Settled fixing(Map<String, Instant> other) {
      return new Settled(past, other, begun, told);
    }

    /** The same, planned anew after it was told so. */
    public Settled told(Map<String, Instant> before) {
      return new Settled(past, fixed, begun, before);
    }

    public static Settled past(Map<String, Past> past) {
      return new Settled(past, Map.of());
    }
  }

  /** What was done longer ago is taken to have been done then: no label speaks of longer. */
  private static final Duration LONGEST_LOOK_BACK = Duration.ofDays(90);

  /** When each step that is left was told to begin. */
  private final int[] told;

  private final boolean plannedAnew;

  /** In place of a minute. */
  private static final int NONE = -1;

  /** With nothing done yet. */
  public Problem(Work asked, Bench bench, Instant begin, int days) {
    this(asked, bench, begin, days, Settled.NOTHING);
  }

  /**
   * What is left to do from a time on.
   *
   * @param days how many days are looked at
   */
  public Problem(Work asked, Bench bench, Instant begin, int days, Settled settled) {
    this.bench = bench;
    Map<String, Past> past = settled.past();
    Instant oldest = begin.minus(LONGEST_LOOK_BACK);
    Instant since =
        past.values().stream()
            .map(Past::from)
            .filter(begin::isAfter)
            .map(f -> f.isBefore(oldest) ? oldest : f)
            .min(Comparator.naturalOrder())
            .orElse(begin);
    this.from = since.truncatedTo(ChronoUnit.MINUTES);
    this.notBefore = minute(begin);
    this.minutes = Math.addExact(notBefore, Math.multiplyExact(days, 24 * 60));
    this.drying = new Drying(from, minutes, bench.zone(), bench.climate());
    this.hourOf = new byte[minutes + 1];
    this.minuteOf = new byte[minutes + 1];
    readClock();
    for (Person person : bench.people()) {
      openings.add(Openings.of(person, bench.zone(), from, minutes));
    }
    int longest = openings.stream().mapToInt(Openings::longest).max().orElse(0);
    this.work = longest == 0 ? asked : asked.inStretchesOf(longest, past.keySet());
    this.durations = work.steps().stream().mapToInt(s -> duration(s, past)).toArray();
    this.done = none();
    this.fixed = none();
    this.told = none();
    for (WorkStep step : work.steps()) {
      Optional.ofNullable(past.get(step.id()))
          .ifPresent(
              p -> done[numbers.size()] = Math.max(0, minute(p.to()) - duration(step, past)));
      if (!past.containsKey(step.id())) {
        settled.fixed().entrySet().stream()
            .filter(f -> begins(step, f.getKey()))
            .findFirst()
            .ifPresent(
                f -> fixed[numbers.size()] = Math.clamp(minute(f.getValue()), notBefore, minutes));
        Optional.ofNullable(settled.told().get(step.id()))
            .ifPresent(t -> told[numbers.size()] = Math.clamp(minute(t), 0, minutes));
      }
      numbers.put(step.id(), numbers.size());
      after.add(new ArrayList<>());
      before.add(new ArrayList<>());
      lying.add(new ArrayList<>());
    }
    this.plannedAnew = Arrays.stream(told).anyMatch(t -> t != NONE);
    this.kits = new Kits(work);
    this.byId = numbers.keySet().stream().sorted().mapToInt(numbers::get).toArray();
    this.placeById = new int[byId.length];
    for (int place = 0; place < byId.length; place++) {
      placeById[byId[place]] = place;
    }
    this.inTheOrderFixed =
        IntStream.range(0, fixed.length)
            .filter(i -> fixed[i] != NONE)
            .boxed()
            .sorted(Comparator.<Integer>comparingInt(i -> fixed[i]).thenComparing(i -> i))
            .toList();
    this.notSooner = new int[durations.length];
    for (int i = 0; i < notSooner.length; i++) {
      Instant begun = settled.begun().getOrDefault(work.steps().get(i).pieceId(), begin);
      notSooner[i] =
          Math.max(Math.clamp(minute(begun), notBefore, minutes), fixed(i).orElse(notBefore));
    }
    for (Apart two : work.apart()) {
      int one = numbers.get(two.step());
      int other = numbers.get(two.other());
      if (!isDone(one) || !isDone(other)) {
        lying.get(one).add(new Lying(one, other, two.firm(), two.otherFirm()));
        lying.get(other).add(new Lying(other, one, two.otherFirm(), two.firm()));
      }
    }
    keptTools();
    for (Link link : work.links()) {
      int first = numbers.get(link.from());
      int next = numbers.get(link.to());
      if (isDone(next) && !isDone(first)) {
        // done out of its turn: nothing is left that it could wait for
        continue;
      }
      Follow follow = new Follow(first, next, link, isMissed(new Follow(first, next, link, false)));
      after.get(follow.from()).add(follow);
      if (follow.atMost().isPresent()) {
        opensWindow.set(first);
      }
      before.get(follow.to()).add(follow);
    }
    this.leastAfter = leastAfters();
    this.exclusions = new Exclusions(work, this::isDone);
    this.room = roomToDry();
  }

  /** For each step, none. */
  private int[] none() {
    int[] none = new int[durations.length];
    Arrays.fill(none, NONE);
    return none;
  }

  private static OptionalInt some(int minute) {
    return minute == NONE ? OptionalInt.empty() : OptionalInt.of(minute);
  }

  /** Of the last steps first, on to those that they follow. */
  private int[] leastAfters() {
    int[] least = new int[durations.length];
    int[] open = after.stream().mapToInt(List::size).toArray();
    Deque<Integer> known = new ArrayDeque<>();
    IntStream.range(0, open.length).filter(i -> open[i] == 0).forEach(known::add);
    while (!known.isEmpty()) {
      int step = known.remove();
      for (Follow f : before.get(step)) {
        int wait = f.atLeast().map(this::here).map(d -> drying.least(d.label(), d.law())).orElse(0);
        least[f.from()] = Math.max(least[f.from()], wait + durations[step] + least[step]);
        if (--open[f.from()] == 0) {
          known.add(f.from());
        }
      }
    }
    return least;
  }

  private RoomToDry roomToDry() {
    BitSet dry = new BitSet();
    BitSet lying = new BitSet();
    for (int step = 0; step < done.length; step++) {
      if (isDone(step)) {
        boolean isWet = movable(step, done[step] + duration(step)) > notBefore;
        (isWet ? lying : dry).set(step);
      }
    }
    return new RoomToDry(work, bench.dryingPlaces(), dry, lying);
  }

  /** What there is one of is free only once what lies under it has dried. */
  private void keptTools() {
    List<WorkStep> steps = work.steps();
    for (int one = 0; one < steps.size(); one++) {
      for (int other = one + 1; other < steps.size(); other++) {
        WorkStep a = steps.get(one);
        WorkStep b = steps.get(other);
        boolean kept = a.kept().isPresent() || b.kept().isPresent();
        if (kept && !(isDone(one) && isDone(other)) && a.contends(b)) {
          lying.get(one).add(new Lying(one, other, a.kept(), b.kept()));
          lying.get(other).add(new Lying(other, one, b.kept(), a.kept()));
        }
      }
    }
  }

  private void readClock() {
    ZonedDateTime at = from.atZone(bench.zone());
    for (int t = 0; t <= minutes; ) {
      int left = 60 - at.getMinute();
      for (int i = 0; i < left && t <= minutes; i++, t++) {
        hourOf[t] = (byte) at.getHour();
        minuteOf[t] = (byte) (at.getMinute() + i);
      }
      at = at.plusMinutes(left);
    }
  }

  private int minute(Instant at) {
    return Math.toIntExact(Duration.between(from, at).toMinutes());
  }

  /** Whether a step is, or is torn from the beginning of, the one that is called so. */
  private static boolean begins(WorkStep step, String asked) {
    return step.id().equals(asked) || step.id().equals(Work.firstPart(asked));
  }

  /** As long as it took; whole minutes, one at least. */
  private static int duration(WorkStep step, Map<String, Past> past) {
    Past did = past.get(step.id());
    return did == null
        ? step.minutes()
        : Math.max(1, Math.toIntExact(Duration.between(did.from(), did.to()).toMinutes()));
  }

  /** What can follow in time no more, or is done whether it did or not. */
  private boolean isMissed(Follow follow) {
    if (follow.atMost().isEmpty() || isDone(follow.to())) {
      return follow.atMost().isPresent();
    }
    if (!isDone(follow.from())) {
      return false;
    }
    int end = done[follow.from()] + duration(follow.from());
    return earliest(follow.to(), ready(follow, end)) > fresh(follow, end);
  }

  /** Whether it is done already. */
  boolean isDone(int step) {
    return done[step] != NONE;
  }

  /** When a step is to begin, where the artist fixed that. */
  OptionalInt fixed(int step) {
    return some(fixed[step]);
  }

  /** Steps that the artist fixed, those that are to begin first before others. */
  List<Integer> fixed() {
    return inTheOrderFixed;
  }

  /** When a step was told to begin, before the day went otherwise. */
  OptionalInt told(int step) {
    return some(told[step]);
  }

  /** Whether it is planned anew, and something was told of what is left. */
  boolean isPlannedAnew() {
    return plannedAnew;
  }

  /** The first minute at which anything that is left may begin. */
  public int notBefore() {
    return notBefore;
  }

  private Dry here(Dry dry) {
    return bench.fan() ? dry.blown() : dry;
  }

  /**
   * A step by its id.
   *
   * @throws NoSuchElementException for any other
   */
  public WorkStep step(String id) {
    Integer number = numbers.get(id);
    if (number == null) {
      throw new NoSuchElementException("There is no step " + id + ".");
    }
    return work.steps().get(number);
  }

  /** The number of a step by its id. */
  int number(String id) {
    return numbers.get(id);
  }

  public Work work() {
    return work;
  }

  public Bench bench() {
    return bench;
  }

  public Instant begins() {
    return from;
  }

  /** How many minutes are looked at. */
  public int minutes() {
    return minutes;
  }

  public int size() {
    return durations.length;
  }

  public int duration(int step) {
    return durations[step];
  }

  public Openings openings(int person) {
    return openings.get(person);
  }

  int people() {
    return openings.size();
  }

  List<Follow> after(int step) {
    return after.get(step);
  }

  List<Follow> before(int step) {
    return before.get(step);
  }

  /** Whether anything has to follow it within a window. */
  boolean opensWindow(int step) {
    return opensWindow.get(step);
  }

  /** Which steps may never be done at once. */
  Exclusions exclusions() {
    return exclusions;
  }

  /** Which steps are done with the same tool and colour. */
  Kits kits() {
    return kits;
  }

  /** Where a step stands in the order of ids, which what begins at the same minute is told in. */
  int placeById(int step) {
    return placeById[step];
  }

  /** The step that stands at a place of that order. */
  int byId(int place) {
    return byId[place];
  }

  /** The earliest that the next may begin, if this one ends then. */
  int ready(Follow follow, int end) {
    return ripe(follow.link(), end);
  }

  /** When something is dry enough for what is linked to it, if it ends then. */
  public int ripe(Link link, int end) {
    return firm(link.atLeast(), end);
  }

  /** Until when what is linked to something has to follow, if it ends then; any time where none. */
  public OptionalInt until(Link link, int end) {
    return link.atMost().isPresent() ? OptionalInt.of(latest(link, end)) : OptionalInt.empty();
  }

  /** The latest that the next may begin, if this one ends then. */
  int fresh(Follow follow, int end) {
    Link link = follow.link();
    return follow.missed() || link.atMost().isEmpty() ? Openings.NEVER : latest(link, end);
  }

  private int latest(Link link, int end) {
    Dry d = link.atMost().orElseThrow();
    return Math.max(ripe(link, end), drying.before(end, d.label(), d.law()));
  }

  /** When what a step leaves wet can be moved, if it ends then. */
  int movable(int step, int end) {
    return firm(work.steps().get(step).wet(), end);
  }

  /** The same, by the step's id. */
  public int dryAt(String stepId, int end) {
    return firm(step(stepId).wet(), end);
  }

  /** Whether one time is over no sooner than another here, whenever both begin. */
  boolean lastsAsLong(Dry one, Dry other) {
    return one.law() == other.law() && here(one).label().compareTo(here(other).label()) >= 0;
  }

  /** When something has dried, or rested, that ended then. */
  int firm(Optional<Dry> dry, int end) {
    // asked all the time: no more is made for it than has to be
    if (dry.isEmpty()) {
      return end;
    }
    Dry d = here(dry.get());
    return drying.after(end, d.label(), d.law());
  }

  /** For how many minutes something stays fit for it that is begun then. */
  int lasts(Dry dry, int begin) {
    return drying.before(begin, dry.label(), dry.law()) - begin;
  }

  /** What of a label's minutes passes between two minutes. */
  double passed(int from, int to, DryingLaw law) {
    return from >= to ? 0 : drying.passed(from, to, law);
  }

  /** Steps that the piece lies otherwise for than for this one. */
  List<Lying> lying(int step) {
    return lying.get(step);
  }

  /** Whether anything has to lie otherwise for something else. */
  boolean isTurned() {
    return lying.stream().anyMatch(l -> !l.isEmpty());
  }

  /** So many minutes pass at least from when a step has ended until all that follows it has. */
  int leastAfter(int step) {
    return leastAfter[step];
  }

  /** What lies about wet, and where there is room for it. */
  RoomToDry room() {
    return room;
  }

  /** From when on something takes a place that ended then: of what is done already, from now on. */
  int wetFrom(int step, int end) {
    return isDone(step) ? Math.max(end, notBefore) : end;
  }

  /** Whether it is neither too cold nor too damp for a step while it is done. */
  boolean allows(int step, int begin) {
    double least = work.steps().get(step).material().minimumCelsius();
    if (least == Material.ANY_COLD) {
      return true;
    }
    int end = begin + duration(step);
    for (int at = begin; at < end; at += 60 - minuteOfHour(at)) {
      if (!climate(at).allows(least)) {
        return false;
      }
    }
    return true;
  }

  private int minuteOfHour(int at) {
    return minuteOf[at];
  }

  public Climate climate(int at) {
    return bench.climate().at(hourOf[at]);
  }

  public Instant instant(int minute) {
    return from.plus(minute, ChronoUnit.MINUTES);
  }

  /** The earliest that somebody may begin a step from a minute on. */
  int earliest(int step, int person, int from) {
    if (isDone(step)) {
      return done[step];
    }
    int at = Math.max(from, notSooner[step]);
    while (true) {
      int begin = openings.get(person).earliest(at, duration(step));
      if (begin >= Openings.NEVER || allows(step, begin)) {
        return begin;
      }
      // no other hour of the clock is tried twice
      at = begin + 60 - minuteOfHour(begin);
    }
  }

  /** The latest that somebody may begin a step that is to end by a minute. */
  int latest(int step, int person, int by) {
    int end = by;
    while (true) {
      int begin = openings.get(person).latest(end, duration(step));
      if (begin < 0 || allows(step, begin)) {
        return begin;
      }
      end = begin + duration(step) - 1;
    }
  }

  /** The same for whoever may last. */
  int latest(int step, int by) {
    int last = -Openings.NEVER;
    for (int p = 0; p < people(); p++) {
      last = Math.max(last, latest(step, p, by));
    }
    return last;
  }

  /** The same for whoever may first. */
  int earliest(int step, int from) {
    int first = Openings.NEVER;
    for (int p = 0; p < people(); p++) {
      first = Math.min(first, earliest(step, p, from));
    }
    return first;
  }
}
