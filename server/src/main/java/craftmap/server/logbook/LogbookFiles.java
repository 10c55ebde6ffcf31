package craftmap.server.logbook;

import craftmap.core.measure.Decimals;
import craftmap.server.fields.Csv;
import craftmap.server.fields.TakenAlong;
import craftmap.server.paper.Fonts;
import craftmap.server.paper.Page;
import craftmap.server.paper.Paper;
import craftmap.server.paper.PaperFile;
import craftmap.server.words.Words;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** The logbook to be taken along. */
final class LogbookFiles {
  private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm");
  private static final double TIME_MM = 14;
  private static final double LINE_MM = 4.4;

  private LogbookFiles() {}

  /** A row for each line, the oldest first. */
  static ResponseEntity<byte[]> table(LogbookPages.Found found) {
    List<List<?>> rows = new ArrayList<>();
    for (LogbookPages.Line line : found.lines().reversed()) {
      LogEntry e = line.entry();
      boolean done = e.kind() == LogEntry.LogKind.DONE;
      rows.add(
          List.of(
              TIME.format(found.clock().at(e.happened())),
              e.details().pieceName(),
              e.details().title(),
              e.kind().name().toLowerCase(Locale.ROOT),
              done ? Decimals.show(e.details().plannedMinutes(), 1) : "",
              done ? Decimals.show(e.details().tookMinutes(), 1) : "",
              e.details().medium(),
              e.details().plannedMl() > 0 ? Decimals.show(e.details().plannedMl(), 1) : "",
              line.usedMl().map(ml -> Decimals.show(ml, 1)).orElse(""),
              done ? Decimals.show(e.details().celsius(), 1) : "",
              done ? Decimals.show(e.details().damp(), 0) : "",
              Optional.ofNullable(LogbookPages.wrong(e)).orElse(""),
              e.by(),
              e.note()));
    }
    String csv =
        Csv.of(
            List.of(
                "finished",
                "piece",
                "step",
                "kind",
                "minutes planned",
                "minutes taken",
                "medium",
                "ml planned",
                "ml used",
                "celsius",
                "damp %",
                "went wrong",
                "who",
                "note"),
            rows);
    return TakenAlong.file(
        Words.say("log.file"),
        "csv",
        MediaType.valueOf("text/csv;charset=UTF-8"),
        csv.getBytes(StandardCharsets.UTF_8));
  }

  static ResponseEntity<byte[]> sheet(String studioName, LogbookView log, Paper paper)
      throws IOException {
    return PaperFile.of(
        Words.say("log.file"),
        paper,
        (page, fonts) -> {
          page.paragraph(fonts.text(), 9, studioName);
          page.paragraph(fonts.heading(), 19, Words.say("log.file"));
          page.paragraph(fonts.text(), 9, log.summary());
          log.pieces()
              .forEach(
                  p -> page.paragraph(fonts.text(), 9, "– " + p.pieceName() + ", " + p.summary()));
          log.days().forEach(d -> day(page, fonts, d));
        });
  }

  private static void day(Page page, Fonts fonts, LogbookView.LogDayView day) {
    page.room(22);
    page.down(5);
    page.paragraph(fonts.heading(), 14, day.text());
    for (LogbookView.LogLineView line : day.lines()) {
      String beside =
          Stream.of(
                  line.wrong(), line.took(), line.longer(), line.used(), line.climate(), line.by())
              .filter(Objects::nonNull)
              .filter(t -> !t.isEmpty())
              .collect(Collectors.joining(" · "));
      List<String> texts =
          Stream.of(
                  beside,
                  line.note(),
                  line.photos().isEmpty() ? "" : Words.say("log.photos", line.photos().size()))
              .filter(t -> !t.isEmpty())
              .flatMap(t -> Page.wrapped(fonts.text(), 8.5, t, page.widthMm() - TIME_MM).stream())
              .toList();
      List<String> title =
          Page.wrapped(
              fonts.strong(), 10, line.pieceName() + ": " + line.title(), page.widthMm() - TIME_MM);
      page.room((texts.size() + title.size()) * LINE_MM + 2);
      page.down(LINE_MM);
      page.write(fonts.strong(), 9, page.leftMm(), page.atMm(), line.time());
      for (int i = 0; i < title.size(); i++) {
        page.down(i == 0 ? 0 : LINE_MM);
        page.write(fonts.strong(), 10, page.leftMm() + TIME_MM, page.atMm(), title.get(i));
      }
      for (String text : texts) {
        page.down(LINE_MM);
        page.write(fonts.text(), 8.5, page.leftMm() + TIME_MM, page.atMm(), text);
      }
      page.down(2);
    }
  }
}
