package craftmap.core.plan.order;

import craftmap.core.coats.Band;
import craftmap.core.coats.BandReading;
import craftmap.core.coats.InHand;
import craftmap.core.coats.Pace;
import craftmap.core.design.Comes;
import craftmap.core.measure.Times;
import craftmap.core.medium.Medium;
import craftmap.core.order.mishap.Mishap;
import craftmap.core.order.mishap.Remedy;
import craftmap.core.order.work.Doing;
import craftmap.core.order.work.Dry;
import craftmap.core.order.work.Link;
import craftmap.core.order.work.Material;
import craftmap.core.order.work.Work;
import craftmap.core.order.work.WorkStep;
import craftmap.core.plan.Ordering;
import craftmap.core.plan.coats.CoatsReading;
import craftmap.core.plan.reading.PlanReading;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Puts the steps that mend what went wrong after the step that it went wrong with, and before
 * whatever waits for that. A mend takes as much as the share that went wrong: of the time and of
 * the paint; what is put on again dries anew, so that what follows waits for the mend as it would
 * have waited for the step.
 */
final class Mends {
  private final String pieceId;
  private final Ordering order;
  private final PlanReading reading;
  private final CoatsReading coats;
  private final Draws draws;
  private final List<WorkStep> steps;
  private final List<Link> links;
  private final Map<String, MendDraw> taken = new HashMap<>();
  private final Map<String, Spoiled> spoiled = new HashMap<>();
  private final Work before;

  private Mends(
      String pieceId, Work work, Ordering order, PlanReading reading, CoatsReading coats) {
    this.pieceId = pieceId;
    this.before = work;
    this.order = order;
    this.reading = reading;
    this.coats = coats;
    this.draws = Draws.planned(work, reading, coats);
    this.steps = new ArrayList<>(work.steps());
    this.links = new ArrayList<>(work.links());
  }

  /** The work with what is mended in it, and what its mends take, by their ids. */
  record Mended(Work work, Map<String, MendDraw> draws, Map<String, Spoiled> spoiled) {}

  static Mended of(
      String pieceId, Work work, Ordering order, PlanReading reading, CoatsReading coats) {
    if (order.mishaps().isEmpty()) {
      return new Mended(work, Map.of(), Map.of());
    }
    Mends mends = new Mends(pieceId, work, order, reading, coats);
    order.mishaps().forEach(mends::add);
    return new Mended(work.of(mends.steps, mends.links), mends.taken, mends.spoiled);
  }

  /** Nothing is mended of a step that the plan does not ask for any more. */
  private void add(String id, Mishap mishap) {
    Optional<WorkStep> at =
        before.steps().stream().filter(s -> s.key().equals(mishap.step())).findFirst();
    if (at.isEmpty() || mishap.remedy() == Remedy.LEAVE) {
      return;
    }
    AtFault fault = AtFault.of(at.get(), reading, coats);
    if (mishap.remedy() != Remedy.BLOCK_AND_AGAIN) {
      mend(id, mishap, fault, 1, at.get().id());
      return;
    }
    // the second keeps its key when the blocker runs out after the first was done
    String last = fault.stainBlocker().map(b -> block(id, mishap, fault, b)).orElse(at.get().id());
    mend(id, mishap, fault, 2, last);
  }

  /** A coat of stain blocker on what went wrong, as thick as the coat under it is asked to be. */
  private String block(String id, Mishap mishap, AtFault at, InHand blocker) {
    WorkStep step = at.step();
    Medium medium = blocker.medium();
    double m2 = m2(at) * mishap.share();
    WorkStep block =
        step(
            id,
            1,
            2,
            step,
            again(step, mishap.share()),
            Optional.of(Waits.touch(medium)),
            Waits.material(medium, false, Duration.ZERO));
    put(block, step.id(), at.medium().map(Waits::recoat));
    taken.put(
        block.id(),
        new MendDraw(
            new Draws.Draw(
                Mishap.key(id, 1),
                blocker.potId(),
                m2 / medium.coverage().spreadM2PerLitre() * ML_PER_LITRE),
            Optional.of(medium)));
    return block.id();
  }

  private static final double ML_PER_LITRE = 1000;

  /** What of the group the step does: one that is done in parts does a part of it. */
  private double m2(AtFault at) {
    String whole = at.step().wholeId();
    return at.areaM2() / before.steps().stream().filter(s -> s.wholeId().equals(whole)).count();
  }

  /** How much of its design a step takes: of what is laid in batches, or in parts, its own. */
  private double ofDesign(AtFault at) {
    WorkStep step = at.step();
    return at.ofDesign()
        / before.steps().stream()
            .filter(s -> s.what().equals(step.what()) && s.doing() == step.doing())
            .count();
  }

  private void mend(String id, Mishap mishap, AtFault at, int n, String after) {
    WorkStep step = at.step();
    Remedy remedy = mishap.remedy();
    Optional<Medium> touched =
        remedy.isFromUnder()
            ? at.under().flatMap(BandReading::product).map(InHand::medium)
            : Optional.empty();
    boolean renews = remedy.isPutOnAgain() || remedy == Remedy.BRUSH_OUT;
    WorkStep mend =
        step(
            id,
            n,
            n,
            step,
            time(mishap, at),
            touched.map(Waits::touch).or(() -> renews ? step.wet() : Optional.empty()),
            touched
                .map(m -> Waits.material(m, false, Duration.ZERO))
                .orElse(renews ? step.material() : Material.NONE));
    Optional<Dry> wait =
        n > 1
            ? at.stainBlocker().map(b -> Waits.recoat(b.medium()))
            : remedy.isAtOnce() ? Optional.empty() : at.medium().map(Waits::recoat);
    put(mend, after, wait);
    follow(mend, step, remedy, renews, touched);
    takes(id, n, mishap, at)
        .filter(d -> d.ml() > 0)
        .ifPresent(d -> taken.put(mend.id(), new MendDraw(d, touched.or(at::medium))));
    if (remedy.takesSheets() && at.lay().isPresent() && at.ofDesign() > 0) {
      spoiled.put(
          mend.id(),
          new Spoiled(at.lay().get().design().id(), quantity(at, mishap.share() * ofDesign(at))));
    }
  }

  /** Nobody buys a part of a sheet, or of a piece. */
  private static double quantity(AtFault at, double share) {
    return at.lay().get().design().comes() instanceof Comes.ByLength
        ? share
        : Math.ceil(share - 1e-9);
  }

  private WorkStep step(
      String id,
      int n,
      int parts,
      WorkStep of,
      Duration time,
      Optional<Dry> wet,
      Material material) {
    String key = Mishap.key(id, n);
    return new WorkStep(
        pieceId + ":" + key,
        pieceId,
        of.row(),
        Doing.MEND,
        key,
        n,
        parts,
        time,
        of.on(),
        of.with(),
        wet,
        material);
  }

  private void put(WorkStep mend, String after, Optional<Dry> wait) {
    steps.add(mend);
    links.add(new Link(after, mend.id(), wait, Optional.empty()));
  }

  /**
   * What waited for the step waits for its mend. What is done already does not wait any more: what
   * comes after that does.
   */
  private void follow(
      WorkStep mend, WorkStep step, Remedy remedy, boolean renews, Optional<Medium> touched) {
    for (Link link : List.copyOf(links)) {
      if (!link.from().equals(step.id()) || isMend(link.to())) {
        continue;
      }
      if (renews || remedy.endsTheWindow()) {
        links.set(
            links.indexOf(link),
            new Link(link.from(), link.to(), link.atLeast(), Optional.empty()));
      }
      if (!isDone(link.to())) {
        links.add(
            renews
                ? new Link(mend.id(), link.to(), link.atLeast(), link.atMost())
                : new Link(mend.id(), link.to(), touched.map(Waits::recoat), Optional.empty()));
      }
    }
    Set<String> linked = new HashSet<>();
    for (String next : firstUndoneAfter(step.id())) {
      if (linked.add(next)) {
        links.add(
            new Link(
                mend.id(),
                next,
                renews ? mend.wet() : touched.map(Waits::recoat),
                Optional.empty()));
      }
    }
  }

  /** What is still to be done and waits for a step by way of what is done already. */
  private Set<String> firstUndoneAfter(String stepId) {
    Set<String> found = new HashSet<>();
    Set<String> seen = new HashSet<>();
    List<String> open = new ArrayList<>(List.of(stepId));
    while (!open.isEmpty()) {
      String from = open.removeLast();
      for (Link link : before.links()) {
        if (!link.from().equals(from)) {
          continue;
        }
        if (isDone(link.to())) {
          if (seen.add(link.to())) {
            open.add(link.to());
          }
        } else if (!from.equals(stepId)) {
          found.add(link.to());
        }
      }
    }
    return found;
  }

  private boolean isDone(String stepId) {
    return order.step(before.step(stepId).key()).done().isPresent();
  }

  private boolean isMend(String stepId) {
    return Mishap.isMend(stepId.substring(pieceId.length() + 1));
  }

  // ---- how long it takes, and what

  private static Duration again(WorkStep step, double share) {
    double setUp = setUp(step);
    return Times.ofMinutes(Math.max(1, setUp + share * (Times.minutes(step.handsOn()) - setUp)));
  }

  private static double setUp(WorkStep step) {
    return step.doing() == Doing.COAT
        ? Math.min(Pace.SET_UP_MINUTES, Times.minutes(step.handsOn()))
        : 0;
  }

  private Duration time(Mishap mishap, AtFault at) {
    double share = mishap.share();
    Duration again = again(at.step(), share);
    double sanded = m2(at) * share * (1 / Pace.SAND_M2_PER_MIN + 1 / Pace.DUST_M2_PER_MIN);
    return switch (mishap.remedy()) {
      case SCUFF -> Times.ofMinutes(Math.max(1, sanded));
      case SCORE -> Times.ofMinutes(Math.max(1, share * at.tapeMm() / Pace.TAPE_MM_PER_MIN));
      case SAND_AND_AGAIN -> again.plus(Times.ofMinutes(sanded));
      case ONCE_MORE -> onceMore(at, again, share);
      case TOUCH_UP ->
          Times.ofMinutes(
              Pace.SET_UP_MINUTES
                  + at.under()
                      .filter(_ -> at.step().doing() != Doing.LAY)
                      .filter(b -> b.band() instanceof Band.Coat)
                      .map(b -> Times.minutes(b.handsOn()) / ((Band.Coat) b.band()).times())
                      .map(m -> share * Math.max(0, m - Pace.SET_UP_MINUTES))
                      .orElse(share * Times.minutes(at.step().handsOn())));
      // with what is in the hand already
      case BRUSH_OUT, WIPE_OFF ->
          Times.ofMinutes(Math.max(1, Times.minutes(again) - setUp(at.step())));
      case BLOCK_AND_AGAIN,
          OVER_AGAIN,
          SIZE_AGAIN,
          STICK_DOWN,
          SMOOTH,
          SLIT_AND_STICK,
          PATCH,
          THE_REST,
          LEAVE ->
          again;
    };
  }

  /** Taking off takes as long as laying; what is laid once more is cut or cast once more. */
  private Duration onceMore(AtFault at, Duration again, double share) {
    if (at.step().doing() != Doing.LAY) {
      return again;
    }
    Duration made =
        before.steps().stream()
            .filter(s -> s.what().equals(at.step().what()) && s.doing().isAwayFromThePiece())
            .map(WorkStep::handsOn)
            .reduce(Duration.ZERO, Duration::plus);
    return again.multipliedBy(2).plus(Times.ofMinutes(share * Times.minutes(made)));
  }

  private Optional<Draws.Draw> takes(String id, int n, Mishap mishap, AtFault at) {
    Optional<Draws.Draw> own = draws.of(at.step().id());
    double share = mishap.share();
    String use = Mishap.key(id, n);
    if (mishap.remedy().isPutOnAgain()) {
      return own.map(d -> new Draws.Draw(use, d.potId(), share * d.ml()));
    }
    if (mishap.remedy().isFromUnder()) {
      return at.under()
          .map(
              b ->
                  new Draws.Draw(
                      use,
                      b.potId(),
                      share
                          * Math.min(
                              b.mlOfCoat(SECOND_COAT),
                              own.map(Draws.Draw::ml).orElse(Double.MAX_VALUE))));
    }
    return Optional.empty();
  }

  /** What soaks in soaked in with the first. */
  private static final int SECOND_COAT = 2;
}
