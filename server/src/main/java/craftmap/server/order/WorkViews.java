package craftmap.server.order;

import craftmap.core.coats.Band;
import craftmap.core.coats.BandReading;
import craftmap.core.coats.CoatFinding;
import craftmap.core.coats.GroupReading;
import craftmap.core.coats.InHand;
import craftmap.core.coats.Recipe;
import craftmap.core.log.Learned;
import craftmap.core.medium.Medium;
import craftmap.core.order.mishap.Trouble;
import craftmap.core.order.schedule.AtTheBench;
import craftmap.core.order.schedule.Placed;
import craftmap.core.order.schedule.Problem;
import craftmap.core.order.schedule.WhatNow;
import craftmap.core.order.work.Doing;
import craftmap.core.order.work.WorkStep;
import craftmap.core.plan.order.Draws;
import craftmap.core.plan.order.Lessons;
import craftmap.core.plan.order.Remedies;
import craftmap.core.supply.Container;
import craftmap.server.coats.BandHints;
import craftmap.server.coats.RecipeWords;
import craftmap.server.learning.LearnedWords;
import craftmap.server.logbook.LogEntry;
import craftmap.server.shelf.Pot;
import craftmap.server.words.Clockwork;
import craftmap.server.words.FigureWords;
import craftmap.server.words.Words;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Says what is before whoever stands at the bench. */
final class WorkViews {
  private static final int MOST_MEANWHILE = 3;
  private static final int MOST_RIPENING = 8;

  /** What takes no longer than this may be begun while something dries. */
  private static final int MEANWHILE_MINUTES = 240;

  private final Orders.Task task;
  private final Orders.Solved solved;
  private final Problem problem;
  private final StepWords words;
  private final DriesWords dries;
  private final Clockwork clock;
  private final FigureWords figures;
  private final String own;
  private final Draws draws;
  private final List<LogEntry> told;
  private final Function<String, Optional<Pot>> pots;
  private final Learned learned;
  private final Lessons lessons;
  private final Remedies remedies;
  private final int now;

  /** What may be begun now: the same beside every step, and asked for once. */
  private List<String> maybeNow;

  /**
   * @param told what was told of the piece
   * @param pots the pots of the shelf, by id
   * @param learned what the piece goes by
   */
  WorkViews(
      Orders.Task task,
      Orders.Solved solved,
      List<LogEntry> told,
      Function<String, Optional<Pot>> pots,
      Learned learned) {
    this.learned = learned;
    this.told = told;
    Map<String, Optional<Pot>> known = new HashMap<>();
    this.pots = id -> known.computeIfAbsent(id, pots);
    this.task = task;
    this.solved = solved;
    this.problem = solved.problem();
    this.words = new StepWords(task.worked());
    this.dries = new DriesWords(task, solved, words);
    this.clock = new Clockwork(task.bench().zone());
    this.figures = new FigureWords(task.studio().tape());
    this.own = task.piece().piece().id();
    this.draws = Draws.of(task.piece().asked(), task.piece().reading(), task.piece().coats());
    this.lessons = new Lessons(task.piece().asked(), task.piece().reading(), task.piece().coats());
    this.remedies =
        new Remedies(task.piece().asked(), task.piece().reading(), task.piece().coats());
    this.now = minute(problem, task.now());
  }

  private static int minute(Problem problem, Instant at) {
    return Math.clamp(ChronoUnit.MINUTES.between(problem.begins(), at), 0, problem.minutes());
  }

  /**
   * The bench.
   *
   * @param asked the step that is looked at; none for the one that is next
   */
  WorkView view(Optional<String> asked, List<WorkView.RipeningView> ripening) {
    List<AtTheBench.Left> left = AtTheBench.left(problem, solved.schedule(), own);
    int at = asked.map(id -> indexOf(left, id)).filter(i -> i >= 0).orElse(0);
    String name = task.piece().piece().name();
    if (left.isEmpty()) {
      return new WorkView(
          name, Words.say("work.done"), task.now().toString(), null, null, null, last(), ripening);
    }
    return new WorkView(
        name,
        Words.say("work.title", clock.dayAndTime(solved.ready(task), task.now())),
        task.now().toString(),
        step(left, at),
        at == 0 ? null : left.get(at - 1).placed().stepId(),
        at + 1 == left.size() ? null : left.get(at + 1).placed().stepId(),
        last(),
        ripening);
  }

  /** Every step that is left. */
  List<WorkView.BenchStepView> ahead() {
    List<AtTheBench.Left> left = AtTheBench.left(problem, solved.schedule(), own);
    return IntStream.range(0, left.size()).mapToObj(i -> step(left, i)).toList();
  }

  private static int indexOf(List<AtTheBench.Left> left, String id) {
    for (int i = 0; i < left.size(); i++) {
      if (left.get(i).placed().stepId().equals(id)) {
        return i;
      }
    }
    return -1;
  }

  private WorkView.BenchStepView step(List<AtTheBench.Left> left, int at) {
    AtTheBench.Left l = left.get(at);
    WorkStep step = problem.step(l.placed().stepId());
    long all = problem.work().steps().stream().filter(s -> s.pieceId().equals(own)).count();
    boolean hasToWait = l.waits() || l.ready() > now;
    return new WorkView.BenchStepView(
        step.id(),
        step.key(),
        Words.say("work.count", all - left.size() + at + 1, all),
        clock.dayAndTime(problem.instant(l.placed().from()), task.now()),
        title(step),
        amounts(step),
        recipe(step).map(RecipeWords::of).orElse(List.of()),
        pot(step).orElse(null),
        notes(step),
        how(step),
        step.places(),
        words.row(own, step.row()),
        step.minutes(),
        learnedText(step),
        instant(l.until()),
        hasToWait ? waits(l) : "",
        cautions(step),
        at + 1 < left.size()
            ? Words.say("work.next", Words.lower(words.full(step(left.get(at + 1)))))
            : "",
        hasToWait ? meanwhile(step) : List.of(),
        troubles(step));
  }

  private WorkStep step(AtTheBench.Left left) {
    return problem.step(left.placed().stepId());
  }

  private String instant(OptionalInt minute) {
    return minute.isPresent() ? problem.instant(minute.getAsInt()).toString() : null;
  }

  private String title(WorkStep step) {
    Optional<Band.Coat> coat =
        reading(step)
            .map(BandReading::band)
            .filter(Band.Coat.class::isInstance)
            .map(Band.Coat.class::cast);
    if (step.doing() != Doing.COAT || coat.isEmpty()) {
      return words.full(step);
    }
    return Words.say(
        "work.coat." + coat.get().tool().kind(),
        step.of() > 1 ? Words.say("work.nth", step.n()) : Words.say("work.nth.only"),
        coat.get().of().medium().name(),
        Words.lower(words.row(own, step.row())));
  }

  private Optional<BandReading> reading(WorkStep step) {
    return task.piece()
        .coats()
        .group(step.row())
        .flatMap(
            g -> g.bands().stream().filter(b -> b.band().key().equals(step.what())).findFirst());
  }

  /** What it takes out of its pot, and the water that is stirred into it. */
  private String amounts(WorkStep step) {
    double ml = poured(step);
    if (ml == 0) {
      return "";
    }
    double water = water(step, ml);
    return water > 0
        ? Words.say("work.pour.water", Words.millilitres(ml), Words.millilitres(water))
        : Words.say("work.pour", Words.millilitres(ml));
  }

  private double water(WorkStep step, double ml) {
    return reading(step)
        .map(BandReading::band)
        .filter(Band.Coat.class::isInstance)
        .map(b -> ml * ((Band.Coat) b).waterShare())
        .orElse(0.0);
  }

  /** At the pace that the step is planned at; castings by fillings of their mould. */
  private Optional<Recipe> recipe(WorkStep step) {
    double ml = poured(step);
    Optional<Medium> medium =
        reading(step)
            .flatMap(BandReading::product)
            .map(InHand::medium)
            .or(
                () ->
                    draws
                        .of(own + ":" + step.key())
                        .flatMap(Draws.Draw::potId)
                        .flatMap(pots)
                        .map(Pot::medium));
    return medium.flatMap(
        m -> Recipe.of(m, ml, water(step, ml), Duration.ofMinutes(step.minutes())));
  }

  private Optional<WorkView.PotOfStepView> pot(WorkStep step) {
    return draws
        .of(own + ":" + step.key())
        .flatMap(Draws.Draw::potId)
        .flatMap(pots)
        .map(
            p ->
                new WorkView.PotOfStepView(
                    p.label().name(),
                    draws.of(own + ":" + step.key()).orElseThrow().ml(),
                    p.holdsMl(),
                    Words.millilitres(p.levelMl()),
                    p.holding().container().flatMap(Container::tareG).isPresent()));
  }

  /** From how often its minutes were learned; empty where they are as is typical. */
  private String learnedText(WorkStep step) {
    return lessons
        .effort(step)
        .map(e -> learned.count(e.skill().topic()))
        .filter(n -> n > 0)
        .map(LearnedWords::count)
        .orElse("");
  }

  private List<String> notes(WorkStep step) {
    return told.stream()
        .filter(t -> t.stepKey().equals(step.key()) && !t.note().isEmpty())
        .map(LogEntry::note)
        .toList();
  }

  /** All of it, or the share of what is done of it in one go. */
  private double poured(WorkStep step) {
    return draws
        .of(own + ":" + step.key())
        .map(d -> d.ml() * step.minutes() / minutesOf(step.key()))
        .orElse(0.0);
  }

  private double minutesOf(String key) {
    return problem.work().steps().stream()
        .filter(s -> s.pieceId().equals(own) && s.key().equals(key))
        .mapToInt(WorkStep::minutes)
        .sum();
  }

  private List<String> how(WorkStep step) {
    List<String> how =
        new ArrayList<>(
            List.of(
                words
                    .mended(step)
                    .map(m -> Words.say("remedy.how." + m.remedy()))
                    .orElseGet(() -> Words.say("work.how." + step.doing()))));
    reading(step)
        .ifPresent(
            b -> {
              if (b.band() instanceof Band.Step s && !s.grits().isEmpty()) {
                how.add(
                    Words.say(
                        "work.grits",
                        s.grits().stream().map(String::valueOf).collect(Collectors.joining(", "))));
              }
              how.addAll(BandHints.working(b));
            });
    String dries = this.dries.text(step);
    if (!dries.isEmpty()) {
      how.add(Words.say("work.dries", dries));
    }
    return how;
  }

  private List<WorkView.BenchCautionView> cautions(WorkStep step) {
    boolean dusty = words.mended(step).filter(m -> m.remedy().isSanded()).isPresent();
    return Stream.concat(
            dusty
                ? Stream.of(
                    new WorkView.BenchCautionView(
                        Words.say("remedy.dust"), Words.say("remedy.dust.why")))
                : Stream.of(),
            found(step))
        .toList();
  }

  private Stream<WorkView.BenchCautionView> found(WorkStep step) {
    return task.piece().coats().group(step.row()).stream()
        .map(GroupReading::findings)
        .flatMap(List::stream)
        .filter(CoatFinding::safety)
        .filter(f -> f.band().isEmpty() || f.band().get().equals(step.what()))
        .map(
            f ->
                new WorkView.BenchCautionView(
                    Words.capital(figures.text(f.what())), Words.capital(figures.text(f.why()))));
  }

  private String waits(AtTheBench.Left left) {
    return Words.say(
        left.waits() ? "work.waits.order" : "work.waits.dry",
        clock.dayAndTime(problem.instant(left.ready()), task.now()));
  }

  private List<WorkView.MeanwhileView> meanwhile(WorkStep step) {
    if (maybeNow == null) {
      maybeNow = WhatNow.of(problem, solved.schedule(), now, MEANWHILE_MINUTES).steps();
    }
    return maybeNow.stream()
        .map(problem.work()::step)
        .filter(s -> s.pieceId().equals(own) && !s.id().equals(step.id()))
        .limit(MOST_MEANWHILE)
        .map(s -> new WorkView.MeanwhileView(s.id(), words.full(s), Clockwork.span(s.handsOn())))
        .toList();
  }

  private List<WorkView.TroubleView> troubles(WorkStep step) {
    // one that nobody works on in one go is told of as a whole
    return task.piece().asked().work().steps().stream()
        .filter(s -> s.key().equals(step.key()))
        .findFirst()
        .map(remedies::of)
        .orElse(List.of())
        .stream()
        .map(
            o ->
                new WorkView.TroubleView(
                    o.trouble(),
                    Words.say("trouble." + o.trouble()),
                    Words.say(o.trouble() == Trouble.RAN_OUT ? "trouble.left" : "trouble.howMuch"),
                    o.remedies().stream()
                        .map(
                            r ->
                                new WorkView.HelpView(
                                    r, Words.say("remedy." + r), Words.say("remedy.how." + r)))
                        .toList()))
        .toList();
  }

  private WorkView.BenchDoneView last() {
    return solved.schedule().steps().stream()
        .filter(p -> task.isDone(p.stepId()))
        .filter(p -> problem.step(p.stepId()).pieceId().equals(own))
        .max(Comparator.comparingInt(Placed::to))
        .map(p -> problem.step(p.stepId()))
        .map(s -> new WorkView.BenchDoneView(s.key(), words.full(s), troubles(s)))
        .orElse(null);
  }

  /**
   * What ripens, of all pieces that are worked on: all of the piece that is before the bench, and
   * of others what is ripe soonest.
   */
  static List<WorkView.RipeningView> ripening(Orders.Task everything, String own) {
    Problem problem =
        new Problem(
            everything.work(),
            everything.bench(),
            everything.begin(),
            Orders.DAYS_LOOKED_AT,
            everything.settled());
    StepWords words = new StepWords(everything.worked());
    Clockwork clock = new Clockwork(everything.bench().zone());
    int now = minute(problem, everything.now());
    List<AtTheBench.Ripening> all = AtTheBench.ripening(problem, now);
    Predicate<AtTheBench.Ripening> isOwn = r -> problem.step(r.stepId()).pieceId().equals(own);
    long others = Math.max(0, MOST_RIPENING - all.stream().filter(isOwn).count());
    Set<AtTheBench.Ripening> soonest =
        all.stream().filter(isOwn.negate()).limit(others).collect(Collectors.toSet());
    return all.stream()
        .filter(r -> isOwn.test(r) || soonest.contains(r))
        .map(
            r -> {
              WorkStep step = problem.step(r.stepId());
              String ripe = clock.dayAndTime(problem.instant(r.ripe()), everything.now());
              return new WorkView.RipeningView(
                  step.pieceId(),
                  words.piece(step.pieceId()).piece().name(),
                  step.id(),
                  step.key(),
                  step.wet().isPresent(),
                  words.full(step),
                  r.toStep().isEmpty()
                      ? Words.say("work.ripe.dry", ripe)
                      : Words.say(
                          "work.ripe.next",
                          Words.lower(words.title(problem.step(r.toStep()))),
                          ripe),
                  problem.instant(r.since()).toString(),
                  problem.instant(r.ripe()).toString(),
                  r.until().isPresent() ? problem.instant(r.until().getAsInt()).toString() : null);
            })
        .toList();
  }
}
