package craftmap.core.plan;

import static craftmap.core.measure.Figure.count;
import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.design.Design;
import craftmap.core.design.NamedPart;
import craftmap.core.lay.Eye;
import craftmap.core.lay.rule.LayRule;
import craftmap.core.lay.rule.Pick;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.lay.rule.RuleNote;
import craftmap.core.lay.rule.Ruled;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.RefusedInput;
import craftmap.core.medium.Coating;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/** One decision: this design goes on this face by this rule, out of this pot. */
public record Lay(String id, Place place, Pieces pieces, Work work, Pot pot, Keeping keeping) {
  /**
   * Where it goes.
   *
   * @param alsoOn further faces that it goes over, as one picture does over the fronts of drawers
   * @param zoneId the zone of the face that it aims at; none for all of the face
   */
  public record Place(String faceId, List<String> alsoOn, Optional<String> zoneId) {
    private static final int MOST_FACES = 40;

    public Place {
      alsoOn = List.copyOf(alsoOn);
      if (alsoOn.size() >= MOST_FACES
          || alsoOn.contains(faceId)
          || alsoOn.stream().distinct().count() < alsoOn.size()) {
        throw new RefusedInput(
            "faces-of-the-lay",
            said("faces", count(alsoOn.size() + 1)),
            said("are-too-many-or-one-is-there-twice"),
            said("each-face-once-at-most", given(MOST_FACES)));
      }
      if (zoneId.isPresent() && !alsoOn.isEmpty()) {
        throw new RefusedInput(
            "zone",
            given(zoneId.get()),
            said("is-on-one-face-only"),
            said("a-lay-on-that-face-alone"));
      }
    }

    public static Place on(String faceId) {
      return new Place(faceId, List.of(), Optional.empty());
    }

    public static Place over(String faceId, List<String> alsoOn) {
      return new Place(faceId, alsoOn, Optional.empty());
    }

    public Place within(Optional<String> otherZoneId) {
      return new Place(faceId, alsoOn, otherZoneId);
    }
  }

  /**
   * What is laid.
   *
   * @param designId a design of the shelf; none for lettering, which brings its own
   * @param cornerDesignId what sits in the corners of a border, where that is another design
   * @param moreDesignIds further pieces of a collage, one for each copy
   * @param part what of its picture is laid alone; none for all of it
   * @param cutFromId the roll of film or vinyl that it is cut from; none for whichever suits
   */
  public record Pieces(
      Optional<String> designId,
      Optional<String> cornerDesignId,
      List<String> moreDesignIds,
      Optional<NamedPart> part,
      Optional<String> cutFromId) {
    private static final int MOST_PIECES = 120;

    public Pieces {
      moreDesignIds = List.copyOf(moreDesignIds);
      if (moreDesignIds.size() >= MOST_PIECES) {
        throw new RefusedInput(
            "pieces-of-the-collage",
            given(moreDesignIds.size() + 1),
            said("are-too-many"),
            said("at-most", given(MOST_PIECES)));
      }
    }

    public static Pieces of(Optional<String> designId) {
      return new Pieces(designId, Optional.empty(), List.of(), Optional.empty(), Optional.empty());
    }

    public Pieces cornered(Optional<String> other) {
      return new Pieces(designId, other, moreDesignIds, part, cutFromId);
    }

    /** Of several designs, one for each copy, the first one underneath. */
    public Pieces of(List<String> designIds) {
      return new Pieces(
          Optional.of(designIds.getFirst()),
          cornerDesignId,
          designIds.subList(1, designIds.size()),
          part,
          cutFromId);
    }

    public Pieces showing(Optional<NamedPart> other) {
      return new Pieces(designId, cornerDesignId, moreDesignIds, other, cutFromId);
    }

    public Pieces cutFrom(Optional<String> rollId) {
      return new Pieces(designId, cornerDesignId, moreDesignIds, part, rollId);
    }

    /** The design as it is laid; refused where its picture has no such part. */
    public Design laidAs(Design design) {
      return part.map(p -> p.of(design)).orElse(design);
    }
  }

  /**
   * How it is laid.
   *
   * @param pick the artist's own choice among the options; none to follow the best
   * @param clearMm it goes around what was laid before it, this far clear; none where it does not
   */
  public record Work(Ruled ruled, Optional<Pick> pick, OptionalDouble clearMm, Eye eye) {
    public Work {
      if (clearMm.isPresent()) {
        LengthRange.DISTANCE.check("clear-of-what-is-there-by", clearMm.getAsDouble());
      }
    }

    /** By a rule: nothing picked, nothing by eye. */
    public static Work by(RuleNote rule) {
      return new Work(new Ruled(rule), Optional.empty(), OptionalDouble.empty(), Eye.NONE);
    }

    /** The rule as it is written down. */
    public RuleNote rule() {
      return ruled.note();
    }

    public Work ruled(RuleNote other) {
      return new Work(new Ruled(other), pick, clearMm, eye);
    }

    public Work picked(Optional<Pick> other) {
      return new Work(ruled, other, clearMm, eye);
    }

    public Work clear(OptionalDouble other) {
      return new Work(ruled, pick, other, eye);
    }

    public Work seen(Eye other) {
      return new Work(ruled, pick, clearMm, other);
    }
  }

  /**
   * What it is put on with.
   *
   * @param potId the pot it is painted, pasted, stuck down or sealed from; none while none is named
   */
  public record Pot(Optional<String> potId, int coats) {
    public Pot {
      if (coats < 1 || coats > Coating.MOST_COATS) {
        throw new RefusedInput(
            "coats",
            given(coats),
            said("is-not-a-number-of-coats"),
            said("1-to", given(Coating.MOST_COATS)));
      }
    }
  }

  /**
   * How it is kept.
   *
   * @param hidden not drawn; it counts all the same
   * @param locked not to be changed by a slip of the hand
   * @param offcuts named parts of its picture that go back to the shelf when it is cut
   */
  public record Keeping(boolean hidden, boolean locked, List<String> offcuts) {
    private static final int MOST_OFFCUTS = 40;

    public static final Keeping OPEN = new Keeping(false, false, List.of());

    public Keeping {
      offcuts = offcuts.stream().distinct().sorted().toList();
      if (offcuts.size() > MOST_OFFCUTS) {
        throw new RefusedInput(
            "offcuts-to-keep",
            given(offcuts.size()),
            said("are-too-many"),
            said("at-most", given(MOST_OFFCUTS)));
      }
    }

    public Keeping hidden(boolean other) {
      return new Keeping(other, locked, offcuts);
    }

    public Keeping locked(boolean other) {
      return new Keeping(hidden, other, offcuts);
    }

    /** With one more offcut to keep, or one fewer. */
    public Keeping offcut(String name, boolean keep) {
      List<String> others = offcuts.stream().filter(o -> !o.equals(name)).toList();
      return new Keeping(
          hidden, locked, keep ? Stream.concat(others.stream(), Stream.of(name)).toList() : others);
    }
  }

  public Lay {
    RuleKind kind = work.rule().kind();
    if (!place.alsoOn().isEmpty() && !kind.goesOverFaces()) {
      throw new RefusedInput(
          "faces-of-the-lay",
          said("faces", count(place.alsoOn().size() + 1)),
          said("are-more-than-this-rule-lays-at-once"),
          said("one-face-or-a-picture-across-or-sheets-over"));
    }
    if (pieces.designId().isEmpty() && kind.needsDesign()) {
      throw new RefusedInput(
          "design", said("none"), said("is-missing"), said("a-design-of-the-shelf"));
    }
  }

  /** A lay as it begins: nothing picked, nothing by eye. */
  public static Lay fresh(
      String id, String faceId, Optional<String> designId, LayRule rule, Pot pot) {
    return new Lay(
        id, Place.on(faceId), Pieces.of(designId), Work.by(rule.note()), pot, Keeping.OPEN);
  }

  // ---- the same with something else

  public Lay with(Place other) {
    return new Lay(id, other, pieces, work, pot, keeping);
  }

  public Lay with(Pieces other) {
    return new Lay(id, place, other, work, pot, keeping);
  }

  public Lay with(Work other) {
    return new Lay(id, place, pieces, other, pot, keeping);
  }

  public Lay with(Pot other) {
    return new Lay(id, place, pieces, work, other, keeping);
  }

  public Lay with(Keeping other) {
    return new Lay(id, place, pieces, work, pot, other);
  }

  public Lay withPick(Pick other) {
    return with(work.picked(Optional.of(other)));
  }

  /** By another rule: what was picked and put by hand fitted the former one. */
  public Lay by(LayRule other) {
    RuleKind kind = other.kind();
    return new Lay(
        id,
        kind.goesOverFaces() ? place : Place.on(faceId()).within(place.zoneId()),
        kind == RuleKind.COLLAGE
            ? pieces
            : new Pieces(
                pieces.designId(),
                pieces.cornerDesignId(),
                List.of(),
                pieces.part(),
                pieces.cutFromId()),
        new Work(new Ruled(other.note()), Optional.empty(), work.clearMm(), Eye.NONE),
        pot,
        keeping);
  }

  /** What is left of it when a face is gone: none where that was its only one. */
  Optional<Lay> without(String goneFaceId) {
    List<String> left = faceIds().stream().filter(f -> !f.equals(goneFaceId)).toList();
    return left.isEmpty()
        ? Optional.empty()
        : Optional.of(
            with(new Place(left.getFirst(), left.subList(1, left.size()), place.zoneId())));
  }

  Lay ofShelf(UnaryOperator<String> ids) {
    return with(new Pieces(
            designId().map(ids),
            cornerDesignId().map(ids),
            moreDesignIds().stream().map(ids).toList(),
            pieces.part(),
            pieces.cutFromId().map(ids)))
        .with(new Pot(potId().map(ids), coats()));
  }

  /** The same once more on another face. */
  public Lay copied(String newId, String otherFaceId, Work otherWork) {
    return new Lay(newId, Place.on(otherFaceId), pieces, otherWork, pot, Keeping.OPEN);
  }

  // ---- what is asked most

  public String faceId() {
    return place.faceId();
  }

  public List<String> alsoOn() {
    return place.alsoOn();
  }

  public Optional<String> designId() {
    return pieces.designId();
  }

  public Optional<String> cornerDesignId() {
    return pieces.cornerDesignId();
  }

  public List<String> moreDesignIds() {
    return pieces.moreDesignIds();
  }

  public LayRule rule() {
    return work.ruled().rule();
  }

  public Optional<Pick> pick() {
    return work.pick();
  }

  public OptionalDouble clearMm() {
    return work.clearMm();
  }

  public Eye eye() {
    return work.eye();
  }

  public Optional<String> potId() {
    return pot.potId();
  }

  public int coats() {
    return pot.coats();
  }

  public boolean hidden() {
    return keeping.hidden();
  }

  public boolean locked() {
    return keeping.locked();
  }

  /** All faces it goes over, the first one being its own. */
  public List<String> faceIds() {
    return Stream.concat(Stream.of(faceId()), alsoOn().stream()).toList();
  }

  public boolean isOn(String otherFaceId) {
    return faceId().equals(otherFaceId) || alsoOn().contains(otherFaceId);
  }

  /** Whether it lays the design, be it in its corners or as a further piece. */
  public boolean uses(String id) {
    return designId().filter(id::equals).isPresent()
        || cornerDesignId().filter(id::equals).isPresent()
        || moreDesignIds().contains(id);
  }
}
