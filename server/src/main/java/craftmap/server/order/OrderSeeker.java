package craftmap.server.order;

import craftmap.core.order.schedule.LongSearch;
import craftmap.core.order.schedule.Schedule;
import craftmap.server.jobs.JobResult;
import craftmap.server.jobs.JobWorker;
import craftmap.server.jobs.Work;
import craftmap.server.studio.Studio;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Looks on for a better order of many steps; what it has found is kept when it is stopped, too. */
@Component
class OrderSeeker implements JobWorker<OrderSeeker.SoughtOrder> {
  private static final int ROUNDS = 80;

  private final Orders orders;
  private final FoundOrders found;

  OrderSeeker(Orders orders, FoundOrders found) {
    this.orders = orders;
    this.found = found;
  }

  /**
   * What is looked for.
   *
   * @param pieceId the order of a piece and those worked on in between; of all where absent
   */
  record SoughtOrder(@Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String pieceId) {}

  @Override
  public String kind() {
    return "ORDER";
  }

  @Override
  public Class<SoughtOrder> input() {
    return SoughtOrder.class;
  }

  @Override
  public JobResult run(Work<SoughtOrder> work, Progress progress) {
    Studio studio = work.studio();
    String pieceId = work.input().pieceId();
    Optional<Orders.Task> asked =
        pieceId == null ? orders.all(studio).task() : Optional.of(orders.task(studio, pieceId));
    Optional<Orders.Solved> now = asked.flatMap(orders::schedule);
    if (now.isEmpty()) {
      return JobResult.NONE;
    }
    Orders.Task task = asked.orElseThrow();
    String question = found.question(task);
    long search =
        found.find(studio, question, now.get().problem()).map(f -> f.search() + 1).orElse(1L);
    Schedule better =
        LongSearch.better(now.get().problem(), now.get().schedule(), ROUNDS, search, progress::at);
    found.keep(
        studio,
        question,
        new FoundOrders.FoundDoc(better.steps(), better.least(), search),
        now.get().problem());
    return JobResult.NONE;
  }
}
