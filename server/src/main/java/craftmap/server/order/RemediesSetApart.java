package craftmap.server.order;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import craftmap.core.order.mishap.Mishap;
import craftmap.core.order.mishap.Remedy;
import craftmap.core.order.mishap.Trouble;
import craftmap.core.order.work.Doing;
import craftmap.core.order.work.WorkStep;
import craftmap.core.plan.Ordering;
import craftmap.core.plan.Plan;
import craftmap.core.plan.cutting.Pool;
import craftmap.core.plan.order.Draws;
import craftmap.core.plan.order.Remedies;
import craftmap.core.plan.order.Spoiled;
import craftmap.core.supply.StockUnit;
import craftmap.server.piece.Pieces;
import craftmap.server.piece.SavedPlan;
import craftmap.server.shelf.Available;
import craftmap.server.shelf.ShelfService;
import craftmap.server.studio.Studio;
import craftmap.server.words.Clockwork;
import craftmap.server.words.Words;
import craftmap.server.writing.Solves;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** What each remedy takes, and when the piece is ready with it: each worked out as if taken. */
@Component
class RemediesSetApart {
  private static final String IF = "what-if";

  private final Orders orders;
  private final StepsAtHand atHand;
  private final Pieces pieces;
  private final ShelfService shelf;
  private final Clock clock;

  RemediesSetApart(
      Orders orders, StepsAtHand atHand, Pieces pieces, ShelfService shelf, Clock clock) {
    this.orders = orders;
    this.atHand = atHand;
    this.pieces = pieces;
    this.shelf = shelf;
    this.clock = clock;
  }

  /**
   * A remedy.
   *
   * @param takesText time at work, paint and what else is used up; empty of what takes nothing
   * @param readyText when the piece is ready then
   * @param laterText by how much later than if nothing had gone wrong; empty where it is not
   */
  record RemedyTakesView(Remedy remedy, String takesText, String readyText, String laterText) {}

  @Solves
  public List<RemedyTakesView> of(
      Studio studio, String pieceId, String key, Trouble trouble, double share) {
    SavedPlan piece = pieces.get(studio, pieceId);
    Orders.Worked worked = orders.worked(studio, piece, piece.plan());
    WorkStep step =
        atHand
            .step(worked, key)
            .orElseThrow(
                () ->
                    new RefusedInput(
                        "step", given(key), said("is-no-step-now"), said("a-step-of-its-order")));
    Remedies.Offer offer = atHand.offer(worked, step, trouble);
    WorkStep at = worked.asked().work().step(offer.stepId());
    SavedPlan tried = piece.with(tried(piece.plan(), at));
    Optional<Instant> ready = ready(studio, tried);
    List<RemedyTakesView> all = new ArrayList<>();
    for (Remedy remedy : offer.remedies()) {
      Plan plan =
          tried
              .plan()
              .with(tried.plan().order().with(IF, new Mishap(at.key(), trouble, remedy, share)));
      SavedPlan mended = tried.with(plan);
      all.add(view(studio, remedy, orders.worked(studio, mended, plan), ready));
    }
    return all;
  }

  /** As if it were done by now, as it is planned. */
  private Plan tried(Plan plan, WorkStep at) {
    if (plan.order().step(at.key()).done().isPresent()) {
      return plan;
    }
    Ordering.Done now = new Ordering.Done(clock.instant(), at.handsOn());
    return plan.with(plan.order().with(at.key(), s -> s.done(Optional.of(now))));
  }

  private Optional<Instant> ready(Studio studio, SavedPlan piece) {
    Orders.Task task = orders.task(studio, piece);
    return orders.beside(task).map(s -> s.ready(task));
  }

  private RemedyTakesView view(
      Studio studio, Remedy remedy, Orders.Worked mended, Optional<Instant> before) {
    Orders.Task task = orders.task(studio, mended.piece());
    Optional<Instant> then = orders.beside(task).map(s -> s.ready(task));
    Clockwork words = new Clockwork(task.bench().zone());
    long later =
        then.isPresent() && before.isPresent()
            ? Duration.between(before.get(), then.get()).toMinutes()
            : 0;
    return new RemedyTakesView(
        remedy,
        takes(studio, mended),
        then.map(t -> Words.say("remedy.ready", words.dayAndTime(t, task.now())))
            .orElse(Words.say("remedy.never")),
        later > 0 ? Words.say("remedy.later", Clockwork.span(Math.toIntExact(later))) : "");
  }

  private String takes(Studio studio, Orders.Worked mended) {
    List<WorkStep> mends =
        mended.asked().work().steps().stream()
            .filter(s -> s.doing() == Doing.MEND && Mishap.idOf(s.key()).equals(IF))
            .toList();
    List<String> all = new ArrayList<>();
    int minutes = mends.stream().mapToInt(WorkStep::minutes).sum();
    if (minutes > 0) {
      all.add(Clockwork.span(minutes));
    }
    for (WorkStep mend : mends) {
      Optional.ofNullable(mended.asked().mendDraws().get(mend.id()))
          .map(d -> poured(studio, d.draw()))
          .ifPresent(all::add);
      Optional.ofNullable(mended.asked().spoiled().get(mend.id()))
          .map(s -> once(studio, mended, s))
          .ifPresent(all::add);
    }
    return String.join(", ", all);
  }

  private String poured(Studio studio, Draws.Draw draw) {
    return draw.potId()
        .flatMap(p -> shelf.pot(studio.id(), p))
        .map(p -> Words.say("remedy.pot", Words.millilitres(draw.ml()), p.label().name()))
        .orElse(Words.millilitres(draw.ml()));
  }

  private static String once(Studio studio, Orders.Worked mended, Spoiled spoiled) {
    StockUnit unit =
        mended.reading().pools().stream()
            .map(Pool::design)
            .filter(d -> d.id().equals(spoiled.designId()))
            .findFirst()
            .map(d -> d.comes().usedIn())
            .orElse(StockUnit.PIECES);
    return Words.say("remedy.once", Available.amount(spoiled.quantity(), unit, studio.tape()));
  }
}
