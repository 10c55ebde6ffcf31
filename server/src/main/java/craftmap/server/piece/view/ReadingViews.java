package craftmap.server.piece.view;

import craftmap.core.colour.Colour;
import craftmap.core.finding.FaceFindings;
import craftmap.core.form.FormNote;
import craftmap.core.measure.Decimals;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.TapeDivision;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.NextTo;
import craftmap.core.plan.Part;
import craftmap.core.plan.PlanFace;
import craftmap.core.plan.coats.CoatsReading;
import craftmap.core.plan.reading.PlanReading;
import craftmap.core.plane.Box;
import craftmap.core.plane.Contour;
import craftmap.core.surface.Face;
import craftmap.core.surface.FaceMeasure;
import craftmap.core.surface.Finish;
import craftmap.core.surface.outline.Edge;
import craftmap.core.surface.outline.Outline;
import craftmap.core.surface.outline.OutlineNote;
import craftmap.core.surface.outline.QuadOutline;
import craftmap.core.surface.outline.Side;
import craftmap.core.surface.outline.Squareness;
import craftmap.server.fields.FieldViews;
import craftmap.server.piece.document.MarkMapper;
import craftmap.server.piece.document.PlanMapper;
import craftmap.server.piece.document.PointDoc;
import craftmap.server.shelf.OwnedDesign;
import craftmap.server.words.FigureWords;
import craftmap.server.words.Measure;
import craftmap.server.words.Words;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.locationtech.jts.geom.Geometry;

/** Says what a plan comes to, in the studio's units. */
public final class ReadingViews {
  /** Below this luminance light ink reads better than dark. */
  private static final double DARK_BELOW = 0.18;

  private static final double EXAGGERATED = 6;
  private static final double LABEL_FLATNESS_MM = 1;

  private final TapeDivision tape;
  private final FindingWords words;
  private final LayViews lays;
  private final Map<String, String> faceNames = new HashMap<>();

  public ReadingViews(
      TapeDivision tape,
      Function<String, Optional<OwnedDesign>> designs,
      FreeStock stock,
      PotsOfPiece pots) {
    this.tape = tape;
    this.words = new FindingWords(tape);
    this.lays = new LayViews(tape, designs, stock, pots, id -> faceNames.getOrDefault(id, ""));
  }

  public ReadingView view(FormNote form, PlanReading reading, CoatsReading coats) {
    double right = 1;
    double bottom = 1;
    lays.among(reading.pools());
    lays.sold(reading.forSale());
    reading.faces().forEach(f -> faceNames.put(f.face().id(), f.face().name()));
    Map<String, Integer> partOf = new HashMap<>();
    reading.parts().forEach(p -> p.faceIds().forEach(f -> partOf.put(f, p.number())));
    List<PlanFace> places = reading.faces().stream().map(PlanReading.FaceReading::place).toList();
    List<ReadingView.FaceView> faces = new ArrayList<>();
    for (PlanReading.FaceReading face : reading.faces()) {
      if (face.place().onNet().isPresent()) {
        Box box = face.place().onNet().get();
        right = Math.max(right, box.rightMm());
        bottom = Math.max(bottom, box.bottomMm());
      }
      faces.add(face(face, partOf.get(face.face().id()), NextTo.of(face.place(), places), coats));
    }
    return new ReadingView(
        new ReadingView.FormView(
            form.kind(), Words.say("form", form.kind()), FieldViews.of(form.entries(), tape)),
        new ReadingView.BoxView(0, 0, right, bottom),
        faces,
        reading.parts().stream().map(ReadingViews::part).toList(),
        Words.say("total", Words.squareMetres(reading.workedMm2())));
  }

  /** What was found about each lay, on whatever face, by the lay's id. */
  public Map<String, List<ReadingView.NoteView>> notes(PlanReading reading) {
    lays.among(reading.pools());
    lays.sold(reading.forSale());
    reading.faces().forEach(f -> faceNames.put(f.face().id(), f.face().name()));
    Map<String, List<ReadingView.NoteView>> notes = new HashMap<>();
    for (PlanReading.FaceReading face : reading.faces()) {
      for (LayReading lay : face.lays()) {
        notes
            .computeIfAbsent(lay.lay().id(), id -> new ArrayList<>())
            .addAll(lays.notes(face.face(), lay));
      }
    }
    return notes;
  }

  /** For one lay by itself, on a piece with these faces. */
  public LayViews lays(List<PlanFace> faces, boolean forSale) {
    lays.sold(forSale);
    faces.forEach(f -> faceNames.put(f.face().id(), f.face().name()));
    return lays;
  }

  private static ReadingView.PartView part(Part part) {
    return new ReadingView.PartView(
        part.number(),
        part.name(),
        part.faceIds(),
        part.fittings().isEmpty()
            ? Words.say("part.noBag")
            : part.fittings().stream()
                .map(
                    f -> Words.say("part.fitting", f.name().toLowerCase(Locale.ENGLISH), f.holes()))
                .collect(Collectors.joining(", ")));
  }

  private ReadingView.FaceView face(
      PlanReading.FaceReading reading,
      Integer partNumber,
      List<NextTo> nextTo,
      CoatsReading coats) {
    PlanFace place = reading.place();
    Face face = reading.face();
    Colour shows = coats.shows(face.id()).orElse(face.ground());
    Outline outline = face.outline();
    MarkViews marks = new MarkViews(tape, reading);
    return new ReadingView.FaceView(
        face.id(),
        face.name(),
        measure(outline.widthMm()),
        measure(outline.heightMm()),
        PathData.of(outline),
        corners(outline),
        labelAt(outline),
        outline.wraps(),
        front(face),
        outline(outline),
        area(reading.measure(), face),
        sides(outline),
        reading.squareness().map(s -> squareness((QuadOutline) outline, s, reading)).orElse(null),
        reading.datum(),
        face.makeUp(),
        face.finish(),
        makeUp(face),
        face.exposure().stream().sorted().toList(),
        measure(face.edgeDepthMm()),
        face.relief().factor(),
        face.ground().hex(),
        shows.hex(),
        coats
            .blend(face.id())
            .map(b -> ReadingView.BlendStopView.all(b, outline.heightMm()))
            .orElse(List.of()),
        shows.luminance() < DARK_BELOW,
        place.shown(),
        place.added(),
        place.onNet().map(Boxes::view).orElse(null),
        nextTo.stream()
            .map(n -> new ReadingView.NextView(n.edge(), n.faceId(), n.alongMm()))
            .toList(),
        place.setInto().orElse(null),
        MarkMapper.doc(place.at()),
        inset(place),
        place.comesOff().orElse(null),
        partNumber,
        reading.grid().cellMm(),
        face.keepOuts().stream().map(marks::keepOut).toList(),
        face.marks().holes().stream().map(marks::hole).toList(),
        face.marks().breaks().stream().map(marks::broken).toList(),
        reading.blemishes().stream().map(marks::blemish).toList(),
        face.marks().zones().stream()
            .map(z -> marks.zone(z, coats.shows(face.id(), z.id())))
            .toList(),
        reading.lays().stream().map(l -> lays.view(face, l)).toList(),
        new GuideViews(tape).of(reading),
        words.notes(FaceFindings.of(reading, tape)));
  }

  private ReadingView.InsetView inset(PlanFace place) {
    return place
        .setInto()
        .filter(id -> place.added())
        .map(
            id ->
                new ReadingView.InsetView(id, measure(place.at().xMm()), measure(place.at().yMm())))
        .orElse(null);
  }

  /** Of a wall, and of a lid that does not look to its own foot. */
  private static PointDoc front(Face face) {
    return face.outline().wraps() || face.front().deg() != 0
        ? face.front().mark(face.outline()).map(MarkMapper::doc).orElse(null)
        : null;
  }

  private static List<PointDoc> corners(Outline outline) {
    List<PointDoc> corners = new ArrayList<>();
    outline.contour().corners().forEach(p -> corners.add(MarkMapper.doc(p)));
    for (Contour opening : outline.openings()) {
      opening.corners().forEach(p -> corners.add(MarkMapper.doc(p)));
    }
    corners.add(new PointDoc(outline.widthMm() / 2, outline.heightMm() / 2));
    return corners;
  }

  /** The middle where that lies inside, else the place furthest in. */
  private static PointDoc labelAt(Outline outline) {
    Geometry region = outline.region(LABEL_FLATNESS_MM);
    var middle = region.getCentroid();
    var at = region.contains(middle) ? middle : region.getInteriorPoint();
    return new PointDoc(at.getX(), at.getY());
  }

  private ReadingView.OutlineView outline(Outline outline) {
    OutlineNote note = outline.note();
    MeasureSheet sheet = new MeasureSheet(note.measures(), note.choices());
    note.kind().read(sheet, note.points());
    return new ReadingView.OutlineView(
        note.kind(),
        Words.say("outline", note.kind()),
        FieldViews.of(sheet, tape),
        MarkViews.corners(note.points(), tape),
        PlanMapper.doc(note));
  }

  private static String makeUp(Face face) {
    return face.finish() == Finish.BARE
        ? Words.say("makeUp.bare", Words.say("makeUp", face.makeUp()))
        : Words.say(
            "makeUp.finished",
            Words.say("makeUp", face.makeUp()),
            Words.say("finish", face.finish()));
  }

  private ReadingView.AreaView area(FaceMeasure m, Face face) {
    return new ReadingView.AreaView(
        Words.squareMetres(m.grossMm2()),
        Words.squareMetres(m.netMm2()),
        Words.squareMetres(m.workedMm2()),
        tape.show(m.edgeMm()),
        Words.say(
            "area.why",
            Words.squareMetres(m.grossMm2()),
            Words.squareMetres(m.keptOutMm2()),
            Decimals.show(face.relief().factor(), 2),
            Words.squareMetres(m.edgeMm2()),
            Words.squareMetres(m.workedMm2())));
  }

  private List<ReadingView.SideView> sides(Outline outline) {
    return outline.sides().stream()
        .map(
            s ->
                new ReadingView.SideView(
                    s.name(),
                    s.name() == Side.Name.SIDE || s.name() == Side.Name.CORNER
                        ? Words.say("side", s.name(), s.number())
                        : outline.wraps()
                                && (s.name() == Side.Name.LEFT || s.name() == Side.Name.RIGHT)
                            ? Words.say("side.seam", Words.say("side", s.name()))
                            : Words.say("side", s.name()),
                    measure(s.lengthMm())))
        .toList();
  }

  private ReadingView.SquarenessView squareness(
      QuadOutline quad, Squareness s, PlanReading.FaceReading reading) {
    Contour drawn = quad.exaggerated(EXAGGERATED);
    var extent = drawn.extent();
    Contour moved = drawn.movedBy(-extent.leftMm(), -extent.topMm());
    double lean = s.lowerOnTheRightMm();
    return new ReadingView.SquarenessView(
        s.anglesDeg().stream().map(a -> Decimals.show(a - 90, 2)).map(ReadingViews::plus).toList(),
        Math.abs(lean) < tape.mm() / 2
            ? Words.say("square.level")
            : Words.say(lean > 0 ? "square.lowRight" : "square.lowLeft", fine(Math.abs(lean))),
        datumText(s, reading.datum(), reading.face().id()),
        s.closureMm().isPresent()
            ? Words.say("square.closure", fine(s.diagonalMm()), signed(s.closureMm().getAsDouble()))
            : null,
        s.measureAgain(),
        moved.pathData(),
        extent.widthMm(),
        extent.heightMm());
  }

  private String datumText(Squareness s, Edge datum, String faceId) {
    return Math.abs(s.farEdgeDepartsMm(datum)) < tape.mm() / 2
        ? Words.say("square.datumTrue", Words.say("edge", datum))
        : words.text(FaceFindings.datum(s, datum, faceId));
  }

  private static String plus(String figure) {
    return (figure.startsWith("-") || figure.equals("0") ? figure : "+" + figure) + "°";
  }

  private String signed(double mm) {
    return (mm > 0 ? "+" : "") + fine(mm);
  }

  private String fine(double mm) {
    return new FigureWords(tape).fine(mm);
  }

  private Measure measure(double mm) {
    return Measure.of(mm, tape);
  }
}
