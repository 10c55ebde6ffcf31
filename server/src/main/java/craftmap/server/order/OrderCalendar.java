package craftmap.server.order;

import craftmap.core.order.schedule.Placed;
import craftmap.core.order.schedule.Problem;
import craftmap.core.order.work.Link;
import craftmap.core.order.work.WorkStep;
import craftmap.server.words.Clockwork;
import craftmap.server.words.Words;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VAlarm;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Action;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Trigger;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableAction;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/**
 * The order as an iCalendar (RFC 5545): each visit is an event, and each step that has to follow
 * another within a window is one with an alarm at the moment from which it may.
 */
final class OrderCalendar {
  private OrderCalendar() {}

  /** Of a piece, and of those worked on in between. */
  static String of(Orders.Task task, Orders.Solved solved) {
    Orders.Worked piece = task.piece();
    return of(
        task, solved, piece.piece().id(), Words.say("order.calendar.visit", piece.plan().name()));
  }

  /** Of all pieces. */
  static String ofAll(Orders.Task task, Orders.Solved solved) {
    return of(task, solved, task.studio().id(), Words.say("week.calendar.visit"));
  }

  private static String of(
      Orders.Task task, Orders.Solved solved, String owner, String visitTitle) {
    OrderView view = new OrderViews(task, solved).view(List.of(), Optional.empty());
    Problem problem = solved.problem();
    StepWords words = new StepWords(task.worked());
    Calendar calendar = new Calendar();
    calendar.add(new ProdId("-//Craft Map//Order//EN"));
    calendar.add(ImmutableVersion.VERSION_2_0);
    calendar.add(ImmutableCalScale.GREGORIAN);
    for (OrderView.VisitView visit : view.visits()) {
      VEvent event =
          event(
              owner,
              "visit " + problem.instant(visit.from()),
              problem.instant(visit.from()),
              problem.instant(visit.to()),
              visitTitle);
      event.add(new Description(visit.text()));
      calendar.add(event);
    }
    for (Link link : problem.work().links()) {
      Placed before = solved.schedule().of(link.from()).orElseThrow();
      Placed next = solved.schedule().of(link.to()).orElseThrow();
      OptionalInt until = problem.until(link, before.to());
      if (until.isEmpty() || task.isDone(link.to())) {
        continue;
      }
      WorkStep step = problem.step(link.to());
      Instant from = problem.instant(next.from());
      VEvent event =
          event(
              owner,
              "window " + link.from() + " " + link.to(),
              from,
              problem.instant(Math.max(next.from() + 1, until.getAsInt())),
              words.full(step));
      event.add(
          new Description(
              Words.say("order.window", Clockwork.span(until.getAsInt() - before.to()))));
      VAlarm alarm = new VAlarm();
      alarm.add(new Trigger(Duration.ZERO));
      alarm.add(new Action(ImmutableAction.DISPLAY.getValue()));
      alarm.add(new Description(words.full(step)));
      event.add(alarm);
      calendar.add(event);
    }
    return calendar.toString();
  }

  /** Asked for again, it is the same event and takes the place of the first. */
  private static VEvent event(String owner, String key, Instant from, Instant to, String title) {
    VEvent event = new VEvent(from, to, title);
    String name = owner + " " + key;
    event.add(
        new Uid(UUID.nameUUIDFromBytes(name.getBytes(StandardCharsets.UTF_8)) + "@craft-map"));
    return event;
  }
}
