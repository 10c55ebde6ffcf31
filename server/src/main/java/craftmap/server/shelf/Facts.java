package craftmap.server.shelf;

import craftmap.core.design.Comes;
import craftmap.core.design.CustomCut;
import craftmap.core.design.CutOut;
import craftmap.core.design.Design;
import craftmap.core.design.Dots;
import craftmap.core.design.EnlargedImage;
import craftmap.core.design.FilmRoll;
import craftmap.core.design.FoilRoll;
import craftmap.core.design.Handling;
import craftmap.core.design.Mould;
import craftmap.core.design.Moulding;
import craftmap.core.design.Napkin;
import craftmap.core.design.PaintedZone;
import craftmap.core.design.Paper;
import craftmap.core.design.Picture;
import craftmap.core.design.PlasterFabric;
import craftmap.core.design.RaisedStencil;
import craftmap.core.design.Repeat;
import craftmap.core.design.StencilDesign;
import craftmap.core.design.Texture;
import craftmap.core.design.Transfer;
import craftmap.core.measure.Decimals;
import craftmap.core.measure.TapeDivision;
import craftmap.server.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What is computed from a design, in words. */
final class Facts {
  /** One fact. */
  record FactView(String label, String text) {}

  private final TapeDivision tape;
  private final List<FactView> facts = new ArrayList<>();

  private Facts(TapeDivision tape) {
    this.tape = tape;
  }

  static List<FactView> of(Design design, TapeDivision tape) {
    Facts facts = new Facts(tape);
    facts.sizes(design);
    facts.kind(design);
    facts.handling(design);
    return List.copyOf(facts.facts);
  }

  private void say(String key, Object... args) {
    facts.add(new FactView(Words.say("fact." + key), Words.say("fact." + key + ".text", args)));
  }

  private String size(double w, double h) {
    return Words.say("fact.size", tape.show(w), tape.show(h));
  }

  private void sizes(Design design) {
    design.picture().ifPresent(p -> say("sheet", size(p.widthMm(), p.heightMm())));
    if (design.picture().isPresent() && !isWholeSheet(design, design.picture().get())) {
      say("print", size(design.printWidthMm(), design.printHeightMm()));
    }
  }

  private static boolean isWholeSheet(Design design, Picture sheet) {
    return design.printWidthMm() == sheet.widthMm() && design.printHeightMm() == sheet.heightMm();
  }

  private void kind(Design design) {
    switch (design) {
      case RaisedStencil raised -> {
        open(raised);
        say("relief", Words.millilitres(raised.reliefMm3() / 1000));
      }
      case CustomCut cut -> {
        open(cut);
        say("scale", Words.percent(cut.smallestScale()), Words.percent(cut.largestScale()));
      }
      case StencilDesign stencil -> open(stencil);
      case Transfer transfer ->
          transfer
              .joint()
              .ifPresent(
                  j ->
                      say(
                          "joint",
                          j.parts(),
                          tape.show(
                              j.atMm(
                                  1,
                                  j.upright()
                                      ? transfer.sheet().widthMm()
                                      : transfer.sheet().heightMm())),
                          Words.say(j.upright() ? "fact.fromLeft" : "fact.fromTop"),
                          tape.show(j.windsMm())));
      case Napkin napkin -> {
        say("plies", napkin.plies());
        repeat(napkin.repeat());
      }
      case Paper paper -> repeat(paper.repeat());
      case CutOut cutOut -> {
        if (cutOut.inkRuns()) {
          say("ink");
        }
      }
      case Moulding moulding -> {
        say("glue", Words.say("choice." + moulding.flexibility().glue().name()));
        moulding
            .leastBendRadiusMm()
            .ifPresentOrElse(
                r ->
                    say(
                        "bend",
                        tape.show(r),
                        Words.fineMm(moulding.thicknessMm()),
                        Words.percent(moulding.strain())),
                () -> say("rigid"));
      }
      case Mould mould -> {
        say(
            "batch",
            mould.cavities(),
            Decimals.show(mould.batchMinutes(), 0),
            Words.millilitres(mould.cavities() * mould.volumeMl()));
        say("dozen", mould.batches(12), Words.minutes(mould.batches(12) * mould.batchMinutes()));
      }
      case Texture texture -> {
        if (texture.tool() == Texture.Tool.PATTERN_ROLLER) {
          say("turn", tape.show(texture.turnMm()));
        }
        say("paste", Words.millilitres(texture.pasteMm() * 1000));
      }
      case FoilRoll foil ->
          say("covers", Words.squareMetres((foil.widthMm() - foil.overlapMm()) * foil.lengthMm()));
      case FilmRoll film -> say("cutWide", tape.show(film.widthMm()));
      case PlasterFabric fabric ->
          say(
              "covers",
              Words.squareMetres(
                  (fabric.widthMm() - fabric.overlapMm()) * fabric.lengthMm() / fabric.layers()));
      case EnlargedImage image ->
          say("pages", image.pages(1), image.pages(2), image.pages(image.largestScale()));
      case Dots dots -> say("dots", Words.fineMm(dots.diameterMm() + dots.gapMm()));
      case PaintedZone zone -> say("zone", zone.colours().size());
    }
  }

  private void open(StencilDesign stencil) {
    say(
        "open",
        Words.percent(stencil.openings().openShare()),
        Words.squareCentimetres(stencil.openings().areaMm2()));
  }

  private void repeat(Optional<Repeat> repeat) {
    repeat.ifPresent(
        r ->
            say(
                "repeat",
                tape.show(r.pitchXMm()),
                tape.show(r.pitchYMm()),
                Words.say("choice." + r.offset().name())));
  }

  private void handling(Design design) {
    Handling h = design.handling();
    List<String> may = new ArrayList<>();
    List<String> not = new ArrayList<>();
    (h.scales() ? may : not).add(Words.say("fact.may.scale"));
    (h.turns() ? may : not).add(Words.say("fact.may.turn"));
    (h.mirrors() ? may : not).add(Words.say("fact.may.mirror"));
    (h.cuts() ? may : not).add(Words.say("fact.may.cut"));
    if (!may.isEmpty()) {
      say("may", String.join(", ", may));
    }
    if (!not.isEmpty()) {
      say("mayNot", String.join(", ", not));
    }
    say("way", Words.say("choice." + design.direction().name()));
    if (design.picture().isPresent()) {
      say(design.isHanded() ? "handed" : "notHanded");
    }
    if (design.comes() instanceof Comes.ByLength byLength) {
      say("full", tape.show(byLength.fullMm()));
    }
    facts.add(new FactView(Words.say("fact.rights"), Words.say("rights", design.card().rights())));
  }
}
