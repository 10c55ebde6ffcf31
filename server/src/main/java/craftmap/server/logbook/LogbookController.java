package craftmap.server.logbook;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.paper.Paper;
import craftmap.server.studio.Asker;
import java.io.IOException;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Optional;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What happened at the bench, by day: to be read, searched and taken along. */
@RestController
@RequestMapping("/api/logbook")
class LogbookController {
  private static final int LONGEST_FIND = 80;

  /** A file holds as much as years of evenings. */
  private static final int MOST_IN_A_FILE = 20_000;

  private final LogbookPages pages;

  LogbookController(LogbookPages pages) {
    this.pages = pages;
  }

  @Allowed(StudioRole.GUEST)
  @GetMapping
  LogbookView logbook(
      Asker asker,
      @RequestParam(required = false) String piece,
      @RequestParam(defaultValue = "") String find,
      @RequestParam(required = false) String until) {
    return pages.view(asker.studio(), asked(piece, find, until));
  }

  /** A row for each step that was done and each note. */
  @Allowed(StudioRole.GUEST)
  @GetMapping("/table")
  ResponseEntity<byte[]> table(
      Asker asker,
      @RequestParam(required = false) String piece,
      @RequestParam(defaultValue = "") String find) {
    LogbookPages.Found found = pages.find(asker.studio(), asked(piece, find, null), MOST_IN_A_FILE);
    return LogbookFiles.table(found);
  }

  /** On paper, in black on white. */
  @Allowed(StudioRole.GUEST)
  @GetMapping("/sheet")
  ResponseEntity<byte[]> sheet(
      Asker asker,
      @RequestParam(required = false) String piece,
      @RequestParam(defaultValue = "") String find,
      @RequestParam(defaultValue = "A4") Paper paper)
      throws IOException {
    return LogbookFiles.sheet(
        asker.studio().name(), pages.view(asker.studio(), asked(piece, find, null)), paper);
  }

  private static LogbookPages.Asked asked(String piece, String find, String until) {
    if (find.length() > LONGEST_FIND) {
      throw new RefusedInput(
          "find",
          given(find),
          said("is-too-long"),
          said("at-most-characters", given(LONGEST_FIND)));
    }
    return new LogbookPages.Asked(
        Optional.ofNullable(piece),
        find.strip(),
        Optional.ofNullable(until).map(LogbookController::day));
  }

  private static LocalDate day(String text) {
    try {
      return LocalDate.parse(text);
    } catch (DateTimeParseException noDay) {
      throw new RefusedInput(
          "day", given(text), said("is-no-day"), said("a-day-such-as-2027-02-01"));
    }
  }
}
