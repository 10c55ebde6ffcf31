package craftmap.core.supply;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Whether what stands in a container is still good. */
public final class Keeping {
  /** From so many days before on it is said that something goes off. */
  public static final int SOON_DAYS = 30;

  private Keeping() {}

  /** What to mind. */
  public enum Kind {
    PAST_BEST_BEFORE,
    BEST_BEFORE_SOON,
    OPENED_TOO_LONG,
    OPENED_LONG
  }

  /**
   * That, with the day it is about.
   *
   * @param day on which it is, or was, no longer sure to be good
   */
  public record Note(Kind kind, LocalDate day) {
    /** Whether that day is gone. */
    public boolean isOver() {
      return kind == Kind.PAST_BEST_BEFORE || kind == Kind.OPENED_TOO_LONG;
    }
  }

  /**
   * On a day. The last day of either is a good one still.
   *
   * @param bestBefore as the container says it
   * @param openedOn when it was opened, if it was
   * @param keepsMonths once opened; 0 where nothing is known of that
   */
  public static List<Note> on(
      LocalDate today,
      Optional<LocalDate> bestBefore,
      Optional<LocalDate> openedOn,
      int keepsMonths) {
    List<Note> notes = new ArrayList<>();
    bestBefore
        .flatMap(last -> note(today, last, Kind.PAST_BEST_BEFORE, Kind.BEST_BEFORE_SOON))
        .ifPresent(notes::add);
    openedOn
        .filter(day -> keepsMonths > 0)
        .map(day -> day.plusMonths(keepsMonths))
        .flatMap(last -> note(today, last, Kind.OPENED_TOO_LONG, Kind.OPENED_LONG))
        .ifPresent(notes::add);
    return notes;
  }

  private static Optional<Note> note(LocalDate today, LocalDate last, Kind over, Kind soon) {
    if (last.isBefore(today)) {
      return Optional.of(new Note(over, last));
    }
    return last.isBefore(today.plusDays(SOON_DAYS))
        ? Optional.of(new Note(soon, last))
        : Optional.empty();
  }
}
