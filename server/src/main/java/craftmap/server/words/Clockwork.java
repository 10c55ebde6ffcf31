package craftmap.server.words;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** Times as the clock in the studio tells them. */
public record Clockwork(ZoneId zone) {
  private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("H:mm", Locale.ENGLISH);
  private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE", Locale.ENGLISH);
  private static final DateTimeFormatter DATE =
      DateTimeFormatter.ofPattern("EEE d MMM", Locale.ENGLISH);

  public ZonedDateTime at(Instant instant) {
    return instant.atZone(zone);
  }

  public String time(Instant instant) {
    return TIME.format(at(instant));
  }

  public String time(LocalTime time) {
    return TIME.format(time);
  }

  public String date(Instant instant) {
    return DATE.format(at(instant));
  }

  /** The day of the week, where that is clear; else with its date. */
  public String day(Instant instant, Instant seenFrom) {
    LocalDate day = at(instant).toLocalDate();
    LocalDate from = at(seenFrom).toLocalDate();
    return day.isBefore(from.plusDays(7)) && !day.isBefore(from)
        ? DAY.format(day)
        : DATE.format(day);
  }

  public String dayAndTime(Instant instant, Instant seenFrom) {
    return Words.say("order.at", day(instant, seenFrom), time(instant));
  }

  /** Hours and minutes, as one says them: {@code 4 h 40}. */
  public static String span(Duration time) {
    long minutes = Math.ceilDiv(time.toSeconds(), 60);
    if (minutes < 60) {
      return Words.say("order.minutes", minutes);
    }
    long hours = minutes / 60;
    if (hours >= 48 && minutes % 60 == 0 || hours >= 96) {
      return Words.say("order.days", Math.round(minutes / 144.0) / 10.0);
    }
    return minutes % 60 == 0
        ? Words.say("order.hours", hours)
        : Words.say("order.hoursAndMinutes", hours, minutes % 60);
  }

  public static String span(int minutes) {
    return span(Duration.ofMinutes(minutes));
  }
}
