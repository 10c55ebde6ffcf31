package craftmap.core.coats;

import craftmap.core.coats.reading.GroupReader;
import craftmap.core.colour.Colour;
import craftmap.core.design.Design;
import craftmap.core.log.Learned;
import craftmap.core.medium.Coverage;
import craftmap.core.medium.GenericMedium;
import craftmap.core.medium.Medium;
import craftmap.core.plane.Point;
import craftmap.core.surface.Blemish;
import craftmap.core.surface.Exposure;
import craftmap.core.surface.Finish;
import craftmap.core.surface.MakeUp;
import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** A group to be coated, told step by step, for tests. */
public final class Built {
  private MakeUp makeUp = MakeUp.WOOD;
  private Finish finish = Finish.BARE;
  private Colour now = new Colour("#D9CFBC");
  private Colour wanted = now;
  private final Set<Exposure> exposure = EnumSet.noneOf(Exposure.class);
  private double areaMm2 = 782_000;
  private double runsOverMm2;
  private double maskMm;
  private int holes;
  private double tallestMm = 450;
  private boolean level = true;
  private final List<Blemish> damage = new ArrayList<>();
  private final List<LayHere> lays = new ArrayList<>();
  private final List<InHand> pots = new ArrayList<>();
  private Habits habits = Habits.USUAL;
  private Wishes wishes = Wishes.NONE;
  private Learned learned = Learned.NONE;

  public static Built of(MakeUp makeUp, Finish finish, String now, String wanted) {
    Built built = new Built();
    built.makeUp = makeUp;
    built.finish = finish;
    built.now = new Colour(now);
    built.wanted = new Colour(wanted);
    return built;
  }

  public static Built bareWood() {
    return of(MakeUp.WOOD, Finish.BARE, "#D9CFBC", "#D9CFBC");
  }

  public static Built painted(String now, String wanted) {
    return of(MakeUp.BOARD, Finish.PAINTED, now, wanted);
  }

  public Built bears(Exposure... what) {
    exposure.addAll(List.of(what));
    return this;
  }

  public Built area(double mm2) {
    areaMm2 = mm2;
    return this;
  }

  public Built masked(double mm) {
    maskMm = mm;
    return this;
  }

  public Built holes(int count) {
    holes = count;
    return this;
  }

  public Built tall(double mm) {
    tallestMm = mm;
    return this;
  }

  public Built upright() {
    level = false;
    return this;
  }

  public Built damaged(String kind, double mm) {
    int n = damage.size() + 1;
    damage.add(Blemish.of("b" + n, n, kind, new Point(20, 20), mm));
    return this;
  }

  public Built lay(String id, Design design, double mm2, String pot, int coats) {
    Optional<Medium> medium = pot.isEmpty() ? Optional.empty() : Optional.of(medium(pot));
    lays.add(
        new LayHere(id, Optional.of(design), id, mm2, medium, coats, 12.5, Duration.ofMinutes(20)));
    return this;
  }

  public static Medium medium(String key) {
    return GenericMedium.find(key).orElseThrow().medium();
  }

  /** A pot of a kind of medium, full enough. */
  public Built pot(String key) {
    return pot(key, key, medium(key).coverage().colour().hex(), 5_000);
  }

  public Built pot(String id, String key, String colour, double ml) {
    pots.add(new InHand(Optional.of(id), medium(key).in(new Colour(colour)), ml));
    return this;
  }

  /** A paint that hides a share of what is under it. */
  public Built paint(String id, String colour, double hides) {
    Medium paint = medium("chalky-paint");
    Coverage c = paint.coverage();
    Coverage own =
        new Coverage(new Colour(colour), c.spreadM2PerLitre(), c.coats(), c.hiding(), hides);
    pots.add(
        new InHand(
            Optional.of(id),
            new Medium(id, id, paint.kind(), own, paint.drying(), paint.mixing(), paint.wear()),
            5_000));
    return this;
  }

  public Built taught(Learned lessons) {
    learned = lessons;
    return this;
  }

  public Built habits(Habits other) {
    habits = other;
    return this;
  }

  /** Something that is no coat. */
  public Built step(StepKind kind) {
    wishes = wishes.with(kind);
    return this;
  }

  /** A board whose edges are coated too. */
  public Built boardEdges(double mm2) {
    runsOverMm2 = mm2;
    return this;
  }

  /** Blended from its foot up, the first colour as its ground. */
  public Built blended(double bandMm, String... pots) {
    for (int i = 0; i < pots.length; i++) {
      Where part = new Where.Blended((double) i / pots.length, (i + 1.0) / pots.length, bandMm);
      Wish wish = Wish.of(new Wish.Product.OfPot(pots[i])).with(part);
      wish(i == 0 ? Band.GROUND : Band.ADDED + "blend-" + i, wish);
    }
    return this;
  }

  public Built wishes(Wishes other) {
    wishes = other;
    return this;
  }

  /** One more wish. */
  public Built wish(String key, Wish wish) {
    wishes = wishes.with(key, wish);
    return this;
  }

  public Built without(String key) {
    wishes = wishes.without(key);
    return this;
  }

  /** Of a kind of medium that is owned under its own key. */
  public Built added(String name, String key) {
    return wish(Band.ADDED + name, Wish.of(new Wish.Product.OfPot(key)));
  }

  public GroupSurface surface() {
    double edge = 4 * Math.sqrt(areaMm2);
    return new GroupSurface(
        makeUp,
        finish,
        now,
        wanted,
        exposure,
        new GroupSurface.Extent(
            areaMm2, edge, runsOverMm2, Math.sqrt(areaMm2), maskMm, holes, tallestMm),
        damage,
        level);
  }

  public Group group() {
    return new Group("g", "", List.of(new Place.OfFace("front")), wishes);
  }

  public GroupReader reader() {
    return new GroupReader(surface(), lays, new CoatShelf(pots, List.of()).after(learned), habits);
  }

  public GroupReading read() {
    return reader().read(group());
  }

  /** A band that has to be there. */
  static BandReading band(GroupReading reading, String key) {
    return reading.band(key).orElseThrow(() -> new AssertionError(reading.buildUp().keys()));
  }

  /** The order in which bands stand now, one of them moved before another, or to the top. */
  public Built moved(String key, String before) {
    List<String> order = read().buildUp().moved(key, Optional.ofNullable(before));
    wishes = wishes.ordered(order);
    return this;
  }
}
