package craftmap.server.cutter;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.cut.cutter.CutterMat;
import craftmap.core.cut.cutter.CutterPath;
import craftmap.core.cut.cutter.CutterPlan;
import craftmap.core.cut.cutter.PlotterFile;
import craftmap.core.measure.Decimals;
import craftmap.core.measure.RefusedInput;
import craftmap.core.measure.TapeDivision;
import craftmap.core.plane.Point;
import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.jobs.Job;
import craftmap.server.jobs.Jobs;
import craftmap.server.piece.Pieces;
import craftmap.server.piece.SavedPlan;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studio;
import craftmap.server.words.Measure;
import craftmap.server.words.Words;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/** Lines for a cutter: looked at, as files, and sent. */
@RestController
class CutterController {
  private static final String LAYS = "/api/pieces/{id}/lays/{layId}/mats";

  private final Pieces pieces;
  private final CutterSheets sheets;
  private final Cutter cutter;
  private final CutterOperator operator;
  private final Jobs jobs;
  private final JsonMapper json;

  CutterController(
      Pieces pieces,
      CutterSheets sheets,
      Cutter cutter,
      CutterOperator operator,
      Jobs jobs,
      JsonMapper json) {
    this.pieces = pieces;
    this.sheets = sheets;
    this.cutter = cutter;
    this.operator = operator;
    this.jobs = jobs;
    this.json = json;
  }

  /** The cutter that is connected, and its mat. */
  record CutterView(String name, String matText, Measure matWidth, Measure matLength) {}

  /**
   * A lay with lines to cut.
   *
   * @param weeded whether the rest is pulled off, so that weeding lines help
   */
  record CuttableView(
      String layId, String faceId, String name, String faceName, String text, boolean weeded) {}

  /** A lay on mats. */
  record MatsView(Measure matWidth, Measure matLength, String text, List<MatView> mats) {}

  /** What is cut in one go, its lines in their order. */
  record MatView(int number, String namesText, String text, List<LineView> lines) {}

  /**
   * A closed line, mm from the mat's top left corner.
   *
   * @param depth around how many others it lies inside
   */
  record LineView(String data, double startXMm, double startYMm, int depth) {}

  /** How a file was cut, to be played. */
  record RunView(
      double matWidthMm,
      double matLengthMm,
      double seconds,
      int lifts,
      String timeText,
      String cutText,
      String travelText,
      List<StrokeView> strokes) {}

  /** One line with the blade down. */
  record StrokeView(
      double fromSeconds, double untilSeconds, String data, List<BladePlaceView> points) {}

  record BladePlaceView(double xMm, double yMm) {}

  /** A plotter file from elsewhere. */
  record OwnFile(String name, String content) {}

  @Allowed(StudioRole.GUEST)
  @GetMapping("/api/cutter")
  CutterView cutter(Asker asker) {
    TapeDivision tape = asker.studio().tape();
    Cutter.State state = cutter.state();
    return new CutterView(
        state.name(),
        Words.say("sheet.size", tape.show(state.matWidthMm()), tape.show(state.matLengthMm())),
        Measure.of(state.matWidthMm(), tape),
        Measure.of(state.matLengthMm(), tape));
  }

  @Allowed(StudioRole.GUEST)
  @GetMapping("/api/pieces/{id}/mats")
  List<CuttableView> cuttable(Asker asker, @PathVariable String id) {
    Studio studio = asker.studio();
    return sheets.of(studio, pieces.get(studio, id)).stream()
        .map(
            c ->
                new CuttableView(
                    c.laid().lay().id(),
                    c.laid().lay().faceId(),
                    c.laid().design().name(),
                    c.faceName(),
                    Words.say(
                        c.sheets().size() == 1 ? "cutter.sheet" : "cutter.sheets",
                        c.sheets().size()),
                    c.isWeeded()))
        .toList();
  }

  @Allowed(StudioRole.GUEST)
  @GetMapping(LAYS)
  MatsView mats(
      Asker asker,
      @PathVariable String id,
      @PathVariable String layId,
      @ParameterObject CutterSheets.MatWish wish) {
    Studio studio = asker.studio();
    CutterPlan plan = plan(studio, pieces.get(studio, id), layId, wish);
    List<MatView> mats = new ArrayList<>();
    for (CutterPlan.Mat mat : plan.mats()) {
      mats.add(
          new MatView(
              mats.size() + 1,
              String.join(", ", mat.names()),
              Words.say("cutter.mat", mat.paths().size(), metres(mat.cutMm())),
              mat.paths().stream().map(CutterController::line).toList()));
    }
    int count = mats.size();
    return new MatsView(
        Measure.of(plan.mat().widthMm(), studio.tape()),
        Measure.of(plan.mat().heightMm(), studio.tape()),
        plan.tiles() == 0
            ? Words.say("cutter.mats", count)
            : Words.say("cutter.mats.tiled", count, plan.tiles()),
        mats);
  }

  private static LineView line(CutterPath path) {
    Point start = path.start();
    return new LineView(CutterSvg.data(path.points()), start.xMm(), start.yMm(), path.depth());
  }

  private CutterPlan plan(Studio studio, SavedPlan piece, String layId, CutterSheets.MatWish wish) {
    return sheets.plan(sheets.of(studio, piece, layId), wish);
  }

  @Allowed(StudioRole.GUEST)
  @GetMapping(value = LAYS + "/{mat}/lines.svg", produces = "image/svg+xml")
  ResponseEntity<byte[]> svg(
      Asker asker,
      @PathVariable String id,
      @PathVariable String layId,
      @PathVariable int mat,
      @ParameterObject CutterSheets.MatWish wish) {
    OneMat one = mat(asker, id, layId, mat, wish);
    return file(one.name() + ".svg", CutterSvg.of(one.name(), one.mat(), one.paths()));
  }

  @Allowed(StudioRole.GUEST)
  @GetMapping(value = LAYS + "/{mat}/lines.plt", produces = "application/vnd.hp-hpgl")
  ResponseEntity<byte[]> plotterFile(
      Asker asker,
      @PathVariable String id,
      @PathVariable String layId,
      @PathVariable int mat,
      @ParameterObject CutterSheets.MatWish wish) {
    OneMat one = mat(asker, id, layId, mat, wish);
    return file(one.name() + ".plt", one.asPlotterFile());
  }

  /** What is cut in one go. */
  private record OneMat(String name, CutterMat mat, List<CutterPath> paths) {
    String asPlotterFile() {
      return PlotterFile.of(mat, paths);
    }
  }

  private OneMat mat(Asker asker, String id, String layId, int mat, CutterSheets.MatWish wish) {
    Studio studio = asker.studio();
    SavedPlan piece = pieces.get(studio, id);
    CutterPlan plan = plan(studio, piece, layId, wish);
    return new OneMat(
        Words.say("cutter.fileName", piece.name(), mat), plan.mat(), sheets.paths(plan, mat));
  }

  private static ResponseEntity<byte[]> file(String name, String content) {
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment()
                .filename(name, StandardCharsets.UTF_8)
                .build()
                .toString())
        .body(content.getBytes(StandardCharsets.UTF_8));
  }

  /** Sends one mat to the cutter. */
  @Allowed(StudioRole.MAKER)
  @PostMapping(LAYS + "/{mat}/cuts")
  ResponseEntity<Job> cut(
      Asker asker,
      @PathVariable String id,
      @PathVariable String layId,
      @PathVariable int mat,
      @ParameterObject CutterSheets.MatWish wish) {
    OneMat one = mat(asker, id, layId, mat, wish);
    return send(asker, one.name(), one.asPlotterFile());
  }

  /** Sends a plotter file that was made elsewhere. */
  @Allowed(StudioRole.MAKER)
  @PostMapping("/api/cutter/cuts")
  ResponseEntity<Job> cut(Asker asker, @RequestBody OwnFile file) {
    if (file.content() == null || file.content().isBlank()) {
      throw new RefusedInput(
          given(Words.say("cutter.file")),
          given(file.name()),
          said("is-empty"),
          said("a-plotter-file-hpgl"));
    }
    return send(asker, "" + file.name(), file.content());
  }

  private ResponseEntity<Job> send(Asker asker, String title, String plotterFile) {
    return ResponseEntity.status(HttpStatus.ACCEPTED)
        .body(jobs.begin(asker, operator, title, new CutterOperator.Order(plotterFile)));
  }

  /** How a file that was sent was cut. */
  @Allowed(StudioRole.GUEST)
  @GetMapping("/api/cutter/cuts/{jobId}")
  RunView run(Asker asker, @PathVariable String jobId) {
    CutterOperator.Done done =
        json.readValue(
            jobs.result(asker.studio(), jobId, operator).content(), CutterOperator.Done.class);
    return view(done.state(), done.run());
  }

  private static RunView view(Cutter.State state, Cutter.Run run) {
    return new RunView(
        state.matWidthMm(),
        state.matLengthMm(),
        run.seconds(),
        run.lifts(),
        time(run.seconds()),
        metres(run.cutMm()),
        metres(run.travelMm()),
        run.strokes().stream().map(s -> stroke(state, s)).toList());
  }

  private static StrokeView stroke(Cutter.State state, Cutter.Stroke stroke) {
    List<Point> turned =
        stroke.points().stream()
            .map(p -> new Point(p.xMm(), state.matLengthMm() - p.yMm()))
            .toList();
    return new StrokeView(
        stroke.fromSeconds(),
        stroke.untilSeconds(),
        CutterSvg.data(turned),
        turned.stream().map(p -> new BladePlaceView(p.xMm(), p.yMm())).toList());
  }

  private static String metres(double mm) {
    return Decimals.show(mm / 1000, 2) + " m";
  }

  private static String time(double seconds) {
    long whole = Math.round(seconds);
    return Words.say("cutter.time", whole / 60, whole % 60);
  }
}
