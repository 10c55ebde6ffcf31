package craftmap.server.demo;

import craftmap.core.chance.Dice;
import craftmap.core.log.Effort;
import craftmap.core.measure.Times;
import craftmap.core.order.climate.DayClimate;
import craftmap.core.order.climate.Drying;
import craftmap.core.order.work.Dry;
import craftmap.core.order.work.Link;
import craftmap.core.order.work.Work;
import craftmap.core.order.work.WorkStep;
import craftmap.core.plan.Plan;
import craftmap.server.bench.Benches;
import craftmap.server.order.Past;
import craftmap.server.piece.Pieces;
import craftmap.server.studio.Studio;
import java.io.IOException;
import java.io.InputStream;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * Six finished pieces, as a process with a seed did them: each kind of work goes at a true pace of
 * its own, each paint as far as it goes, and every time a little otherwise. What the studio learned
 * is learned from that as from anything that is told at the bench.
 */
@Component
class DemoPast {
  private static final List<String> PIECES =
      List.of(
          "samphire-tray", "harbour-sign", "gull-board", "scallop-tray", "moon-board", "reed-sign");

  private static final long SEED = 2_611;
  private static final int DAYS_EACH = 6;
  private static final double OFTEN_MEASURED = 0.8;
  private static final LocalTime BEGINS = LocalTime.of(9, 0);
  private static final LocalTime ENDS = LocalTime.of(17, 0);

  /** How many times as long as is typical some take, in truth; the others go as is typical. */
  private static final Map<String, Double> PACE = Map.of("SAND", 1.45, "CLEAN", 0.75, "AHEAD", 1.2);

  /** A litre covers so much of what its label says. */
  private static final double GOES = 0.88;

  private static final double ODO = 1.1;
  private static final double ONE_TIME = 0.1;

  private final Pieces pieces;
  private final Past past;
  private final Benches benches;
  private final JsonMapper json;
  private final Clock clock;

  DemoPast(Pieces pieces, Past past, Benches benches, JsonMapper json, Clock clock) {
    this.pieces = pieces;
    this.past = past;
    this.benches = benches;
    this.json = json;
    this.clock = clock;
  }

  /** One after the other, the last of them finished some days before today; then put away. */
  void fill(Studio studio, DemoIds ids) throws IOException {
    Dice dice = new Dice(SEED);
    ZonedDateTime from =
        clock
            .instant()
            .atZone(benches.of(studio).zone())
            .truncatedTo(ChronoUnit.DAYS)
            .minusDays((long) DAYS_EACH * (PIECES.size() + 1))
            .with(BEGINS);
    for (String id : PIECES) {
      Plan plan;
      try (InputStream in = new ClassPathResource("demo/past/" + id + ".json").getInputStream()) {
        plan = pieces.readPlan(json.readTree(in)).ofShelf(ids);
      }
      String pieceId = ids.apply(id);
      pieces.start(studio, pieceId, plan);
      past.tell(studio, pieceId, new Doing(studio, past.asked(studio, pieceId), dice, from).all());
      pieces.archive(studio, pieceId, true);
      from = from.plusDays(DAYS_EACH);
    }
  }

  /** One piece, step after step, by day. */
  private final class Doing {
    private final DayClimate climate;
    private final Past.Asked asked;
    private final Dice dice;
    private final Map<String, Instant> done = new HashMap<>();
    private ZonedDateTime now;

    Doing(Studio studio, Past.Asked asked, Dice dice, ZonedDateTime from) {
      this.climate = benches.of(studio).climate();
      this.asked = asked;
      this.dice = dice;
      this.now = from;
    }

    List<Past.Happened> all() {
      List<Past.Happened> all = new ArrayList<>();
      List<WorkStep> left = new ArrayList<>(asked.work().steps());
      while (!left.isEmpty()) {
        WorkStep next =
            left.stream()
                .filter(s -> before(s).stream().allMatch(l -> done.containsKey(l.from())))
                .findFirst()
                .orElseThrow();
        left.remove(next);
        all.add(did(next));
      }
      return all;
    }

    private List<Link> before(WorkStep step) {
      Work work = asked.work();
      return work.links().stream().filter(l -> l.to().equals(step.id())).toList();
    }

    private Past.Happened did(WorkStep step) {
      boolean odo = dice.next() < 0.35;
      Optional<Effort> effort = asked.lessons().effort(step);
      double minutes =
          effort
              .map(e -> e.aside() + e.amount() * e.typical() * pace(e) * (odo ? ODO : 1) * aside())
              .orElseGet(() -> Times.minutes(step.handsOn()) * aside());
      Duration took = Duration.ofSeconds(Math.max(30, Math.round(minutes * 60)));
      before(step).forEach(l -> l.atLeast().ifPresent(dry -> wait(done.get(l.from()), dry)));
      work(took);
      Instant at = now.toInstant();
      done.put(step.id(), at);
      Optional<Double> used =
          asked
              .draws()
              .of(step.id())
              .filter(_ -> dice.next() < OFTEN_MEASURED)
              .map(d -> Math.round(d.ml() / GOES * aside() * 10) / 10.0)
              .filter(ml -> ml > 0);
      return new Past.Happened(step, at, took, used, odo ? "Odo" : "Wren", "");
    }

    private double pace(Effort effort) {
      return PACE.getOrDefault(effort.skill().craft().name(), 1.0);
    }

    /** Never twice the same. */
    private double aside() {
      return Math.exp(ONE_TIME * (dice.aside() + dice.aside() + dice.aside()));
    }

    private void wait(Instant since, Dry dry) {
      Drying drying =
          new Drying(
              since, Math.toIntExact(Duration.ofDays(14).toMinutes()), now.getZone(), climate);
      Instant ripe = since.plus(drying.after(0, dry.label(), dry.law()), ChronoUnit.MINUTES);
      if (ripe.isAfter(now.toInstant())) {
        now = ripe.atZone(now.getZone());
      }
    }

    /** On a day on which somebody works, and not longer than anybody stays. */
    private void work(Duration took) {
      if (now.toLocalTime().isBefore(BEGINS)) {
        now = now.with(BEGINS);
      }
      while (now.getDayOfWeek() == DayOfWeek.SUNDAY
          || now.toLocalTime().plus(took).isAfter(ENDS)
          || now.toLocalTime().isAfter(ENDS)) {
        now = now.plusDays(1).with(BEGINS);
      }
      now = now.plus(took);
    }
  }
}
