package craftmap.server.lists;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import craftmap.server.jobs.Job;
import craftmap.server.jobs.JobState;
import craftmap.server.jobs.Jobs;
import craftmap.server.studio.Asker;
import craftmap.server.words.Words;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/**
 * Lists on their way onto the shelf. First a dry run says what each row would do; then, if that is
 * what is wanted, all of it is done or nothing. Both are jobs, the second named after the first, so
 * that there can be only one of it.
 */
@Service
class ShelfLists {
  private static final String TAKING = "take-";

  private final Jobs jobs;
  private final ListReading reading;
  private final ListTaking taking;
  private final JsonMapper json;

  ShelfLists(Jobs jobs, ListReading reading, ListTaking taking, JsonMapper json) {
    this.jobs = jobs;
    this.reading = reading;
    this.taking = taking;
    this.json = json;
  }

  /** How far a list is. */
  enum ListState {
    READING,
    READY,
    IMPORTING,
    DONE,
    FAILED
  }

  /**
   * How a list stands at this moment.
   *
   * @param outcome once all rows were read
   */
  record Standing(
      String id,
      ListState state,
      int total,
      int done,
      Optional<ListReading.Outcome> outcome,
      Optional<String> failure) {}

  /**
   * Begins a dry run.
   *
   * @throws RefusedInput when the file is no list, or has a column nobody knows
   */
  Standing read(Asker asker, byte[] file) {
    CsvTable table = CsvTable.read(file);
    Set<String> known = RowReader.known();
    for (String column : table.columns()) {
      if (!column.isEmpty() && !known.contains(column)) {
        throw new RefusedInput(
            "list",
            said("column", given(column)),
            said("is-not-known-line-1"),
            given(String.join(", ", known)));
      }
    }
    if (!table.columns().containsAll(List.of("what", "name"))) {
      throw new RefusedInput(
          "list",
          said("line-1"),
          said("has-no-column-what-or-none-called-name"),
          said("both-of-them"));
    }
    // short enough to name the second job after it
    String id = UUID.randomUUID().toString().replace("-", "");
    jobs.begin(
        asker,
        id,
        reading,
        Words.say("lists.reading"),
        new ListReading.Given(new String(file, StandardCharsets.UTF_8), table.rows().size()));
    return standing(asker, id);
  }

  /** Once the rows were read, the list itself is not looked at again: it may be long. */
  Standing standing(Asker asker, String id) {
    Job read = jobs.get(asker.studio(), id);
    if (read.state() != JobState.DONE) {
      int rows = jobs.input(asker.studio(), id, reading).rows();
      return read.state() == JobState.RUNNING
          ? busy(id, ListState.READING, rows, read, Optional.empty())
          : failed(id, rows, read, Optional.empty());
    }
    ListReading.Outcome outcome =
        json.readValue(
            jobs.result(asker.studio(), id, reading).content(), ListReading.Outcome.class);
    int good = outcome.fresh() + outcome.adding();
    int rows = good + outcome.errors();
    Optional<Job> taken = jobs.find(asker.studio(), TAKING + id);
    if (taken.isEmpty()) {
      return new Standing(id, ListState.READY, rows, rows, Optional.of(outcome), Optional.empty());
    }
    return switch (taken.get().state()) {
      case RUNNING -> busy(id, ListState.IMPORTING, good, taken.get(), Optional.of(outcome));
      case DONE ->
          new Standing(id, ListState.DONE, good, good, Optional.of(outcome), Optional.empty());
      case FAILED, STOPPED, CUT_SHORT -> failed(id, good, taken.get(), Optional.of(outcome));
    };
  }

  private static Standing busy(
      String id, ListState state, int rows, Job job, Optional<ListReading.Outcome> outcome) {
    return new Standing(
        id, state, rows, (int) Math.round(job.share() * rows), outcome, Optional.empty());
  }

  private static Standing failed(
      String id, int rows, Job job, Optional<ListReading.Outcome> outcome) {
    String why = job.failure() == null ? Words.say("lists.ourMistake") : job.failure();
    return new Standing(id, ListState.FAILED, rows, 0, outcome, Optional.of(why));
  }

  /** Does what the dry run said, leaving out the rows with errors. */
  Standing take(Asker asker, String id) {
    boolean begun =
        standing(asker, id).state() == ListState.READY
            && jobs.begin(
                    asker,
                    TAKING + id,
                    taking,
                    Words.say("lists.taking"),
                    jobs.input(asker.studio(), id, reading))
                .isPresent();
    if (!begun) {
      throw new RefusedInput(
          "list",
          said("this-list"),
          said("is-not-waiting-to-be-taken"),
          said("a-list-that-was-read-and-not-taken-yet"));
    }
    return standing(asker, id);
  }
}
