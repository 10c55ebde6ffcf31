package craftmap.core.lay.rule.single;

import craftmap.core.artwork.Artwork;
import craftmap.core.design.Card;
import craftmap.core.design.CustomCut;
import craftmap.core.design.Direction;
import craftmap.core.design.Picture;
import craftmap.core.design.Rights;
import craftmap.core.lay.Item;
import craftmap.core.lay.Placement;
import craftmap.core.lay.Standing;
import craftmap.core.lay.line.Path;
import craftmap.core.lay.line.Rings;
import craftmap.core.lay.rule.Apart;
import craftmap.core.lay.rule.Lately;
import craftmap.core.lay.rule.LayAnswer;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.LayRule;
import craftmap.core.lay.rule.Laying;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.lay.rule.RuleNote;
import craftmap.core.lay.rule.Way;
import craftmap.core.lay.rule.ring.Ring;
import craftmap.core.lettering.Bridges;
import craftmap.core.lettering.LetterBlock;
import craftmap.core.lettering.LetterStyle;
import craftmap.core.lettering.Letters;
import craftmap.core.lettering.ThinPlaces;
import craftmap.core.measure.FigureRange;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.YesNo;
import craftmap.core.plane.Point;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Words cut on a plotter: on a straight line, on an arc, or one by one round a ring as the numerals
 * of a clock are.
 *
 * @param size a width of the whole, or the height of capitals, in millimetres
 * @param trackingPercent of a capital's height between letters
 * @param diameterMm of the arc's or the ring's circle
 * @param lines of words on a straight line; round a circle they are one
 * @param leastMm a bridge or stroke narrower than this does not hold
 */
public record Lettering(
    String text,
    LetterStyle style,
    Sized sized,
    double size,
    double trackingPercent,
    Line line,
    double diameterMm,
    Ring.Look look,
    CustomCut.Film film,
    double leastMm,
    Optional<Point> placed,
    double turnDeg,
    Lines lines)
    implements LayRule {
  /**
   * How several lines stand to each other.
   *
   * @param leadPercent from foot to foot, of a capital's height
   */
  public record Lines(LetterBlock.Align align, double leadPercent) {
    static final double TYPICAL_LEAD = 165;
  }

  /** What the size is told of. */
  public enum Sized {
    BY_WIDTH,
    BY_CAPITALS
  }

  /** The line that words stand on. */
  public enum Line {
    STRAIGHT,
    ARC_ABOVE,
    ARC_BELOW,
    /** Each word by itself, at even steps round a circle, the first one at the top. */
    RING
  }

  /** Film that is left round the openings, to hold the sheet by. */
  private static final double FILM_ROUND_MM = 20;

  private static final LengthRange CUT = LengthRange.DISTANCE.upTo(20);
  private static final FigureRange LEAD = new FigureRange("% of a capital", 80, 500, 0);
  private static final FigureRange TRACKING = new FigureRange("% of a capital", -20, 300, 0);

  public Lettering {
    text = text == null ? "" : text;
    LetterBlock.of(text, style, trackingPercent / 100, lines.align(), 1); // refuses no letters
  }

  public static Lettering read(MeasureSheet sheet, String text) {
    LetterStyle style = sheet.choice("style", "letters", LetterStyle.OLD_ROMAN);
    Line line = sheet.choice("line", "stand", Line.STRAIGHT);
    Sized sized =
        sheet.choice("sized", "sized", line == Line.RING ? Sized.BY_CAPITALS : Sized.BY_WIDTH);
    double size =
        sheet.size(
            "size",
            sized == Sized.BY_WIDTH ? "width" : "height-of-capitals",
            sized == Sized.BY_WIDTH ? 240 : 24);
    double tracking = sheet.figure("tracking", "tracking", 6, TRACKING);
    double diameter =
        line == Line.STRAIGHT ? 300 : sheet.size("diameter", "diameter-of-the-circle", 300);
    Ring.Look look =
        line == Line.RING
            ? sheet.choice("look", "tops-look", Ring.Look.STANDING)
            : Ring.Look.STANDING;
    boolean several = line == Line.STRAIGHT && LetterBlock.isSeveralLines(text == null ? "" : text);
    Lines lines =
        several
            ? new Lines(
                sheet.choice("align", "lines-stand", LetterBlock.Align.CENTRED),
                sheet.figure("lead", "lines-apart-by", Lines.TYPICAL_LEAD, LEAD))
            : new Lines(LetterBlock.Align.CENTRED, Lines.TYPICAL_LEAD);
    CustomCut.Film film = sheet.choice("film", "cut-from", CustomCut.Film.STENCIL_FILM);
    double least =
        sheet.length(
            "least",
            film == CustomCut.Film.VINYL ? "narrowest-stroke" : "narrowest-bridge-and-stroke",
            film == CustomCut.Film.VINYL ? 0.8 : 1.5,
            CUT);
    boolean placed = sheet.yes("placed", "put-by-hand", false);
    return new Lettering(
        text,
        style,
        sized,
        size,
        tracking,
        line,
        diameter,
        look,
        film,
        least,
        placed ? Optional.of(Single.point(sheet)) : Optional.empty(),
        sheet.figure("angle", "turned-by", 0, Single.TURN),
        lines);
  }

  @Override
  public RuleKind kind() {
    return RuleKind.LETTERING;
  }

  @Override
  public RuleNote note() {
    RuleNote.Writer note =
        RuleNote.of(kind())
            .put("style", style)
            .put("line", line)
            .put("sized", sized)
            .put("size", size)
            .put("tracking", trackingPercent)
            .put("film", film)
            .put("least", leastMm)
            .put("placed", YesNo.of(placed.isPresent()))
            .put("angle", turnDeg);
    if (line != Line.STRAIGHT) {
      note.put("diameter", diameterMm);
    }
    if (line == Line.RING) {
      note.put("look", look);
    }
    if (line == Line.STRAIGHT && LetterBlock.isSeveralLines(text)) {
      note.put("align", lines.align()).put("lead", lines.leadPercent());
    }
    placed.ifPresent(p -> note.put("x", p.xMm()).put("y", p.yMm()));
    return note.done(List.of(), text);
  }

  /** Words are never turned over: only their place is. */
  @Override
  public Lettering mirrored(double faceWidthMm) {
    return new Lettering(
        text,
        style,
        sized,
        size,
        trackingPercent,
        line,
        diameterMm,
        look,
        film,
        leastMm,
        placed.map(p -> p.mirroredAt(faceWidthMm / 2)),
        0 - turnDeg,
        lines);
  }

  /** The laying's own design is not looked at: the words are the design. */
  @Override
  public LayAnswer lay(Laying laying) {
    Letters letters = letters(text);
    if (letters.isEmpty()) {
      return new LayAnswer.NoRoom(LayAnswer.Reason.NO_WORDS);
    }
    return line == Line.RING ? ring(laying) : together(laying, letters);
  }

  private LetterBlock block(String words) {
    return LetterBlock.of(
        words, style, trackingPercent / 100, lines.align(), lines.leadPercent() / 100);
  }

  private Letters letters(String words) {
    return new Letters(words, style, trackingPercent / 100);
  }

  // ---- all words together

  private LayAnswer together(Laying laying, Letters letters) {
    double inCapitals =
        line == Line.STRAIGHT ? block(text).widthInCapitals() : letters.widthInCapitals();
    double cap = sized == Sized.BY_CAPITALS ? size : size / inCapitals;
    Cut cut = cut(text, cap);
    Laying of = new Laying(laying.room(), cut.design);
    List<LayOption> options = new ArrayList<>();
    for (LayOption option : new Single(placed, turnDeg, false, 1, false).options(of)) {
      Wording wording =
          new Wording(
              option.arrangement().way(),
              1,
              cap,
              cut.design.printWidthMm(),
              cut.islands,
              cut.bridges,
              cut.thin);
      options.add(new LayOption(wording, option.items(), option.standing(), Optional.empty()));
    }
    return LayAnswer.of(options, LayAnswer.Reason.NOTHING_FREE);
  }

  /** Words ready to be cut. */
  private record Cut(
      CustomCut design, int islands, List<Bridges.Bridge> bridges, List<Point> thin) {}

  /** By all that its shape follows from: the place of words does not change them. */
  private Cut cut(String words, double capMm) {
    return CUT_LATELY.of(
        new Shape(words, style, capMm, trackingPercent, line, diameterMm, film, leastMm, lines),
        shape -> cut(shape.words, ink(shape.words, capMm)));
  }

  private record Shape(
      String words,
      LetterStyle style,
      double capMm,
      double trackingPercent,
      Line line,
      double diameterMm,
      CustomCut.Film film,
      double leastMm,
      Lines lines) {}

  private static final Lately<Shape, Cut> CUT_LATELY = new Lately<>(200);

  private List<Area> ink(String words, double cap) {
    return switch (line) {
      case STRAIGHT -> block(words).straight(cap);
      case RING -> letters(words).straight(cap);
      case ARC_ABOVE -> letters(words).onArc(cap, diameterMm / 2, false);
      case ARC_BELOW -> letters(words).onArc(cap, diameterMm / 2, true);
    };
  }

  private Cut cut(String words, List<Area> ink) {
    Rectangle2D box =
        ink.stream().map(Area::getBounds2D).reduce(Rectangle2D::createUnion).orElseThrow();
    AffineTransform onto =
        AffineTransform.getTranslateInstance(
            FILM_ROUND_MM - box.getX(), FILM_ROUND_MM - box.getY());
    List<Area> onSheet = ink.stream().map(a -> a.createTransformedArea(onto)).toList();
    boolean stencil = film == CustomCut.Film.STENCIL_FILM;
    Bridges.Bridged bridged =
        stencil
            ? Bridges.bridge(onSheet, Math.max(leastMm, 0.1))
            : new Bridges.Bridged(onSheet, List.of(), 0);
    Artwork artwork = Artwork.of(bridged.openings());
    Picture sheet =
        new Picture(
            box.getWidth() + 2 * FILM_ROUND_MM,
            box.getHeight() + 2 * FILM_ROUND_MM,
            Optional.of(artwork),
            Optional.empty(),
            List.of());
    CustomCut design =
        new CustomCut(
            new Card("words", name(words), "word", "", Rights.MAY_BE_SOLD),
            sheet,
            film,
            20,
            leastMm,
            0.5,
            3,
            Direction.UPRIGHT);
    return new Cut(
        design, bridged.islands(), bridged.bridges(), ThinPlaces.of(artwork.outline(), leastMm));
  }

  private static String name(String words) {
    String one = words.strip().replaceAll("\\s+", " ");
    return one.length() <= 60 ? one : one.substring(0, 59) + "…";
  }

  // ---- word by word round a ring

  private LayAnswer ring(Laying laying) {
    String[] words = letters(text).text().split(" ");
    double widest =
        List.of(words).stream().mapToDouble(w -> letters(w).widthInCapitals()).max().orElseThrow();
    double cap = sized == Sized.BY_CAPITALS ? size : size / widest;
    Point middle =
        placed.orElseGet(
            () ->
                new Point(
                    laying.room().outline().widthMm() / 2, laying.room().outline().heightMm() / 2));
    Optional<Rings.Ring> ring = Rings.circle(middle, diameterMm);
    if (ring.isEmpty()) {
      return new LayAnswer.NoRoom(LayAnswer.Reason.NO_LINE);
    }
    Path path = ring.get().path();
    List<Item> items = new ArrayList<>();
    List<Bridges.Bridge> bridges = new ArrayList<>();
    List<Point> thin = new ArrayList<>();
    int islands = 0;
    for (int i = 0; i < words.length; i++) {
      Cut cut = cut(words[i], cap);
      double along = (i / (double) words.length + turnDeg / 360) * path.lengthMm();
      double turn =
          switch (look) {
            case STANDING -> 0;
            case OUTWARD -> path.directionDeg(along);
            case INWARD -> path.directionDeg(along) + 180;
          };
      laying.room().place(cut.design, Placement.at(path.at(along), turn)).ifPresent(items::add);
      islands += cut.islands;
      bridges.addAll(cut.bridges);
      thin.addAll(cut.thin);
    }
    if (items.isEmpty()) {
      return new LayAnswer.NoRoom(LayAnswer.Reason.NOTHING_FREE);
    }
    if (Apart.anyOverlap(items)) {
      return new LayAnswer.NoRoom(LayAnswer.Reason.OVERLAP);
    }
    double width = items.stream().mapToDouble(i -> i.box().widthMm()).max().orElseThrow();
    thin.sort(Comparator.comparingDouble(Point::xMm));
    Wording wording =
        new Wording(Way.InWords.WORDS, words.length, cap, width, islands, bridges, thin);
    int parts = Laying.parts(items);
    return LayAnswer.of(
        List.of(
            new LayOption(
                wording,
                items,
                Standing.of(
                    new Standing.Judged(
                        Laying.onKeepOuts(items),
                        Laying.slivers(items) + words.length - items.size(),
                        true,
                        parts,
                        0,
                        true,
                        items.size() - parts,
                        0)),
                Optional.empty())),
        LayAnswer.Reason.NOTHING_FREE);
  }
}
