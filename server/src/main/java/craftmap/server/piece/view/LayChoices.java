package craftmap.server.piece.view;

import craftmap.core.design.Design;
import craftmap.core.design.FilmRoll;
import craftmap.core.design.MotifBox;
import craftmap.core.design.NamedPart;
import craftmap.core.design.PutOn;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.TapeDivision;
import craftmap.core.plan.Lay;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.Need;
import craftmap.core.surface.Face;
import craftmap.core.surface.ZonePlace;
import craftmap.server.fields.FieldView;
import craftmap.server.fields.FieldViews;
import craftmap.server.shelf.OwnedDesign;
import craftmap.server.words.Measure;
import craftmap.server.words.Words;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;

/** What was decided of a lay, and what else might be: its rule and measures, part, pieces, pot. */
final class LayChoices {
  private final TapeDivision tape;
  private final Function<String, Optional<OwnedDesign>> shelf;

  LayChoices(TapeDivision tape, Function<String, Optional<OwnedDesign>> shelf) {
    this.tape = tape;
    this.shelf = shelf;
  }

  static List<LayView.RuleChoice> suits(Optional<Design> design, Lay lay) {
    if (lay.designId().isEmpty()) {
      return List.of(choice(RuleKind.LETTERING));
    }
    return design.map(RuleKind::suiting).orElse(List.of(lay.rule().kind())).stream()
        .map(LayChoices::choice)
        .toList();
  }

  private static LayView.RuleChoice choice(RuleKind kind) {
    return new LayView.RuleChoice(kind, Words.say("rule", kind));
  }

  /** What it is put on with; words are painted through film. */
  static LayView.PutOnView putOn(Optional<Design> design) {
    return design
        .map(Design::putOn)
        .orElse(Optional.of(PutOn.THROUGH_OPENINGS))
        .map(on -> new LayView.PutOnView(on.roles(), Words.say("choice", on.usual())))
        .orElse(null);
  }

  /** The measures of the rule that do something for the design. */
  List<FieldView> fields(MeasureSheet sheet, Lay lay, Optional<Design> design) {
    RuleKind rule = lay.work().rule().kind();
    Set<String> idle = design.map(d -> rule.idle(d, lay.faceIds().size())).orElse(Set.of());
    return FieldViews.of(sheet, tape).stream().filter(f -> !idle.contains(f.key())).toList();
  }

  /** The zone that a lay aims at, as far as it is there. */
  static Optional<ZonePlace> zoneOf(Face face, Lay lay) {
    return lay.place()
        .zoneId()
        .flatMap(id -> face.marks().zones().stream().filter(z -> z.id().equals(id)).findFirst())
        .map(z -> ZonePlace.on(face, z));
  }

  /** The pieces of a collage, in the order they were chosen. */
  List<LayView.CollagePieceView> pieces(Lay lay) {
    if (lay.rule().kind() != RuleKind.COLLAGE) {
      return List.of();
    }
    return Stream.concat(lay.designId().stream(), lay.moreDesignIds().stream())
        .map(
            id ->
                new LayView.CollagePieceView(
                    id, shelf.apply(id).map(o -> o.design().name()).orElse("?")))
        .toList();
  }

  /** What of the picture is laid, and what might be. */
  LayView.PartsView parts(Lay lay) {
    Optional<NamedPart> part = lay.pieces().part();
    return lay.designId()
        .flatMap(shelf)
        .map(OwnedDesign::design)
        .filter(NamedPart::isPrinted)
        .map(
            d ->
                new LayView.PartsView(
                    NamedPart.names(d),
                    part.map(NamedPart::name).orElse(null),
                    part.map(p -> Measure.of(p.borderMm(), tape)).orElse(null),
                    part.map(NamedPart::edge).orElse(null)))
        .orElse(null);
  }

  /** What it is cut from; none for what is not cut to size. */
  static LayView.FilmView film(LayReading.Laid laid) {
    return laid.takes()
        .find(Need.Film.class)
        .map(n -> new LayView.FilmView(n.of(), laid.film().map(FilmRoll::name).orElse(null)))
        .orElse(null);
  }

  /** Named parts of the picture, which may be cut off. */
  static List<String> motifs(Lay lay, Optional<Design> design) {
    return lay.rule().kind() == RuleKind.ACROSS
        ? design.flatMap(Design::picture).map(p -> p.motifs()).orElse(List.of()).stream()
            .map(MotifBox::name)
            .toList()
        : List.of();
  }
}
