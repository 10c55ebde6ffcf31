package craftmap.server.cutter;

import craftmap.server.jobs.JobResult;
import craftmap.server.jobs.JobWorker;
import craftmap.server.jobs.Work;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Sends plotter files to the cutter. What was half cut is not cut over again by itself. */
@Component
class CutterOperator implements JobWorker<CutterOperator.Order> {
  private final Cutter cutter;
  private final JsonMapper json;

  CutterOperator(Cutter cutter, JsonMapper json) {
    this.cutter = cutter;
    this.json = json;
  }

  record Order(String plotterFile) {}

  /** How it went, and the cutter as it stood. */
  record Done(Cutter.State state, Cutter.Run run) {}

  @Override
  public String kind() {
    return "CUTTER";
  }

  @Override
  public Class<Order> input() {
    return Order.class;
  }

  @Override
  public boolean mayBeginAgain() {
    return false;
  }

  @Override
  public JobResult run(Work<Order> work, Progress progress) {
    Cutter.State state = cutter.state();
    Cutter.Run run = cutter.cut(work.input().plotterFile(), progress);
    return new JobResult(
        json.writeValueAsBytes(new Done(state, run)), MediaType.APPLICATION_JSON_VALUE, "cut.json");
  }
}
