package craftmap.server.route;

import craftmap.core.measure.RefusedInput;
import craftmap.core.plan.coats.CoatsReading;
import craftmap.core.route.Standing;
import craftmap.core.route.Stop;
import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.gather.GatherService;
import craftmap.server.gather.Gathering;
import craftmap.server.piece.Pieces;
import craftmap.server.piece.PlanReadings;
import craftmap.server.piece.PlanViews;
import craftmap.server.piece.SavedPlan;
import craftmap.server.piece.view.ReadingView;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studio;
import craftmap.server.words.FigureWords;
import craftmap.server.words.Words;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class RouteController {
  private final Pieces pieces;
  private final PlanReadings readings;
  private final PlanViews views;
  private final GatherService gathering;

  RouteController(Pieces pieces, PlanReadings readings, PlanViews views, GatherService gathering) {
    this.pieces = pieces;
    this.readings = readings;
    this.views = views;
    this.gathering = gathering;
  }

  /**
   * What is settled on a piece, what comes next, and where something was found.
   *
   * @param found stops with something that may fail or would be better otherwise
   */
  record RouteView(List<Stop> settled, Stop next, String nextText, List<FoundView> found) {}

  /**
   * What was found at a stop.
   *
   * @param count of all that is not fine and was not taken note of
   * @param worst of them
   */
  record FoundView(Stop stop, int count, ReadingView.NoteLevel worst) {}

  /** A piece in a list of all, where nothing of it has been worked out. */
  record PieceLine(String id, String name, String kindText, Instant savedAt) {}

  /**
   * A piece as the home page shows it.
   *
   * @param reading absent where its plan cannot be worked out
   * @param problem why it cannot be worked out
   */
  record PieceCard(
      String id,
      String name,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) ReadingView reading,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) RouteView route,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String problem) {}

  /**
   * The pieces, as far as their plans tell without being worked out: a studio's hundreds are listed
   * at once, and found as quickly as one types.
   *
   * @param archived those that were put away
   * @param find only those whose name, form or a face's name has all these words
   */
  @Allowed(value = StudioRole.GUEST, atTheBench = true)
  @GetMapping("/pieces")
  List<PieceLine> pieces(
      Asker asker,
      @RequestParam(defaultValue = "false") boolean archived,
      @RequestParam(defaultValue = "") String find) {
    List<String> words =
        Arrays.stream(find.toLowerCase(Locale.ENGLISH).strip().split("\\s+"))
            .filter(w -> !w.isEmpty())
            .toList();
    return pieces.all(asker.studio(), archived).stream()
        .filter(p -> words.isEmpty() || has(p, words))
        .map(p -> new PieceLine(p.id(), p.name(), kindText(p), p.savedAt()))
        .toList();
  }

  private static String kindText(SavedPlan piece) {
    return Words.say("form", piece.plan().form().kind());
  }

  private static boolean has(SavedPlan piece, List<String> words) {
    String all =
        Stream.concat(
                Stream.of(piece.name(), kindText(piece)),
                piece.plan().faces().stream().map(f -> f.face().name()))
            .collect(Collectors.joining(" "))
            .toLowerCase(Locale.ENGLISH);
    return words.stream().allMatch(all::contains);
  }

  /** What one piece comes to, how far along its route it is, and what is next on it. */
  @Allowed(StudioRole.GUEST)
  @GetMapping("/pieces/{id}/card")
  PieceCard card(Asker asker, @PathVariable String id) {
    Studio studio = asker.studio();
    SavedPlan piece = pieces.get(studio, id);
    try {
      ReadingView reading = views.view(studio, piece);
      return new PieceCard(piece.id(), piece.name(), reading, route(studio, piece, reading), null);
    } catch (RefusedInput cannot) {
      // a piece that cannot be worked out is still there, to be opened, mended or put away
      return new PieceCard(
          piece.id(),
          piece.name(),
          null,
          null,
          Words.say("piece.cannot", new FigureWords(studio.tape()).refusal(cannot)));
    }
  }

  @Allowed(StudioRole.GUEST)
  @GetMapping("/pieces/{id}/route")
  RouteView route(Asker asker, @PathVariable String id) {
    Studio studio = asker.studio();
    SavedPlan piece = pieces.get(studio, id);
    return route(studio, piece, views.view(studio, piece));
  }

  private RouteView route(Studio studio, SavedPlan piece, ReadingView reading) {
    Gathering gathered = gathering.gather(studio, piece);
    Standing standing =
        Standing.of(
            piece.plan().form(), gathered.needed(), piece.plan().order().begins().isPresent());
    return new RouteView(
        standing.settled(),
        standing.next().stop(),
        new NextWords(gathered, reading).say(standing.next()),
        Stream.of(
                found(Stop.LAY_OUT, ofLays(reading)),
                found(Stop.COATS, ofCoats(readings.coats(studio, piece.plan()))))
            .flatMap(Optional::stream)
            .toList());
  }

  private static List<ReadingView.NoteLevel> ofLays(ReadingView reading) {
    return reading.faces().stream()
        .flatMap(
            f ->
                Stream.concat(
                    f.notes().stream(), f.lays().stream().flatMap(l -> l.notes().stream())))
        .map(ReadingView.NoteView::level)
        .toList();
  }

  private static List<ReadingView.NoteLevel> ofCoats(CoatsReading coats) {
    return coats.groups().stream()
        .flatMap(g -> g.open().stream())
        // a caution to whoever works is no failure of the plan
        .map(f -> f.safety() ? ReadingView.NoteLevel.LOOK : ReadingView.NoteLevel.of(f.level()))
        .toList();
  }

  private static Optional<FoundView> found(Stop stop, List<ReadingView.NoteLevel> levels) {
    List<ReadingView.NoteLevel> open =
        levels.stream().filter(l -> l != ReadingView.NoteLevel.FINE).toList();
    return open.stream()
        .max(Comparator.naturalOrder())
        .map(worst -> new FoundView(stop, open.size(), worst));
  }
}
