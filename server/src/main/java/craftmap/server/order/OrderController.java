package craftmap.server.order;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import craftmap.core.order.bench.Openings;
import craftmap.core.order.schedule.WhatNow;
import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.fields.TakenAlong;
import craftmap.server.jobs.Job;
import craftmap.server.jobs.Jobs;
import craftmap.server.paper.Paper;
import craftmap.server.piece.Pieces;
import craftmap.server.piece.SavedPlan;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studio;
import craftmap.server.words.Clockwork;
import craftmap.server.words.Words;
import io.swagger.v3.oas.annotations.media.Schema;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** When what is done, and why not sooner. */
@RestController
@RequestMapping("/api/pieces/{id}/order")
class OrderController {
  private static final int MOST_MINUTES = 24 * 60;

  private final Pieces pieces;
  private final Orders orders;
  private final WhatIfs whatIfs;
  private final OrderSeeker seeker;
  private final Jobs jobs;

  OrderController(Pieces pieces, Orders orders, WhatIfs whatIfs, OrderSeeker seeker, Jobs jobs) {
    this.pieces = pieces;
    this.orders = orders;
    this.whatIfs = whatIfs;
    this.seeker = seeker;
    this.jobs = jobs;
  }

  /**
   * What can be done with some minutes.
   *
   * @param nextText when anything can be begun, where nothing can now
   */
  record WhatNowView(
      List<NowView> steps,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String nextText) {}

  /** Something that may be begun now. */
  record NowView(String stepId, String title, String takesText) {}

  /**
   * Where a step begins.
   *
   * @param at by the studio's clock
   * @param kept whether that is when it was asked for
   * @param text when it begins, and why not then where it does not
   * @param readyText when the piece is ready if it does
   */
  record BeginsView(String at, boolean kept, String text, String readyText) {}

  @Allowed(StudioRole.GUEST)
  @GetMapping
  OrderView order(Asker asker, @PathVariable String id) {
    Studio studio = asker.studio();
    Orders.Task task = orders.task(studio, id);
    List<OrderView.TogetherView> together = together(studio, task);
    Optional<ToldOrders.Told> before = orders.toldBefore(task);
    Optional<Orders.Solved> solved = orders.schedule(task);
    solved.ifPresent(s -> orders.tell(task, s));
    return solved
        .map(s -> new OrderViews(task, s).view(together, before))
        .orElseGet(() -> OrderViews.impossible(task, together));
  }

  private List<OrderView.TogetherView> together(Studio studio, Orders.Task task) {
    SavedPlan own = task.piece().piece();
    return pieces.all(studio, false).stream()
        .filter(p -> !p.id().equals(own.id()))
        .map(
            p ->
                new OrderView.TogetherView(
                    p.id(), p.plan().name(), own.plan().order().together().contains(p.id())))
        .toList();
  }

  /** Has a better order looked for, in many steps. */
  @Allowed(StudioRole.MAKER)
  @PostMapping("/searches")
  @ResponseStatus(HttpStatus.ACCEPTED)
  Job search(Asker asker, @PathVariable String id) {
    SavedPlan piece = pieces.get(asker.studio(), id);
    return jobs.begin(
        asker,
        seeker,
        Words.say("order.search", piece.name()),
        new OrderSeeker.SoughtOrder(piece.id()));
  }

  /** The same job otherwise. */
  @Allowed(StudioRole.GUEST)
  @GetMapping("/otherwise")
  List<WhatIfs.WhatIfView> otherwise(Asker asker, @PathVariable String id) {
    return whatIfs.of(orders.task(asker.studio(), id));
  }

  /**
   * Where a step would begin that is to begin at a time: then, or as soon after it as it goes.
   *
   * @param minute of the order as it is answered
   */
  @Allowed(StudioRole.GUEST)
  @GetMapping("/begin")
  BeginsView begin(
      Asker asker, @PathVariable String id, @RequestParam String step, @RequestParam int minute) {
    Orders.Task task = orders.task(asker.studio(), id);
    Orders.Solved now = orders.comparable(task).orElseThrow(OrderFiles::nothingGoes);
    return new Dragged(task.told(now.begins()), now, orders::beside).to(step, minute);
  }

  /** What can be done now with some minutes. */
  @Allowed(StudioRole.GUEST)
  @GetMapping("/now")
  WhatNowView now(Asker asker, @PathVariable String id, @RequestParam int minutes) {
    if (minutes < 1 || minutes > MOST_MINUTES) {
      throw new RefusedInput(
          "minutes", given(minutes), said("is-not-possible"), said("1-to", given(MOST_MINUTES)));
    }
    Orders.Task task = orders.task(asker.studio(), id);
    Optional<Orders.Solved> solved = orders.schedule(task);
    if (solved.isEmpty()) {
      return new WhatNowView(List.of(), null);
    }
    Orders.Solved s = solved.get();
    int now =
        Math.clamp(
            ChronoUnit.MINUTES.between(s.problem().begins(), task.now()), 0, s.problem().minutes());
    WhatNow may = WhatNow.of(s.problem(), s.schedule(), now, minutes);
    StepWords words = new StepWords(task.worked());
    Clockwork clock = new Clockwork(task.bench().zone());
    return new WhatNowView(
        may.steps().stream()
            .map(step -> s.problem().step(step))
            .map(step -> new NowView(step.id(), words.full(step), Clockwork.span(step.handsOn())))
            .toList(),
        may.steps().isEmpty() && may.next() < Openings.NEVER
            ? clock.dayAndTime(
                s.problem().instant(Math.min(may.next(), s.problem().minutes())), task.now())
            : null);
  }

  /** The visits as a calendar, with an alarm for what has to follow in time. */
  @Allowed(StudioRole.GUEST)
  @GetMapping(value = "/calendar", produces = "text/calendar;charset=UTF-8")
  ResponseEntity<byte[]> calendar(Asker asker, @PathVariable String id) {
    Orders.Task task = orders.task(asker.studio(), id);
    return file(
        task,
        "ics",
        MediaType.parseMediaType("text/calendar;charset=UTF-8"),
        OrderCalendar.of(task, solved(task)).getBytes(StandardCharsets.UTF_8));
  }

  /** Every step in a row of a table. */
  @Allowed(StudioRole.GUEST)
  @GetMapping(value = "/csv", produces = "text/csv;charset=UTF-8")
  ResponseEntity<byte[]> csv(Asker asker, @PathVariable String id) {
    Orders.Task task = orders.task(asker.studio(), id);
    return file(
        task,
        "csv",
        MediaType.parseMediaType("text/csv;charset=UTF-8"),
        OrderCsv.of(task, solved(task)).getBytes(StandardCharsets.UTF_8));
  }

  /** The order of work on paper, to be ticked off. */
  @Allowed(StudioRole.GUEST)
  @GetMapping(value = "/print", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> print(
      Asker asker, @PathVariable String id, @RequestParam(defaultValue = "A4") Paper paper)
      throws IOException {
    Orders.Task task = orders.task(asker.studio(), id);
    return file(
        task,
        "pdf",
        MediaType.APPLICATION_PDF,
        OrderSheet.pdf(
            asker.studio().name(),
            task.piece().piece().name(),
            new OrderViews(task, solved(task)).view(List.of(), Optional.empty()),
            paper));
  }

  private Orders.Solved solved(Orders.Task task) {
    return orders.schedule(task).orElseThrow(OrderFiles::nothingGoes);
  }

  private static ResponseEntity<byte[]> file(
      Orders.Task task, String ending, MediaType type, byte[] body) {
    String name = task.piece().piece().name() + ", " + Words.say("order.file");
    return TakenAlong.file(name, ending, type, body);
  }
}
