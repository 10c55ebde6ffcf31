package craftmap.server.cut;

import craftmap.core.cut.StockLengths;
import craftmap.core.design.Comes;
import craftmap.core.design.Design;
import craftmap.core.lay.Item;
import craftmap.core.lay.rule.Way;
import craftmap.core.lay.rule.border.CornerSet;
import craftmap.core.lay.rule.border.FrameSides;
import craftmap.core.lay.rule.pieces.RollStrips;
import craftmap.core.measure.Decimals;
import craftmap.core.measure.TapeDivision;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.Need;
import craftmap.core.plan.Needs;
import craftmap.core.plan.cutting.Pool;
import craftmap.core.plan.reading.PlanReading;
import craftmap.server.words.Measure;
import craftmap.server.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** What is not cut from sheets: trim from stock lengths, strips off a roll, castings in batches. */
final class MadeLists {
  private static final double WHOLE = 0.999;

  private MadeLists() {}

  /**
   * One thing to cut or to make.
   *
   * @param faceId where its lay is
   */
  record Made(
      String layId, String faceId, String name, String faceName, String text, List<String> lines) {}

  static List<Made> of(TapeDivision tape, PlanReading reading) {
    List<Made> made = new ArrayList<>();
    for (LayReading lay : reading.lays()) {
      if (lay instanceof LayReading.Laid laid && laid.lead()) {
        String face = reading.find(laid.lay().faceId()).map(f -> f.face().name()).orElse("");
        Optional<Pool> pool = reading.poolOf(laid.lay().id(), laid.design().id());
        made(tape, laid, face, pool, made);
      }
    }
    return made;
  }

  private static void made(
      TapeDivision tape, LayReading.Laid laid, String face, Optional<Pool> pool, List<Made> into) {
    Design design = laid.design();
    Needs needs = laid.takes();
    Optional<Need.Castings> castings = needs.find(Need.Castings.class);
    Optional<Need.Length> length = needs.find(Need.Length.class);
    if (laid.chosen().arrangement() instanceof FrameSides frame) {
      List<String> lines = new ArrayList<>(sides(tape, frame));
      pool.filter(Pool::isShared)
          .ifPresent(p -> lines.add(Words.say("made.together", p.uses().size(), p.count())));
      into.add(made(laid, face, lengths(tape, frame.cutting()), lines));
    } else if (laid.chosen().arrangement() instanceof RollStrips strips) {
      into.add(
          made(
              laid,
              face,
              Words.say("made.strips", strips.strips(), Measure.longText(strips.usedMm(), tape)),
              List.of(
                  Words.say(
                      "made.each", tape.show(strips.lengthMm() / Math.max(1, strips.strips()))))));
    } else if (castings.isPresent()) {
      Need.Castings c = castings.get();
      into.add(
          made(
              laid,
              face,
              Words.say("made.castings", c.count(), c.batches()),
              List.of(
                  Words.say("made.casting", Words.time(c.readyAfter())),
                  Words.say("made.material", Decimals.show(c.materialMl(), 0)))));
    } else if (laid.chosen().arrangement() instanceof CornerSet corners
        && corners.way() == Way.InCorners.CORNERS_QUARTERS) {
      into.add(quarters(tape, laid, face, corners));
    } else if (design.comes() instanceof Comes.AsPieces && !halved(laid).isEmpty()) {
      into.add(
          made(laid, face, Words.say("made.cutPieces", halved(laid).size()), sizes(tape, laid)));
    } else if (design.comes() instanceof Comes.ByLength && length.isPresent()) {
      into.add(
          made(
              laid,
              face,
              Words.say("made.length", Measure.longText(length.get().mm(), tape)),
              List.of()));
    }
  }

  private static Made made(LayReading.Laid laid, String face, String text, List<String> lines) {
    return new Made(laid.lay().id(), laid.lay().faceId(), laid.design().name(), face, text, lines);
  }

  /** Four from one whole piece, sawn through its middle both ways. */
  private static Made quarters(
      TapeDivision tape, LayReading.Laid laid, String face, CornerSet corners) {
    Design design = laid.design();
    return made(
        laid,
        face,
        Words.say("made.quarters", corners.pieces(), corners.corners()),
        List.of(
            Words.say(
                "made.quarter",
                tape.show(design.printWidthMm() / 2),
                tape.show(design.printHeightMm() / 2))));
  }

  /** What shows only in part: the rest of the piece is sawn off. */
  private static List<Item> halved(LayReading.Laid laid) {
    return laid.items().stream()
        .filter(i -> i.visibleArea().getArea() < WHOLE * i.box().areaMm2())
        .filter(
            i ->
                i.visible().widthMm() < WHOLE * i.box().widthMm()
                    || i.visible().heightMm() < WHOLE * i.box().heightMm())
        .toList();
  }

  private static List<String> sizes(TapeDivision tape, LayReading.Laid laid) {
    return halved(laid).stream()
        .map(
            i ->
                Words.say(
                    "made.cutPiece",
                    tape.show(i.visible().widthMm()),
                    tape.show(i.visible().heightMm()),
                    tape.show(i.box().widthMm()),
                    tape.show(i.box().heightMm())))
        .toList();
  }

  private static String lengths(TapeDivision tape, StockLengths.Plan plan) {
    int count = plan.lengths().size();
    String stock = tape.show(plan.stockMm());
    return plan.isProven()
        ? Words.say("made.lengths.least", count, stock)
        : Words.say("made.lengths.found", count, stock, plan.least());
  }

  /** Each stock length with its pieces as they are cut, then each side with its mitres. */
  private static List<String> sides(TapeDivision tape, FrameSides frame) {
    List<String> lines = new ArrayList<>();
    int number = 0;
    for (StockLengths.Length length : frame.cutting().lengths()) {
      lines.add(
          Words.say(
              "made.stock",
              ++number,
              length.piecesMm().stream().map(tape::show).collect(Collectors.joining(" + ")),
              tape.show(length.leftoverMm())));
    }
    int side = 0;
    for (FrameSides.Side s : frame.sides()) {
      lines.add(
          Words.say(
              "made.side",
              ++side,
              tape.show(s.outerMm()),
              tape.show(s.innerMm()),
              Decimals.show(s.startMitreDeg(), 1),
              Decimals.show(s.endMitreDeg(), 1)));
    }
    return lines;
  }
}
