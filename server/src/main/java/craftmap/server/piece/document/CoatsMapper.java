package craftmap.server.piece.document;

import static craftmap.core.measure.Figure.said;
import static craftmap.server.piece.document.Given.given;

import craftmap.core.coats.Coats;
import craftmap.core.coats.Group;
import craftmap.core.coats.Habits;
import craftmap.core.coats.Place;
import craftmap.core.coats.Where;
import craftmap.core.coats.Wish;
import craftmap.core.coats.Wishes;
import craftmap.core.colour.Colour;
import craftmap.core.measure.Figure;
import craftmap.core.measure.RefusedInput;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;

/** Between the coats as stored and sent and those the core works on, both ways. */
public final class CoatsMapper {
  private CoatsMapper() {}

  static Coats toCoats(CoatsDoc doc) {
    return doc == null
        ? Coats.NONE
        : new Coats(
            toHabits(doc.habits()), doc.groups().stream().map(CoatsMapper::toGroup).toList());
  }

  /** None where nothing was decided. */
  static CoatsDoc doc(Coats coats) {
    return coats.isNone()
        ? null
        : new CoatsDoc(doc(coats.habits()), coats.groups().stream().map(CoatsMapper::doc).toList());
  }

  public static Habits toHabits(CoatsDoc.HabitsDoc doc) {
    Habits usual = Habits.USUAL;
    return doc == null
        ? usual
        : new Habits(
            doc.primer() == null ? usual.primer() : doc.primer(),
            doc.seal() == null ? usual.seal() : doc.seal(),
            doc.darkWax() == null ? usual.darkWax() : doc.darkWax(),
            doc.relief() == null ? usual.relief() : doc.relief(),
            doc.lift() == null ? usual.lift() : doc.lift());
  }

  public static CoatsDoc.HabitsDoc doc(Habits habits) {
    return new CoatsDoc.HabitsDoc(
        habits.primer(), habits.seal(), habits.darkWax(), habits.relief(), habits.lift());
  }

  private static Group toGroup(CoatsDoc.GroupDoc doc) {
    return new Group(
        given(said("group"), doc.id()),
        doc.name() == null ? "" : doc.name(),
        toPlaces(doc.places()),
        toWishes(doc.wishes()));
  }

  private static CoatsDoc.GroupDoc doc(Group group) {
    return new CoatsDoc.GroupDoc(
        group.id(),
        group.name().isEmpty() ? null : group.name(),
        group.places().stream().map(CoatsMapper::doc).toList(),
        group.wishes().isNone() ? null : doc(group.wishes()));
  }

  public static List<Place> toPlaces(List<CoatsDoc.PlaceDoc> places) {
    return given(said("faces-of-the-group"), places).stream().map(CoatsMapper::toPlace).toList();
  }

  private static Place toPlace(CoatsDoc.PlaceDoc doc) {
    if (doc.parts() != null) {
      double area = doc.areaMm2() == null ? 0 : doc.areaMm2();
      if (!(area >= 0 && area <= MOST_MM2)) {
        throw new RefusedInput(
            "area-of-the-parts",
            new Figure.Given(String.valueOf(doc.areaMm2())),
            said("cannot-be"),
            said("up-to-100-square-metres"));
      }
      return new Place.OfParts(doc.parts(), area);
    }
    String faceId = given(said("face"), doc.faceId());
    return doc.zoneId() == null ? new Place.OfFace(faceId) : new Place.OfZone(faceId, doc.zoneId());
  }

  private static final double MOST_MM2 = 100e6;

  public static CoatsDoc.PlaceDoc doc(Place place) {
    return switch (place) {
      case Place.OfFace f -> new CoatsDoc.PlaceDoc(f.faceId(), null, null, null);
      case Place.OfZone z -> new CoatsDoc.PlaceDoc(z.faceId(), z.zoneId(), null, null);
      case Place.OfParts p ->
          new CoatsDoc.PlaceDoc(null, null, p.parts(), p.areaMm2() > 0 ? p.areaMm2() : null);
    };
  }

  public static Wishes toWishes(CoatsDoc.WishesDoc doc) {
    if (doc == null) {
      return Wishes.NONE;
    }
    Map<String, Wish> coats = new LinkedHashMap<>();
    for (CoatsDoc.CoatWishDoc wish : doc.coats()) {
      coats.put(given(said("band"), wish.band()), toWish(wish));
    }
    return new Wishes(
        coats,
        new LinkedHashSet<>(doc.steps()),
        new LinkedHashSet<>(doc.without()),
        doc.order(),
        doc.overruled().stream()
            .map(
                o ->
                    new Wishes.Overruled(
                        given(said("rule"), o.rule()),
                        given(said("band"), o.band()),
                        given(said("note"), o.note())))
            .toList());
  }

  public static CoatsDoc.WishesDoc doc(Wishes wishes) {
    return new CoatsDoc.WishesDoc(
        wishes.coats().entrySet().stream().map(e -> doc(e.getKey(), e.getValue())).toList(),
        List.copyOf(wishes.steps()),
        List.copyOf(wishes.without()),
        wishes.order(),
        wishes.overruled().stream()
            .map(o -> new CoatsDoc.OverruledDoc(o.rule(), o.band(), o.note()))
            .toList());
  }

  public static Wish toWish(CoatsDoc.CoatWishDoc doc) {
    return new Wish(
        Optional.ofNullable(doc.product()).map(CoatsMapper::toProduct),
        optional(doc.times()),
        Optional.ofNullable(doc.tool()),
        Optional.ofNullable(doc.where()).map(CoatsMapper::toWhere),
        optional(doc.grit()),
        doc.waterShare() == null ? 0 : doc.waterShare());
  }

  public static CoatsDoc.CoatWishDoc doc(String band, Wish wish) {
    return new CoatsDoc.CoatWishDoc(
        band,
        wish.product().map(CoatsMapper::doc).orElse(null),
        wish.times().isPresent() ? wish.times().getAsInt() : null,
        wish.tool().orElse(null),
        wish.where().map(CoatsMapper::doc).orElse(null),
        wish.grit().isPresent() ? wish.grit().getAsInt() : null,
        wish.waterShare() > 0 ? wish.waterShare() : null);
  }

  public static Wish.Product toProduct(CoatsDoc.ProductDoc doc) {
    if (doc.potId() != null) {
      return new Wish.Product.OfPot(doc.potId());
    }
    if (doc.asIf() != null) {
      return new Wish.Product.AsIf(new Colour(doc.asIf()));
    }
    return new Wish.Product.OfKind(given(said("what-a-coat-is"), doc.generic()));
  }

  public static CoatsDoc.ProductDoc doc(Wish.Product product) {
    return switch (product) {
      case Wish.Product.OfPot p -> new CoatsDoc.ProductDoc(p.potId(), null, null);
      case Wish.Product.OfKind k -> new CoatsDoc.ProductDoc(null, k.genericKey(), null);
      case Wish.Product.AsIf a -> new CoatsDoc.ProductDoc(null, null, a.colour().hex());
    };
  }

  private static Where toWhere(CoatsDoc.WhereDoc doc) {
    return switch (given(said("where-a-coat-goes"), doc.kind())) {
      case ALL -> Where.ALL;
      case EDGES ->
          new Where.Edges(
              given(said("width-of-the-band"), doc.widthMm()),
              doc.share() == null ? 1 : doc.share());
      case HIGH_SPOTS -> new Where.HighSpots(share(doc));
      case RECESSES -> new Where.Recesses(share(doc));
      case SPLATTER -> new Where.Splatter(share(doc));
      case WIPED_BACK -> new Where.WipedBack();
      case POURED -> new Where.Poured(given(said("thickness-of-the-pour"), doc.thicknessMm()));
      case BLENDED ->
          new Where.Blended(
              given(said("beginning-of-the-zone"), doc.from()),
              given(said("end-of-the-zone"), doc.to()),
              given(said("width-of-the-band"), doc.widthMm()));
    };
  }

  private static double share(CoatsDoc.WhereDoc doc) {
    return given(said("share-of-the-area"), doc.share());
  }

  public static CoatsDoc.WhereDoc doc(Where where) {
    return switch (where) {
      case Where.All _ -> CoatsDoc.WhereDoc.of(CoatsDoc.WhereKind.ALL);
      case Where.Edges(double widthMm, double part) ->
          new CoatsDoc.WhereDoc(
              CoatsDoc.WhereKind.EDGES, widthMm, part < 1 ? part : null, null, null, null);
      case Where.HighSpots(double share) ->
          CoatsDoc.WhereDoc.of(CoatsDoc.WhereKind.HIGH_SPOTS, share);
      case Where.Recesses(double share) -> CoatsDoc.WhereDoc.of(CoatsDoc.WhereKind.RECESSES, share);
      case Where.Splatter(double share) -> CoatsDoc.WhereDoc.of(CoatsDoc.WhereKind.SPLATTER, share);
      case Where.WipedBack _ -> CoatsDoc.WhereDoc.of(CoatsDoc.WhereKind.WIPED_BACK);
      case Where.Poured(double thicknessMm) ->
          new CoatsDoc.WhereDoc(CoatsDoc.WhereKind.POURED, null, null, null, null, thicknessMm);
      case Where.Blended(double from, double to, double bandMm) ->
          new CoatsDoc.WhereDoc(CoatsDoc.WhereKind.BLENDED, bandMm, null, from, to, null);
    };
  }

  private static OptionalInt optional(Integer value) {
    return value == null ? OptionalInt.empty() : OptionalInt.of(value);
  }
}
