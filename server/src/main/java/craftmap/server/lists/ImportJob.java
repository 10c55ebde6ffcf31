package craftmap.server.lists;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/**
 * A list on its way onto the shelf. First a dry run says what each row would do; then, if that is
 * what is wanted, all of it is done or nothing.
 */
final class ImportJob {
  /** How far it is. */
  enum ListState {
    READING,
    READY,
    IMPORTING,
    DONE,
    FAILED
  }

  /** What a row would do. */
  enum Effect {
    /** Puts something new on the shelf. */
    NEW,
    /** Adds to a design that is there, by its name and kind. */
    ADDS,
    /** Cannot be done. */
    ERROR
  }

  /** One row's outcome. */
  record Line(long line, Effect effect, String name, String text, Optional<RowReader.Item> item) {}

  private final String id;
  private final String studioId;
  private final List<Line> lines = new ArrayList<>();
  private final int[] effects = new int[Effect.values().length];
  private ListState state = ListState.READING;
  private int total;
  private int done;
  private String failure = "";

  ImportJob(String id, String studioId) {
    this.id = id;
    this.studioId = studioId;
  }

  String id() {
    return id;
  }

  String studioId() {
    return studioId;
  }

  synchronized void begin(ListState now, int rows) {
    state = now;
    total = rows;
    done = 0;
  }

  synchronized void add(Line line) {
    lines.add(line);
    effects[line.effect().ordinal()]++;
    done++;
  }

  synchronized void step() {
    done++;
  }

  synchronized void end(ListState now) {
    state = now;
  }

  synchronized void fail(String why) {
    state = ListState.FAILED;
    failure = why;
  }

  /** Takes the turn to import; false where it is not ready or somebody has begun already. */
  synchronized boolean beginImport() {
    if (state != ListState.READY) {
      return false;
    }
    begin(
        ListState.IMPORTING, (int) lines.stream().filter(l -> l.effect() != Effect.ERROR).count());
    return true;
  }

  /** How it stands at this moment; the lines once all of them were read. */
  record Standing(
      ListState state,
      int total,
      int done,
      int fresh,
      int adding,
      int errors,
      String failure,
      List<Line> lines) {}

  synchronized Standing standing() {
    boolean stillRead = state == ListState.READING;
    return new Standing(
        state,
        total,
        done,
        effects[Effect.NEW.ordinal()],
        effects[Effect.ADDS.ordinal()],
        effects[Effect.ERROR.ordinal()],
        failure,
        stillRead ? List.of() : Collections.unmodifiableList(lines));
  }
}
