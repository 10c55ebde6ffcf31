package craftmap.server.order;

import craftmap.core.coats.Band;
import craftmap.core.coats.GroupReading;
import craftmap.core.order.mishap.Mishap;
import craftmap.core.order.schedule.Chain;
import craftmap.core.order.schedule.Placed;
import craftmap.core.order.schedule.Problem;
import craftmap.core.order.schedule.Schedule;
import craftmap.core.order.work.Doing;
import craftmap.core.order.work.Thing;
import craftmap.core.order.work.WorkStep;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.OwnStep;
import craftmap.core.plan.order.AskedOrder;
import craftmap.core.plan.order.StepsReader;
import craftmap.server.coats.GroupNames;
import craftmap.server.words.Clockwork;
import craftmap.server.words.Words;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/** What the steps and rows of pieces are called. */
final class StepWords {
  private final List<Orders.Worked> worked;

  StepWords(List<Orders.Worked> worked) {
    this.worked = worked;
  }

  Orders.Worked piece(String pieceId) {
    return worked.stream().filter(w -> w.piece().id().equals(pieceId)).findFirst().orElseThrow();
  }

  /**
   * What lies by itself: a part that was taken off, or the piece.
   *
   * @param own whose parts need not be told from those of another piece
   */
  String thing(Thing thing, String own) {
    String name = piece(thing.pieceId()).plan().name();
    if (thing.part().isEmpty()) {
      return name;
    }
    String part = Words.lower(thing.part());
    return thing.pieceId().equals(own) ? part : Words.say("order.partOf", name, part);
  }

  /** A group, or what is made by itself. */
  String row(String pieceId, String row) {
    return switch (row) {
      case StepsReader.CUTTING, StepsReader.CASTINGS, StepsReader.HARDWARE, AskedOrder.BESIDES ->
          Words.say("order.row." + row);
      default -> {
        Orders.Worked of = piece(pieceId);
        yield of.coats()
            .group(row)
            .map(g -> new GroupNames(of.reading()).name(g.group()))
            .orElse(row);
      }
    };
  }

  /** In a word or two. */
  String brief(WorkStep step) {
    return switch (step.doing()) {
      case COAT ->
          band(step)
              .map(
                  c ->
                      step.of() > 1
                          ? Words.say("order.brief.coats", coatName(step, c), step.n())
                          : coatName(step, c))
              .orElse(Words.say("order.brief.COAT"));
      case LAY, LIFT, CUT, CAST, SIZE ->
          Words.say("order.brief." + step.doing(), design(step), step.n(), step.of());
      case OWN -> own(step);
      case MEND -> mended(step).map(m -> Words.say("mend." + m.remedy())).orElse("");
      default -> Words.say("order.brief." + step.doing());
    };
  }

  private String coatName(WorkStep step, Band.Coat coat) {
    return Words.say("order.coat", coat.role());
  }

  /** In full, without what it is done on. */
  String title(WorkStep step) {
    return switch (step.doing()) {
      case COAT ->
          band(step)
              .map(
                  c ->
                      Words.say(
                          step.of() > 1 ? "order.title.coats" : "order.title.coat",
                          c.of().medium().name(),
                          step.n(),
                          step.of()))
              .orElse(Words.say("order.brief.COAT"));
      case LAY ->
          Words.say(
              step.of() > 1 ? "order.title.LAYS" : "order.title.LAY",
              design(step),
              step.n(),
              step.of());
      case CUT, CAST, SIZE, LIFT -> Words.say("order.title." + step.doing(), design(step));
      case OWN -> own(step);
      case MEND -> mend(step);
      default -> Words.say("order.title." + step.doing());
    };
  }

  /** What a step mends; none of another. */
  Optional<Mishap> mended(WorkStep step) {
    return step.doing() == Doing.MEND
        ? Optional.ofNullable(
            piece(step.pieceId()).plan().order().mishaps().get(Mishap.idOf(step.key())))
        : Optional.empty();
  }

  /** What is done about it, and with what it went wrong. */
  private String mend(WorkStep step) {
    return mended(step)
        .map(
            m ->
                Words.say(
                    step.n() < step.of() ? "order.title.block" : "order.title.mend",
                    Words.say("mend." + m.remedy()),
                    of(step.pieceId(), m.step()).map(s -> Words.lower(title(s))).orElse("")))
        .orElse("");
  }

  private Optional<WorkStep> of(String pieceId, String key) {
    return piece(pieceId).asked().work().steps().stream()
        .filter(s -> s.key().equals(key))
        .findFirst();
  }

  private String own(WorkStep step) {
    return Optional.ofNullable(piece(step.pieceId()).plan().order().own().get(step.wholeKey()))
        .map(OwnStep::name)
        .orElse("");
  }

  private Optional<Band.Coat> band(WorkStep step) {
    return piece(step.pieceId())
        .coats()
        .group(step.row())
        .map(GroupReading::buildUp)
        .flatMap(b -> b.coat(step.what()));
  }

  private String design(WorkStep step) {
    String layId = step.what().substring(Band.LAY.length());
    return piece(step.pieceId()).reading().lays().stream()
        .filter(LayReading.Laid.class::isInstance)
        .map(LayReading.Laid.class::cast)
        .filter(l -> l.lay().id().equals(layId))
        .map(l -> l.design().name())
        .findFirst()
        .orElse("");
  }

  /** A step with what it is done on: {@code Prime, front and lid}. */
  String full(WorkStep step) {
    boolean away =
        step.doing().isAwayFromThePiece()
            || step.row().equals(StepsReader.HARDWARE)
            || step.row().equals(AskedOrder.BESIDES);
    String whole =
        away
            ? title(step)
            : Words.say("order.on", title(step), Words.lower(row(step.pieceId(), step.row())));
    return step.partOfWhole() == 0 ? whole : Words.say("order.part", whole, step.partOfWhole());
  }

  /** What a step waited for, in a sentence. */
  String why(
      Problem problem, Schedule schedule, Chain.ChainLink link, Clockwork clock, Instant seenFrom) {
    Placed placed = schedule.of(link.stepId()).orElseThrow();
    Optional<Placed> after = link.after().flatMap(schedule::of);
    return Words.say(
        "order.why." + link.why(),
        full(problem.step(link.stepId())),
        clock.dayAndTime(problem.instant(placed.from()), seenFrom),
        after.map(a -> Words.lower(full(problem.step(a.stepId())))).orElse(""),
        after.map(a -> Clockwork.span(Math.max(0, link.ready() - a.to()))).orElse(""),
        clock.dayAndTime(problem.instant(Math.max(0, link.ready())), seenFrom));
  }
}
