package craftmap.server.piece;

import craftmap.core.design.Design;
import craftmap.core.design.DesignKind;
import craftmap.core.design.StencilDesign;
import craftmap.core.lay.rule.LayAnswer;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.measure.TapeDivision;
import craftmap.core.plan.reading.PlanReading;
import craftmap.core.plane.Box;
import craftmap.core.trial.Placed;
import craftmap.core.trial.Trial;
import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.piece.view.ArtViews;
import craftmap.server.piece.view.LayView;
import craftmap.server.shelf.Available;
import craftmap.server.shelf.OwnedDesign;
import craftmap.server.shelf.ShelfService;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.Set;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Designs of the shelf as they would look on a face, before anything is decided. */
@RestController
@RequestMapping("/api")
class TrialController {
  private static final int AT_ONCE = 60;

  private final ShelfService shelf;
  private final Pieces pieces;
  private final PlanReadings readings;

  TrialController(ShelfService shelf, Pieces pieces, PlanReadings readings) {
    this.shelf = shelf;
    this.pieces = pieces;
    this.readings = readings;
  }

  enum Fit {
    FITS,
    FITS_PARTLY,
    DOES_NOT_FIT
  }

  /**
   * One copy, or one sheet, on the face.
   *
   * @param turnDeg clockwise, in quarters; the box is turned already
   */
  record PlacedView(double leftMm, double topMm, double widthMm, double heightMm, double turnDeg) {}

  /** What shows of the picture: the print box on its sheet. */
  record WindowView(
      double sheetWidthMm,
      double sheetHeightMm,
      double leftMm,
      double topMm,
      double widthMm,
      double heightMm) {}

  /**
   * One design tried on a face.
   *
   * @param stock whether what there is covers it; none where it uses nothing up
   * @param items the best option's items of a stencil
   * @param cutToFit where it is too large, it may be laid all the same and is cut to the face
   * @param placed where copies or sheets of any other kind would lie
   */
  record TrialView(
      String designId,
      DesignKind kind,
      boolean painted,
      String kindText,
      String name,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String picture,
      List<String> shades,
      WindowView window,
      Fit verdict,
      String verdictText,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) StockVerdict stock,
      String stockText,
      String sheetText,
      String printText,
      boolean maySell,
      String rightsText,
      List<LayView.ItemView> items,
      boolean cutToFit,
      List<PlacedView> placed) {}

  enum StockVerdict {
    ENOUGH,
    SHORT,
    BY_HAND
  }

  /**
   * Some of the designs.
   *
   * @param all how many match
   */
  record TrialsView(int all, List<TrialView> trials) {}

  @Allowed(StudioRole.GUEST)
  @GetMapping("/pieces/{id}/faces/{faceId}/trials")
  TrialsView trials(
      Asker asker,
      @PathVariable String id,
      @PathVariable String faceId,
      @RequestParam(defaultValue = "") Set<DesignKind> kinds,
      @RequestParam(defaultValue = "") String words,
      @RequestParam(defaultValue = "0") int from) {
    Studio studio = asker.studio();
    PlanReading reading = readings.read(studio, pieces.get(studio, id).plan());
    PlanReading.FaceReading face =
        reading.faces().stream()
            .filter(f -> f.face().id().equals(faceId))
            .findFirst()
            .orElseThrow(() -> new NoSuchElementException("There is no face " + faceId + "."));
    String wanted = words.strip().toLowerCase(Locale.ENGLISH);
    List<OwnedDesign> matching =
        shelf.designs(studio.id()).stream()
            // others are cut from it; it is not laid by itself
            .filter(d -> d.design().kind() != DesignKind.FILM)
            .filter(d -> kinds.isEmpty() || kinds.contains(d.design().kind()))
            .filter(d -> says(d, wanted))
            .toList();
    Map<String, Available> available = shelf.available(studio, id);
    return new TrialsView(
        matching.size(),
        matching.stream()
            .skip(Math.max(0, from))
            .limit(AT_ONCE)
            .map(
                d ->
                    trial(
                        face,
                        d,
                        Optional.ofNullable(available.get(d.design().id())),
                        studio.tape()))
            .toList());
  }

  private static boolean says(OwnedDesign d, String words) {
    String said =
        (d.design().name() + " " + d.motif() + " " + Words.say("designOne", d.design().kind()))
            .toLowerCase(Locale.ENGLISH);
    for (String word : words.split("\\s+")) {
      if (!said.contains(word)) {
        return false;
      }
    }
    return true;
  }

  private TrialView trial(
      PlanReading.FaceReading face,
      OwnedDesign owned,
      Optional<Available> available,
      TapeDivision tape) {
    Design d = owned.design();
    Trial trial = readings.tried(face, d);
    TrialWords said = TrialWords.of(trial, tape);
    StockVerdict stock = stock(trial, available);
    return new TrialView(
        d.id(),
        d.kind(),
        d instanceof StencilDesign,
        Words.say("designOne", d.kind()),
        d.name(),
        owned.pictureAddress().orElse(null),
        owned.shades(),
        window(d),
        said.fit(),
        said.text(),
        stock,
        stockText(trial, stock, available, tape),
        d.picture()
            .map(p -> Words.say("trial.sheet", tape.show(p.widthMm()), tape.show(p.heightMm())))
            .orElse(""),
        Words.say("trial.print", tape.show(d.printWidthMm()), tape.show(d.printHeightMm())),
        d.card().rights().allowsSale(),
        Words.say("rights", d.card().rights()),
        trial.verdict() instanceof Trial.Row row ? items(face, row) : List.of(),
        RuleKind.suiting(d).contains(RuleKind.ACROSS),
        trial.verdict() instanceof Trial.Row
            ? List.of()
            : trial.placed().stream().map(TrialController::placed).toList());
  }

  private static StockVerdict stock(Trial trial, Optional<Available> available) {
    if (trial.needs().isEmpty()) {
      return available.isPresent() ? null : StockVerdict.BY_HAND;
    }
    double there = available.map(Available::quantity).orElse(0.0);
    return trial.needs().get().quantity() <= there + 1e-6
        ? StockVerdict.ENOUGH
        : StockVerdict.SHORT;
  }

  private static String stockText(
      Trial trial, StockVerdict stock, Optional<Available> available, TapeDivision tape) {
    if (stock == StockVerdict.BY_HAND) {
      return Words.say("trial.byHand");
    }
    if (stock == null) {
      return Words.say("trial.owned", available.map(Available::text).orElse(""));
    }
    Trial.Need need = trial.needs().orElseThrow();
    String wanted = Available.text(need.quantity(), need.unit(), tape);
    double there = available.map(Available::quantity).orElse(0.0);
    return stock == StockVerdict.ENOUGH
        ? Words.say("trial.enough", wanted, available.map(Available::text).orElse(""))
        : Words.say(
            "trial.short", wanted, Available.text(need.quantity() - there, need.unit(), tape));
  }

  private static WindowView window(Design d) {
    Box print = d.printed();
    return new WindowView(
        d.picture().map(p -> p.widthMm()).orElse(print.widthMm()),
        d.picture().map(p -> p.heightMm()).orElse(print.heightMm()),
        print.leftMm(),
        print.topMm(),
        print.widthMm(),
        print.heightMm());
  }

  private static List<LayView.ItemView> items(PlanReading.FaceReading face, Trial.Row row) {
    return row.proposal().answer() instanceof LayAnswer.Options options
        ? new ArtViews(face.face().outline(), id -> Optional.empty())
            .items(options.best().items(), List.of())
        : List.of();
  }

  private static PlacedView placed(Placed p) {
    Box b = p.onFace();
    return new PlacedView(b.leftMm(), b.topMm(), b.widthMm(), b.heightMm(), p.turnDeg());
  }
}
