package craftmap.core.plan.edit;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.coats.Band;
import craftmap.core.coats.BandReading;
import craftmap.core.coats.CoatFinding;
import craftmap.core.coats.CoatMend;
import craftmap.core.coats.Group;
import craftmap.core.coats.GroupReading;
import craftmap.core.coats.Habits;
import craftmap.core.coats.InHand;
import craftmap.core.coats.Place;
import craftmap.core.coats.StepKind;
import craftmap.core.coats.Where;
import craftmap.core.coats.Wish;
import craftmap.core.coats.Wishes;
import craftmap.core.coats.reading.GroupReader;
import craftmap.core.colour.Colour;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plan.Found;
import craftmap.core.plan.Lay;
import craftmap.core.plan.Plan;
import craftmap.core.plan.coats.CoatGroups;
import craftmap.core.plan.coats.CoatsReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What is done to the coats of a piece. */
public sealed interface CoatEdit extends PlanEdit {
  /** Edits of what is wished for in one group. */
  sealed interface OfWishes extends CoatEdit {
    String groupId();

    Wishes to(Wishes wishes, GroupReading now);

    Told.Code code();

    @Override
    default Edited to(Plan plan, Editing editing) {
      Group group = CoatGroups.get(plan, groupId());
      GroupReading now = read(plan, group, editing);
      Wishes wishes = to(group.wishes(), now);
      return edited(kept(plan, group, wishes, editing), code(), named(now));
    }

    /** What the history calls what it was done to. */
    default String named(GroupReading now) {
      return "";
    }
  }

  /** Another pot, number, tool, place for a coat; what is left open is as it is proposed. */
  record ChangeCoat(String groupId, String band, Wish wish) implements OfWishes {
    @Override
    public Wishes to(Wishes wishes, GroupReading now) {
      changeable(now, band);
      return wishes.with(band, wish);
    }

    @Override
    public Told.Code code() {
      return Told.Code.CHANGED_COAT;
    }

    @Override
    public String named(GroupReading now) {
      return name(changeable(now, band));
    }
  }

  /** Out of another pot, all else as it is. */
  record OutOfPot(String groupId, String band, String potId) implements OfWishes {
    @Override
    public Wishes to(Wishes wishes, GroupReading now) {
      changeable(now, band);
      return wishes.with(band, wishes.coat(band).with(new Wish.Product.OfPot(potId)));
    }

    @Override
    public Told.Code code() {
      return Told.Code.CHANGED_COAT;
    }

    @Override
    public String named(GroupReading now) {
      return name(changeable(now, band));
    }
  }

  /**
   * What the ground is painted with: a pot, a colour that is tried on, or nothing.
   *
   * @param product none where it is left as it is
   */
  record PaintGround(String groupId, Optional<Wish.Product> product) implements OfWishes {
    @Override
    public Wishes to(Wishes wishes, GroupReading now) {
      return product
          .map(p -> wishes.with(Band.GROUND, wishes.coat(Band.GROUND).with(p)))
          .orElseGet(() -> wishes.without(Band.GROUND));
    }

    @Override
    public Told.Code code() {
      return product.isPresent() ? Told.Code.PAINTED_GROUND : Told.Code.NO_GROUND;
    }
  }

  /**
   * A ground of two or three colours that are worked together where they meet, from the foot of
   * each face up; of one colour it is a plain ground again.
   *
   * @param bandMm how wide the band is in which they are worked together
   */
  record BlendGround(String groupId, List<Part> parts, double bandMm) implements OfWishes {
    private static final int MOST = 3;
    private static final String KEY = Band.ADDED + "blend-";

    /**
     * One colour.
     *
     * @param share how much of the height it has, set against the others
     */
    public record Part(Wish.Product product, double share) {
      public Part {
        if (!(share > 0 && share <= 100)) {
          throw new RefusedInput(
              "share-of-the-height",
              given(share),
              said("is-no-share"),
              said("a-number-above-0-to", given(100)));
        }
      }
    }

    public BlendGround {
      parts = List.copyOf(parts);
      if (parts.isEmpty() || parts.size() > MOST) {
        throw new RefusedInput(
            "colours-of-the-blend",
            given(parts.size()),
            said("cannot-be-blended"),
            said("1-to", given(MOST)));
      }
    }

    @Override
    public Wishes to(Wishes wishes, GroupReading now) {
      Wishes with = wishes;
      for (String key : wishes.coats().keySet()) {
        with = key.startsWith(KEY) ? with.without(key) : with;
      }
      Wish ground = with.coat(Band.GROUND).with(parts.getFirst().product());
      if (parts.size() == 1) {
        return with.with(Band.GROUND, ground.with(Where.ALL));
      }
      double all = parts.stream().mapToDouble(Part::share).sum();
      double from = 0;
      for (int i = 0; i < parts.size(); i++) {
        double to = i == parts.size() - 1 ? 1 : from + parts.get(i).share() / all;
        Where.Blended zone = new Where.Blended(from, to, bandMm);
        with =
            i == 0
                ? with.with(Band.GROUND, ground.with(zone))
                : with.with(KEY + (i + 1), Wish.of(parts.get(i).product()).with(zone));
        from = to;
      }
      return with;
    }

    @Override
    public Told.Code code() {
      return parts.size() == 1 ? Told.Code.PAINTED_GROUND : Told.Code.BLENDED_GROUND;
    }
  }

  /** A primer, or none. */
  record ChoosePrimer(String groupId, Optional<Wish.Product> product, int times)
      implements OfWishes {
    @Override
    public Wishes to(Wishes wishes, GroupReading now) {
      return product
          .map(p -> wishes.with(Band.PRIMER, Wish.of(p).times(times)))
          .orElseGet(() -> wishes.without(Band.PRIMER));
    }

    @Override
    public Told.Code code() {
      return Told.Code.CHOSE_PRIMER;
    }
  }

  /**
   * One more coat, where its kind usually goes.
   *
   * @param id of its own
   */
  record AddCoat(String groupId, String id, Wish.Product product) implements OfWishes {
    @Override
    public Wishes to(Wishes wishes, GroupReading now) {
      return wishes.with(Band.ADDED + id, Wish.of(product));
    }

    @Override
    public Told.Code code() {
      return Told.Code.ADDED_COAT;
    }
  }

  record AddStep(String groupId, StepKind step) implements OfWishes {
    @Override
    public Wishes to(Wishes wishes, GroupReading now) {
      return wishes.with(step);
    }

    @Override
    public Told.Code code() {
      return Told.Code.ADDED_STEP;
    }
  }

  record LeaveOut(String groupId, String band) implements OfWishes {
    @Override
    public Wishes to(Wishes wishes, GroupReading now) {
      if (Band.isLay(band)) {
        throw new RefusedInput(
            "band", given(band), said("is-a-lay"), said("a-coat-lays-are-taken-off-at-lay-out"));
      }
      return wishes.without(band);
    }

    @Override
    public Told.Code code() {
      return Told.Code.LEFT_COAT_OUT;
    }

    @Override
    public String named(GroupReading now) {
      return now.band(band).map(b -> name(b.band())).orElse("");
    }
  }

  record BringBack(String groupId, String band) implements OfWishes {
    @Override
    public Wishes to(Wishes wishes, GroupReading now) {
      return wishes.back(band);
    }

    @Override
    public Told.Code code() {
      return Told.Code.BROUGHT_COAT_BACK;
    }
  }

  /**
   * A note to a finding, by which it is overruled, or taken note of.
   *
   * @param note none to take it back
   */
  record NoteFinding(String groupId, String rule, String band, Optional<String> note)
      implements OfWishes {
    @Override
    public Wishes to(Wishes wishes, GroupReading now) {
      return note.map(n -> wishes.noted(new Wishes.Overruled(rule, band, n)))
          .orElseGet(() -> wishes.notNoted(rule, band));
    }

    @Override
    public Told.Code code() {
      return Told.Code.NOTED_FINDING;
    }
  }

  /** All as it is proposed again. */
  record StartAnew(String groupId) implements OfWishes {
    @Override
    public Wishes to(Wishes wishes, GroupReading now) {
      return Wishes.NONE;
    }

    @Override
    public Told.Code code() {
      return Told.Code.COATS_ANEW;
    }
  }

  /** Coats that were kept by name, or those of another piece. */
  record UseScheme(String groupId, String name, Wishes scheme) implements OfWishes {
    @Override
    public Wishes to(Wishes wishes, GroupReading now) {
      return scheme.asScheme();
    }

    @Override
    public Told.Code code() {
      return Told.Code.USED_SCHEME;
    }

    @Override
    public String named(GroupReading now) {
      return name;
    }
  }

  /**
   * A band before another, or on top of all. What a rule stops is refused with what it says, unless
   * the artist insists.
   *
   * @param note why it is insisted on; none where it is not
   */
  record MoveBand(String groupId, String band, Optional<String> before, Optional<String> note)
      implements CoatEdit {
    @Override
    public Edited to(Plan plan, Editing editing) {
      Group group = CoatGroups.get(plan, groupId);
      GroupReader reader = reader(plan, group, editing);
      GroupReading now = reader.read(group);
      if (now.band(band).isEmpty()) {
        throw gone("band", band);
      }
      Wishes moved = group.wishes().ordered(now.buildUp().moved(band, before));
      List<CoatFinding> stops =
          GroupReader.newStops(now.findings(), reader.read(group.with(moved)).findings());
      if (!stops.isEmpty() && note.isEmpty()) {
        CoatFinding stop = stops.getFirst();
        throw new RefusedInput(
            "place-of-the-coat", stop.what(), said("stands-against-it"), stop.why());
      }
      for (CoatFinding stop : stops) {
        moved =
            moved.noted(
                new Wishes.Overruled(stop.rule(), stop.band().orElse(""), note.orElseThrow()));
      }
      Plan with = kept(plan, group, moved, editing);
      return edited(
          Band.isLay(band) ? alsoLaid(with, now) : with,
          Told.Code.MOVED_COAT,
          name(now.band(band).orElseThrow().band()));
    }

    /** Of what it passed on its way, the lays are laid in the same order. */
    private Plan alsoLaid(Plan plan, GroupReading before) {
      List<String> from = before.buildUp().keys();
      int was = from.indexOf(band);
      int is = before.buildUp().moved(band, this.before).indexOf(band);
      List<String> passed = is > was ? from.subList(was + 1, is + 1) : from.subList(is, was);
      List<Lay> lays = new ArrayList<>(plan.lays());
      Lay lay =
          lays.stream()
              .filter(l -> (Band.LAY + l.id()).equals(band))
              .findFirst()
              .orElseThrow(() -> gone("band", band));
      lays.remove(lay);
      List<Integer> places =
          lays.stream()
              .filter(l -> passed.contains(Band.LAY + l.id()))
              .map(lays::indexOf)
              .sorted()
              .toList();
      if (places.isEmpty()) {
        return plan;
      }
      lays.add(is > was ? places.getLast() + 1 : places.getFirst(), lay);
      return plan.with(lays);
    }
  }

  /** One of the ways to be rid of a finding, as it was told. */
  record TakeMend(String groupId, String rule, String band, String mend) implements CoatEdit {
    @Override
    public Edited to(Plan plan, Editing editing) {
      Group group = CoatGroups.get(plan, groupId);
      CoatMend taken =
          read(plan, group, editing).findings().stream()
              .filter(f -> f.rule().equals(rule) && f.band().orElse("").equals(band))
              .flatMap(f -> f.mends().stream())
              .filter(m -> m.code().equals(mend))
              .findFirst()
              .orElseThrow(() -> gone("mend", mend));
      return edited(kept(plan, group, taken.wishes(), editing), Told.Code.MENDED_COATS, "");
    }
  }

  /** Faces, zones and parts that get the same coats from now on: parted from theirs, or joined. */
  record MakeGroup(String groupId, String name, List<Place> places) implements CoatEdit {
    public MakeGroup {
      places = List.copyOf(places);
    }

    @Override
    public Edited to(Plan plan, Editing editing) {
      if (places.isEmpty()) {
        throw new RefusedInput(
            "group", said("no-face"), said("is-missing"), said("a-face-a-zone-or-parts"));
      }
      // coats that were decided go along with most of the faces that had them
      Wishes wishes =
          CoatGroups.of(plan).stream()
              .filter(g -> g.has(places.getFirst()))
              .findFirst()
              .map(Group::wishes)
              .orElse(Wishes.NONE);
      Plan other =
          plan.with(plan.coats().without(places).with(new Group(groupId, name, places, wishes)));
      CoatGroups.get(other, groupId);
      return edited(other, Told.Code.GROUPED, name);
    }
  }

  record NameGroup(String groupId, String name) implements CoatEdit {
    @Override
    public Edited to(Plan plan, Editing editing) {
      Group group = CoatGroups.get(plan, groupId);
      return edited(
          plan.with(plan.coats().with(group.named(name.strip()))), Told.Code.NAMED_GROUP, name);
    }
  }

  /** What is in it is grouped by what it is again. */
  record DissolveGroup(String groupId) implements CoatEdit {
    @Override
    public Edited to(Plan plan, Editing editing) {
      Group group = CoatGroups.get(plan, groupId);
      return edited(
          plan.with(plan.coats().without(group.places())), Told.Code.UNGROUPED, group.name());
    }
  }

  /** The coats of one group for another as well. */
  record CopyCoats(String fromGroupId, String groupId) implements CoatEdit {
    @Override
    public boolean takesOver(Subject subject) {
      return subject.isOf(Subject.Kind.BAND, fromGroupId)
          || subject.isOf(Subject.Kind.BAND_ORDER, fromGroupId)
          || subject.kind() == Subject.Kind.FACE_SURFACE;
    }

    @Override
    public Edited to(Plan plan, Editing editing) {
      Group from = CoatGroups.get(plan, fromGroupId);
      Group group = CoatGroups.get(plan, groupId);
      Wishes wishes = from.wishes().asScheme();
      Optional<Band.Coat> ground =
          read(plan, from, editing)
              .band(Band.GROUND)
              .filter(b -> b.band() instanceof Band.Coat)
              .map(b -> (Band.Coat) b.band());
      if (wishes.coat(Band.GROUND).product().isEmpty() && ground.isPresent()) {
        // a ground that was proposed by its colour is the same ground there
        wishes =
            wishes.with(Band.GROUND, wishes.coat(Band.GROUND).with(product(ground.get().of())));
      }
      return edited(kept(plan, group, wishes, editing), Told.Code.COPIED_COATS, "");
    }

    private static Wish.Product product(InHand of) {
      return of.potId()
          .<Wish.Product>map(Wish.Product.OfPot::new)
          .orElseGet(() -> new Wish.Product.AsIf(of.medium().coverage().colour()));
    }
  }

  /** Another school for this piece. */
  record ChooseHabits(Habits habits) implements CoatEdit {
    @Override
    public Edited to(Plan plan, Editing editing) {
      return edited(plan.with(plan.coats().with(habits)), Told.Code.CHOSE_HABITS, "");
    }
  }

  // ---- what they share

  private static Edited edited(Plan plan, Told.Code code, String name) {
    return new Edited(plan, Told.of(code, name), Edited.Focus.NONE);
  }

  private static GroupReader reader(Plan plan, Group group, Editing editing) {
    return CoatsReader.of(plan, editing.whole().apply(plan), editing.shelf().coats(), group);
  }

  private static GroupReading read(Plan plan, Group group, Editing editing) {
    return reader(plan, group, editing).read(group);
  }

  /** The map follows: a face shows the paint that was chosen for its ground. */
  private static Plan kept(Plan plan, Group group, Wishes wishes, Editing editing) {
    Plan with = plan.with(plan.coats().with(group.with(wishes)));
    Optional<Colour> ground =
        wishes
            .coat(Band.GROUND)
            .product()
            .flatMap(editing.shelf().coats()::product)
            .map(p -> p.medium().coverage().colour());
    if (ground.isEmpty()) {
      return with;
    }
    for (Place place : group.places()) {
      if (place instanceof Place.OfFace(String id)) {
        Found found = with.foundOn(id);
        if (!found.surface().ground().equals(ground.get())) {
          // what it is painted over is what it was until now
          Found.Surface was = found.surface();
          with =
              with.with(
                  id,
                  found.with(was.being(Optional.of(CoatsReader.colourNow(was))).on(ground.get())));
        }
      }
    }
    return with;
  }

  /** A coat, or something that is done for its looks and may be done elsewhere. */
  private static Band changeable(GroupReading now, String band) {
    return now.band(band)
        .map(BandReading::band)
        .filter(b -> b instanceof Band.Coat || b instanceof Band.Step s && s.kind().isDressing())
        .orElseThrow(() -> gone("band", band));
  }

  private static RefusedInput gone(String field, String value) {
    return new RefusedInput(
        field, given(value), said("is-not-in-this-build-up"), said("one-that-is"));
  }

  private static String name(Band band) {
    return switch (band) {
      case Band.Coat c -> c.of().medium().name();
      case Band.OfLay l -> l.lay().name();
      case Band.Step s -> Told.STEP + s.kind().name();
    };
  }
}
