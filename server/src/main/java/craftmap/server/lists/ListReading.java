package craftmap.server.lists;

import craftmap.server.jobs.JobResult;
import craftmap.server.jobs.JobWorker;
import craftmap.server.jobs.Work;
import craftmap.server.shelf.Designs;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** The dry run of a list: says what each row would do, and changes nothing. */
@Component
class ListReading implements JobWorker<ListReading.Given> {
  private static final int MOST_LINES_SENT = 500;

  private final Designs designs;
  private final JsonMapper json;

  ListReading(Designs designs, JsonMapper json) {
    this.designs = designs;
    this.json = json;
  }

  /** The list, and how many rows it has. */
  record Given(String csv, int rows) {
    CsvTable table() {
      return CsvTable.read(csv.getBytes(StandardCharsets.UTF_8));
    }
  }

  record Told(long line, ListLines.Effect effect, String name, String text) {}

  /**
   * What all rows would do.
   *
   * @param lines those to look at, errors first
   */
  record Outcome(int fresh, int adding, int errors, List<Told> lines) {}

  @Override
  public String kind() {
    return "LIST_READING";
  }

  @Override
  public Class<Given> input() {
    return Given.class;
  }

  @Override
  public JobResult run(Work<Given> work, Progress progress) {
    List<CsvTable.Row> rows = work.input().table().rows();
    ListLines lines = new ListLines(work.studio().tape(), designs.names(work.studio().id()));
    int[] effects = new int[ListLines.Effect.values().length];
    List<Told> told = new ArrayList<>();
    for (CsvTable.Row row : rows) {
      ListLines.Line line = lines.next(row);
      effects[line.effect().ordinal()]++;
      told.add(new Told(line.line(), line.effect(), line.name(), line.text()));
      progress.mustGoOn((double) told.size() / rows.size());
    }
    told.sort(
        Comparator.comparing((Told t) -> t.effect() != ListLines.Effect.ERROR)
            .thenComparingLong(Told::line));
    Outcome outcome =
        new Outcome(
            effects[ListLines.Effect.NEW.ordinal()],
            effects[ListLines.Effect.ADDS.ordinal()],
            effects[ListLines.Effect.ERROR.ordinal()],
            told.subList(0, Math.min(told.size(), MOST_LINES_SENT)));
    return new JobResult(
        json.writeValueAsBytes(outcome), MediaType.APPLICATION_JSON_VALUE, "list.json");
  }
}
