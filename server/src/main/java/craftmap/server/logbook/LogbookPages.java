package craftmap.server.logbook;

import craftmap.core.measure.Decimals;
import craftmap.server.bench.Benches;
import craftmap.server.photo.Photo;
import craftmap.server.photo.Photos;
import craftmap.server.piece.Pieces;
import craftmap.server.piece.SavedPlan;
import craftmap.server.shelf.ShelfService;
import craftmap.server.stock.Ledger;
import craftmap.server.stock.Use;
import craftmap.server.studio.Studio;
import craftmap.server.words.Clockwork;
import craftmap.server.words.Words;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Lays out what the log says, with what the ledger booked for it and what was photographed. */
@Component
@Transactional(readOnly = true)
class LogbookPages {
  /** So many lines are shown at once. */
  static final int MOST_SHOWN = 200;

  private final Logbook log;
  private final Ledger ledger;
  private final ShelfService shelf;
  private final Photos photos;
  private final Pieces pieces;
  private final Benches benches;

  LogbookPages(
      Logbook log,
      Ledger ledger,
      ShelfService shelf,
      Photos photos,
      Pieces pieces,
      Benches benches) {
    this.log = log;
    this.ledger = ledger;
    this.shelf = shelf;
    this.photos = photos;
    this.pieces = pieces;
    this.benches = benches;
  }

  /**
   * What is asked for.
   *
   * @param piece of one piece only
   * @param find words that have to stand in it, whatever their case
   * @param until the last day
   */
  record Asked(Optional<String> piece, String find, Optional<LocalDate> until) {}

  /** A line with what else is known of it. */
  record Line(LogEntry entry, Optional<Double> usedMl, List<String> photos) {}

  /** What is asked for, youngest first. */
  record Found(Clockwork clock, List<Line> lines, boolean more, Set<String> known) {}

  Found find(Studio studio, Asked asked, int most) {
    Clockwork clock = new Clockwork(benches.of(studio).zone());
    List<LogEntry> all =
        log.lately(
            studio.id(),
            asked.piece(),
            asked.find(),
            asked.until().map(d -> d.plusDays(1).atStartOfDay(clock.zone()).toInstant()),
            most + 1);
    boolean more = all.size() > most;
    List<LogEntry> shown = more ? all.subList(0, most) : all;
    Set<String> known =
        Stream.of(false, true)
            .flatMap(archived -> pieces.all(studio, archived).stream())
            .map(SavedPlan::id)
            .collect(Collectors.toSet());
    Map<String, Map<String, Use.Booked>> used = new HashMap<>();
    Map<String, List<Photo>> pictures = new HashMap<>();
    Set<String> shownPhotos = new HashSet<>();
    List<Line> lines = new ArrayList<>();
    for (LogEntry entry : shown) {
      String piece = entry.pieceId();
      Optional<Double> ml =
          entry.kind() == LogEntry.LogKind.DONE
              ? Optional.ofNullable(
                      used.computeIfAbsent(piece, p -> ledger.usedByLay(studio.id(), p))
                          .get(Use.ofStep(entry.stepKey())))
                  .flatMap(b -> ml(studio, b))
              : Optional.empty();
      List<String> own =
          !known.contains(piece)
              ? List.of()
              : pictures.computeIfAbsent(piece, p -> photos.ofPiece(studio, p)).stream()
                  .filter(p -> p.stepKey().filter(entry.stepKey()::equals).isPresent())
                  .filter(p -> shownPhotos.add(p.id()))
                  .map(p -> "/api/photos/" + p.id())
                  .toList();
      lines.add(new Line(entry, ml, own));
    }
    return new Found(clock, lines, more, known);
  }

  private Optional<Double> ml(Studio studio, Use.Booked booked) {
    return shelf
        .pot(studio.id(), booked.holdingId())
        .map(pot -> pot.ml(booked.quantity().doubleValue()));
  }

  LogbookView view(Studio studio, Asked asked) {
    Found found = find(studio, asked, MOST_SHOWN);
    Map<LocalDate, List<LogbookView.LogLineView>> days = new LinkedHashMap<>();
    Map<LocalDate, String> names = new HashMap<>();
    for (Line line : found.lines()) {
      LocalDate day = found.clock().at(line.entry().happened()).toLocalDate();
      names.putIfAbsent(day, found.clock().date(line.entry().happened()));
      days.computeIfAbsent(day, d -> new ArrayList<>()).addFirst(line(found, line));
    }
    return new LogbookView(
        Words.say("log.summary", found.lines().size(), days.size()),
        days.entrySet().stream()
            .map(
                d ->
                    new LogbookView.LogDayView(
                        d.getKey().toString(), names.get(d.getKey()), d.getValue()))
            .toList(),
        found.more(),
        pieces(found));
  }

  private static LogbookView.LogLineView line(Found found, Line line) {
    LogEntry e = line.entry();
    boolean done = e.kind() == LogEntry.LogKind.DONE;
    return new LogbookView.LogLineView(
        e.id(),
        e.kind(),
        found.known().contains(e.pieceId()) ? e.pieceId() : null,
        e.details().pieceName(),
        e.details().title(),
        found.clock().time(e.happened()),
        done ? Words.say("log.took", span(e.details().tookMinutes())) : null,
        done ? longer(e.details().plannedMinutes(), e.details().tookMinutes()) : null,
        line.usedMl()
            .map(ml -> Words.say("log.used", Words.millilitres(ml), e.details().medium()))
            .orElse(null),
        done
            ? Words.say(
                "log.climate",
                Decimals.show(e.details().celsius(), 0),
                Decimals.show(e.details().damp(), 0))
            : null,
        wrong(e),
        e.note(),
        e.by(),
        line.photos());
  }

  /** What went wrong, and what was done about it; none of another line. */
  static String wrong(LogEntry e) {
    return e.details().trouble() == null || e.details().remedy() == null
        ? null
        : Words.say(
            "log.wrong",
            Words.lower(Words.say("trouble." + e.details().trouble())),
            Words.say("remedy." + e.details().remedy()));
  }

  static String span(double minutes) {
    return Clockwork.span((int) Math.round(minutes));
  }

  /** By how many minutes it took longer, in words; none where it took what was planned. */
  static String longer(double planned, double took) {
    long by = Math.round(took) - Math.round(planned);
    if (by == 0) {
      return null;
    }
    return Words.say(by > 0 ? "log.longer" : "log.shorter", span(Math.abs(by)), span(planned));
  }

  /** Those of which something is shown, by their names. */
  private static List<LogbookView.LogPieceView> pieces(Found found) {
    Map<String, List<LogEntry>> byPiece = new TreeMap<>();
    for (Line line : found.lines()) {
      if (line.entry().kind() == LogEntry.LogKind.DONE) {
        byPiece.computeIfAbsent(line.entry().pieceId(), p -> new ArrayList<>()).add(line.entry());
      }
    }
    List<LogbookView.LogPieceView> all = new ArrayList<>();
    byPiece.forEach(
        (id, entries) -> {
          double planned = entries.stream().mapToDouble(e -> e.details().plannedMinutes()).sum();
          double took = entries.stream().mapToDouble(e -> e.details().tookMinutes()).sum();
          all.add(
              new LogbookView.LogPieceView(
                  found.known().contains(id) ? id : null,
                  entries.getFirst().details().pieceName(),
                  Words.say("log.piece", entries.size(), span(took), span(planned)),
                  planned,
                  took));
        });
    all.sort(
        Comparator.comparing(LogbookView.LogPieceView::pieceName)
            .thenComparing(p -> String.valueOf(p.pieceId())));
    return all;
  }
}
