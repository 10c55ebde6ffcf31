package craftmap.server.order;

import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.bench.Benches;
import craftmap.server.fields.TakenAlong;
import craftmap.server.jobs.Job;
import craftmap.server.jobs.Jobs;
import craftmap.server.piece.document.OrderingDoc;
import craftmap.server.studio.Asker;
import craftmap.server.words.Words;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** All pieces woven together: a week at the bench, and what is next on each of them. */
@RestController
@RequestMapping("/api/week")
class WeekController {
  private final Orders orders;
  private final OrderSeeker seeker;
  private final Jobs jobs;
  private final Benches benches;
  private final Clock clock;

  WeekController(Orders orders, OrderSeeker seeker, Jobs jobs, Benches benches, Clock clock) {
    this.benches = benches;
    this.clock = clock;
    this.orders = orders;
    this.seeker = seeker;
    this.jobs = jobs;
  }

  /**
   * Seven days.
   *
   * @param from the first of them, as {@code 2027-02-01}; today where absent
   */
  @Allowed(StudioRole.GUEST)
  @GetMapping
  WeekView week(Asker asker, @RequestParam(required = false) String from) {
    Orders.Everything all = orders.all(asker.studio());
    LocalDate first = from == null ? today(asker) : OrderingDoc.day(from);
    return views(all)
        .map(v -> v.view(first, all.leftOut()))
        .orElseGet(() -> WeekViews.without(all.task(), first));
  }

  private LocalDate today(Asker asker) {
    return LocalDate.ofInstant(clock.instant(), benches.of(asker.studio()).zone());
  }

  /** What is next on each piece that has something left to do, and when it is ready. */
  @Allowed(value = StudioRole.GUEST, atTheBench = true)
  @GetMapping("/next")
  List<WeekView.WeekPieceView> next(Asker asker) {
    return views(orders.all(asker.studio())).map(WeekViews::nexts).orElse(List.of());
  }

  private Optional<WeekViews> views(Orders.Everything all) {
    return all.task().flatMap(t -> orders.schedule(t).map(s -> new WeekViews(t, s)));
  }

  /** Has a better order of all of it looked for. */
  @Allowed(StudioRole.MAKER)
  @PostMapping("/searches")
  @ResponseStatus(HttpStatus.ACCEPTED)
  Job searchAll(Asker asker) {
    return jobs.begin(asker, seeker, Words.say("week.search"), new OrderSeeker.SoughtOrder(null));
  }

  /** All that is left as a calendar. */
  @Allowed(StudioRole.GUEST)
  @GetMapping(value = "/calendar", produces = "text/calendar;charset=UTF-8")
  ResponseEntity<byte[]> weekCalendar(Asker asker) {
    Orders.Task task = orders.all(asker.studio()).task().orElseThrow(OrderFiles::nothingGoes);
    Orders.Solved solved = orders.schedule(task).orElseThrow(OrderFiles::nothingGoes);
    return TakenAlong.file(
        Words.say("week.file", asker.studio().name()),
        "ics",
        MediaType.parseMediaType("text/calendar;charset=UTF-8"),
        OrderCalendar.ofAll(task, solved).getBytes(StandardCharsets.UTF_8));
  }
}
