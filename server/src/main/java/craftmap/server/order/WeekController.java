package craftmap.server.order;

import craftmap.server.jobs.Job;
import craftmap.server.jobs.Jobs;
import craftmap.server.piece.document.OrderingDoc;
import craftmap.server.studio.Asker;
import craftmap.server.words.Words;
import java.nio.charset.StandardCharsets;
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

  WeekController(Orders orders, OrderSeeker seeker, Jobs jobs) {
    this.orders = orders;
    this.seeker = seeker;
    this.jobs = jobs;
  }

  /**
   * Seven days.
   *
   * @param from the first of them, as {@code 2027-02-01}; today where absent
   */
  @GetMapping
  WeekView week(Asker asker, @RequestParam(required = false) String from) {
    Orders.Task task = orders.all(asker.studio());
    LocalDate first =
        from == null ? task.now().atZone(task.bench().zone()).toLocalDate() : OrderingDoc.day(from);
    return solved(task)
        .map(s -> new WeekViews(task, s).view(first))
        .orElseGet(() -> WeekViews.without(task, first));
  }

  /** What is next on each piece that has something left to do, and when it is ready. */
  @GetMapping("/next")
  List<WeekView.WeekPieceView> next(Asker asker) {
    Orders.Task task = orders.all(asker.studio());
    return solved(task).map(s -> new WeekViews(task, s).nexts()).orElse(List.of());
  }

  /** Has a better order of all of it looked for. */
  @PostMapping("/searches")
  @ResponseStatus(HttpStatus.ACCEPTED)
  Job searchAll(Asker asker) {
    return jobs.begin(asker, seeker, Words.say("week.search"), new OrderSeeker.SoughtOrder(null));
  }

  /** All that is left as a calendar. */
  @GetMapping(value = "/calendar", produces = "text/calendar;charset=UTF-8")
  ResponseEntity<byte[]> weekCalendar(Asker asker) {
    Orders.Task task = orders.all(asker.studio());
    Orders.Solved solved = solved(task).orElseThrow(OrderFiles::nothingGoes);
    return OrderFiles.file(
        Words.say("week.file", asker.studio().name()),
        "ics",
        MediaType.parseMediaType("text/calendar;charset=UTF-8"),
        OrderCalendar.of(task, solved).getBytes(StandardCharsets.UTF_8));
  }

  private Optional<Orders.Solved> solved(Orders.Task task) {
    return task.worked().isEmpty() ? Optional.empty() : orders.schedule(task);
  }
}
