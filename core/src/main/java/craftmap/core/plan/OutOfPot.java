package craftmap.core.plan;

import craftmap.core.design.Design;
import craftmap.core.design.Mould;
import craftmap.core.design.Moulding;
import craftmap.core.design.PaintedZone;
import craftmap.core.design.PutOn;
import craftmap.core.design.RaisedStencil;
import craftmap.core.design.Texture;
import craftmap.core.lay.Item;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.border.FrameSides;
import craftmap.core.lay.rule.field.RollerStrips;
import craftmap.core.lay.rule.pieces.RollStrips;
import craftmap.core.log.Learned;
import craftmap.core.log.Topic;
import craftmap.core.measure.Times;
import craftmap.core.medium.Coating;
import craftmap.core.medium.GenericMedium;
import craftmap.core.medium.PotLabel;
import craftmap.core.medium.Role;
import craftmap.core.medium.ToolKind;
import craftmap.core.plane.Planar;
import craftmap.core.surface.Face;
import craftmap.core.surface.Finish;
import craftmap.core.surface.MakeUp;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What a lay takes out of a pot, by what it is put on with. While no pot is named, a typical label
 * stands in for it: nothing that is needed goes uncounted.
 */
final class OutOfPot {
  private static final Set<MakeUp> WOODEN = EnumSet.of(MakeUp.WOOD, MakeUp.VENEER, MakeUp.BOARD);

  private final Lay lay;
  private final Design design;
  private final LayOption chosen;
  private final Face face;
  private final List<List<Item>> onFaces;
  private final Optional<String> mediumId;
  private final double spread;
  private final Learned learned;

  private OutOfPot(
      Lay lay,
      Design design,
      LayOption chosen,
      Face face,
      List<List<Item>> onFaces,
      Optional<String> mediumId,
      double spreadM2PerLitre,
      Learned learned) {
    this.lay = lay;
    this.design = design;
    this.chosen = chosen;
    this.face = face;
    this.onFaces = onFaces;
    this.mediumId = mediumId;
    this.spread = spreadM2PerLitre;
    this.learned = learned;
  }

  /** None for what nothing out of a pot is needed for. */
  static Optional<Need> of(
      Lay lay,
      Design design,
      LayOption chosen,
      Face face,
      List<List<Item>> onFaces,
      Optional<PotLabel> pot,
      Learned learned) {
    return design
        .putOn()
        .map(
            on -> {
              double spread = pot.map(PotLabel::spreadM2PerLitre).orElseGet(() -> typical(on));
              Role role = pot.map(PotLabel::role).filter(on.roles()::contains).orElse(on.usual());
              return new OutOfPot(
                      lay,
                      design,
                      chosen,
                      face,
                      onFaces,
                      pot.map(PotLabel::mediumId),
                      spread,
                      learned)
                  .need(role);
            });
  }

  private static double typical(PutOn on) {
    return GenericMedium.of(on.usual())
        .orElseThrow(() -> new IllegalStateException("impossible state: no typical " + on.usual()))
        .medium()
        .coverage()
        .spreadM2PerLitre();
  }

  private Need need(Role role) {
    return switch (design.putOn().orElseThrow().usual()) {
      case PAINT -> new Need.Paint(paint());
      case PASTE -> paste();
      case CLAY, RESIN -> castings((Mould) design);
      case DECOUPAGE_MEDIUM, ADHESIVE, CONTACT_ADHESIVE, SIZE, CLEAR_COAT ->
          new Need.Coated(role, brushed(coatedMm2()));
      case CLEANER,
          STRIPPER,
          FILLER,
          PRIMER,
          STAIN_BLOCKER,
          BONDING_PRIMER,
          GLAZE,
          STAIN,
          WAX,
          METALLIC_WAX,
          POWDER ->
          throw new IllegalStateException("impossible state: nothing is put on with it usually");
    };
  }

  private Coating paint() {
    return design instanceof PaintedZone
        ? brushed(printedMm2())
        : Coating.throughOpenings(
            printedMm2(),
            lay.coats(),
            spread(Topic.THROUGH_OPENINGS, Coating.LOSS_THROUGH_A_STENCIL));
  }

  private Coating brushed(double mm2) {
    boolean drinks = face.finish() == Finish.BARE && WOODEN.contains(face.makeUp());
    return new Coating(
        mm2,
        lay.coats(),
        spread(ToolKind.BRUSH.name(), Coating.LOSS_BY_BRUSH),
        Coating.LOSS_BY_BRUSH,
        face.relief().factor(),
        drinks ? Coating.FIRST_ON_BARE_WOOD : 1);
  }

  private double spread(String with, double loss) {
    return mediumId.map(id -> learned.spread(id, with, spread, loss)).orElse(spread);
  }

  private double printedMm2() {
    return items().stream().mapToDouble(Item::printMm2).sum();
  }

  private List<Item> items() {
    return onFaces.stream().flatMap(List::stream).toList();
  }

  private double coatedMm2() {
    if (chosen.arrangement() instanceof RollStrips strips) {
      return strips.sizedMm2();
    }
    if (design instanceof Moulding && chosen.arrangement() instanceof FrameSides frame) {
      double middleMm =
          frame.sides().stream().mapToDouble(s -> (s.outerMm() + s.innerMm()) / 2).sum();
      return middleMm * design.printHeightMm();
    }
    // each spot counted once, however many pieces lie on it, by what is really there of them
    return onFaces.stream()
        .filter(items -> !items.isEmpty())
        .mapToDouble(items -> Planar.union(items.stream().map(Item::print).toList()).getArea())
        .sum();
  }

  private Need.Paste paste() {
    if (design instanceof RaisedStencil raised) {
      return new Need.Paste(
          Need.Paste.How.DRAWN_THROUGH_A_STENCIL,
          printedMm2(),
          raised.thicknessMm(),
          learned.loss(Topic.PASTE, Need.PASTE_LOSS));
    }
    return new Need.Paste(
        Need.Paste.How.SPREAD_AND_EMBOSSED,
        chosen.arrangement() instanceof RollerStrips strips
            ? strips.areaMm2()
            : items().stream().mapToDouble(i -> i.share() * i.box().areaMm2()).sum(),
        ((Texture) design).pasteMm(),
        learned.loss(Topic.PASTE, Need.PASTE_LOSS));
  }

  private Need.Castings castings(Mould mould) {
    int count = items().size();
    return new Need.Castings(
        count,
        mould.batches(count),
        Times.ofMinutes(mould.batchMinutes()),
        mould.volumeMl(),
        learned.loss(Topic.CASTINGS, Need.CASTING_LOSS));
  }
}
