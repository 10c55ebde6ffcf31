package craftmap.server.cut;

import craftmap.core.plan.reading.PlanReading;
import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.gather.GatherService;
import craftmap.server.gather.Gathering;
import craftmap.server.jobs.Job;
import craftmap.server.jobs.Jobs;
import craftmap.server.paper.Paper;
import craftmap.server.piece.Pieces;
import craftmap.server.piece.PlanReadings;
import craftmap.server.piece.PlanViews;
import craftmap.server.piece.SavedPlan;
import craftmap.server.piece.edit.EditDoc;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import io.swagger.v3.oas.annotations.media.Schema;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The cutting of a piece's sheets; {@code with} names pieces that are cut together with it. */
@RestController
@RequestMapping("/api/pieces/{id}/cuts")
class CutController {
  private final Pieces pieces;
  private final PlanReadings readings;
  private final PlanViews views;
  private final GatherService gathering;
  private final Cuttings cuttings;
  private final CutBooking booking;
  private final PlanSeeker seeker;
  private final Jobs jobs;
  private final Enough enough;

  CutController(
      Pieces pieces,
      PlanReadings readings,
      PlanViews views,
      GatherService gathering,
      Cuttings cuttings,
      CutBooking booking,
      PlanSeeker seeker,
      Jobs jobs,
      Enough enough) {
    this.pieces = pieces;
    this.readings = readings;
    this.views = views;
    this.gathering = gathering;
    this.cuttings = cuttings;
    this.booking = booking;
    this.seeker = seeker;
    this.jobs = jobs;
    this.enough = enough;
  }

  /**
   * Which rests are kept.
   *
   * @param kept none where absent
   */
  record CutDone(
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) List<CutBooking.Kept> kept) {}

  /**
   * A way to make it enough.
   *
   * @param edits what would be done to the plan; none where pieces are cut together instead
   */
  record RemedyView(
      String text,
      String detail,
      boolean isEnough,
      List<EditDoc> edits,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String withPieceId) {}

  @Allowed(StudioRole.GUEST)
  @GetMapping
  CutViews.CutsView cuts(
      Asker asker, @PathVariable String id, @RequestParam(defaultValue = "") List<String> with) {
    Studio studio = asker.studio();
    List<SavedPlan> together = cuttings.together(studio, id, with);
    Map<String, PlanReading> byPiece = readings(studio, together);
    List<Cutting> all = cuttings.all(studio, together);
    CutViews words = new CutViews(studio.tape(), byPiece);
    return new CutViews.CutsView(
        all.stream().map(c -> words.view(c, views.sheetOf(studio, c.cut().design()))).toList(),
        others(
            studio,
            together,
            all.stream()
                .filter(c -> !c.isCut())
                .map(c -> c.cut().design().id())
                .collect(Collectors.toSet())),
        MadeLists.of(studio.tape(), byPiece.get(together.getFirst().id())));
  }

  /** What there is to cut, told at once: how each design is cut is asked for by itself. */
  @Allowed(StudioRole.GUEST)
  @GetMapping("/ahead")
  CutViews.CutsAheadView ahead(
      Asker asker, @PathVariable String id, @RequestParam(defaultValue = "") List<String> with) {
    Studio studio = asker.studio();
    List<SavedPlan> together = cuttings.together(studio, id, with);
    List<Cuttings.Ahead> all = cuttings.ahead(studio, together);
    return new CutViews.CutsAheadView(
        all.stream()
            .map(a -> new CutViews.DesignAhead(a.design().id(), a.design().name(), a.parts()))
            .toList(),
        others(
            studio,
            together,
            all.stream()
                .filter(a -> !a.isCut())
                .map(a -> a.design().id())
                .collect(Collectors.toSet())),
        MadeLists.of(studio.tape(), readings.read(studio, together.getFirst().plan())));
  }

  /** How one design is cut. */
  @Allowed(StudioRole.GUEST)
  @GetMapping("/{designId}")
  CutViews.DesignCutView cut(
      Asker asker,
      @PathVariable String id,
      @PathVariable String designId,
      @RequestParam(defaultValue = "") List<String> with) {
    Studio studio = asker.studio();
    List<SavedPlan> together = cuttings.together(studio, id, with);
    Cutting cutting = cuttings.of(studio, together, designId);
    return new CutViews(studio.tape(), readings(studio, together))
        .view(cutting, views.sheetOf(studio, cutting.cut().design()));
  }

  private Map<String, PlanReading> readings(Studio studio, List<SavedPlan> together) {
    Map<String, PlanReading> byPiece = new LinkedHashMap<>();
    together.forEach(p -> byPiece.put(p.id(), readings.read(studio, p.plan())));
    return byPiece;
  }

  /** The cutting list on paper. */
  @Allowed(StudioRole.GUEST)
  @GetMapping(value = "/print", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> print(
      Asker asker,
      @PathVariable String id,
      @RequestParam(defaultValue = "") List<String> with,
      @RequestParam(defaultValue = "A4") Paper paper)
      throws IOException {
    String title = Words.say("cut.list", pieces.get(asker.studio(), id).name());
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, inline(title + ".pdf"))
        .body(CutSheetsPdf.pdf(title, cuts(asker, id, with), paper));
  }

  /** The same as rows, in millimetres. */
  @Allowed(StudioRole.GUEST)
  @GetMapping(value = "/list.csv", produces = "text/csv")
  ResponseEntity<byte[]> list(
      Asker asker, @PathVariable String id, @RequestParam(defaultValue = "") List<String> with) {
    String title = Words.say("cut.list", pieces.get(asker.studio(), id).name());
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, inline(title + ".csv"))
        .body(CutListCsv.of(cuts(asker, id, with)).getBytes(StandardCharsets.UTF_8));
  }

  private static String inline(String name) {
    return ContentDisposition.inline().filename(name, StandardCharsets.UTF_8).build().toString();
  }

  /**
   * Pieces that could be cut along.
   *
   * @param wanted ids of the designs that are not cut yet
   */
  private List<CutViews.OtherPiece> others(
      Studio studio, List<SavedPlan> together, Set<String> wanted) {
    List<CutViews.OtherPiece> others = new ArrayList<>();
    for (SavedPlan piece : wanted.isEmpty() ? List.<SavedPlan>of() : pieces.all(studio, false)) {
      if (piece.id().equals(together.getFirst().id())
          || piece.plan().lays().stream().noneMatch(l -> wanted.stream().anyMatch(l::uses))) {
        continue;
      }
      String designs =
          gathering.gather(studio, piece).designs().stream()
              .filter(d -> wanted.contains(d.design().id()) && !d.isUsed())
              .map(Gathering.DesignNeed::design)
              .map(d -> d.name())
              .collect(Collectors.joining(", "));
      if (!designs.isEmpty()) {
        others.add(
            new CutViews.OtherPiece(
                piece.id(),
                piece.name(),
                designs,
                together.stream().anyMatch(p -> p.id().equals(piece.id()))));
      }
    }
    return others;
  }

  /** Books it as cut: sheets used, rests kept. */
  @Allowed(StudioRole.MAKER)
  @PutMapping("/{designId}")
  CutViews.CutsView done(
      Asker asker,
      @PathVariable String id,
      @PathVariable String designId,
      @RequestParam(defaultValue = "") List<String> with,
      @RequestBody CutDone done) {
    Studio studio = asker.studio();
    List<CutBooking.Kept> kept = done.kept() == null ? List.of() : done.kept();
    booking.book(studio, cuttings.together(studio, id, with), designId, kept, asker.person());
    return cuts(asker, id, with);
  }

  @Allowed(StudioRole.MAKER)
  @DeleteMapping("/{designId}")
  CutViews.CutsView notDone(Asker asker, @PathVariable String id, @PathVariable String designId) {
    Studio studio = asker.studio();
    booking.takeBack(studio, pieces.get(studio, id), designId, asker.person());
    return cuts(asker, id, List.of());
  }

  /** Looks for a better plan; the job says how far it is, and the plan is kept when it is done. */
  @Allowed(StudioRole.MAKER)
  @PostMapping("/{designId}/searches")
  ResponseEntity<Job> search(
      Asker asker,
      @PathVariable String id,
      @PathVariable String designId,
      @RequestParam(defaultValue = "") List<String> with,
      @RequestBody KeptPlans.WishDoc wish) {
    PlanSeeker.Sought sought = sought(id, with, designId, wish);
    Cutting now = seeker.open(asker.studio(), sought);
    return ResponseEntity.status(HttpStatus.ACCEPTED)
        .body(
            jobs.begin(
                asker, seeker, Words.say("cut.searching", now.cut().design().name()), sought));
  }

  private static PlanSeeker.Sought sought(
      String id, List<String> with, String designId, KeptPlans.WishDoc wish) {
    List<String> together = new ArrayList<>(List.of(id));
    together.addAll(with);
    return new PlanSeeker.Sought(together, designId, wish);
  }

  /** Back to the plan that is found at once. */
  @Allowed(StudioRole.MAKER)
  @DeleteMapping("/{designId}/searches")
  CutViews.CutsView forget(
      Asker asker,
      @PathVariable String id,
      @PathVariable String designId,
      @RequestParam(defaultValue = "") List<String> with) {
    seeker.forget(asker.studio(), sought(id, with, designId, KeptPlans.WishDoc.PLAIN));
    return cuts(asker, id, with);
  }

  /** What would make it enough; nothing where it is. */
  @Allowed(StudioRole.GUEST)
  @GetMapping("/{designId}/remedies")
  List<RemedyView> remedies(
      Asker asker,
      @PathVariable String id,
      @PathVariable String designId,
      @RequestParam(defaultValue = "") List<String> with) {
    Studio studio = asker.studio();
    return enough.of(studio, cuttings.together(studio, id, with), designId).stream()
        .map(
            r ->
                new RemedyView(
                    r.text(), r.detail(), r.isEnough(), r.edits(), r.withPieceId().orElse(null)))
        .toList();
  }
}
