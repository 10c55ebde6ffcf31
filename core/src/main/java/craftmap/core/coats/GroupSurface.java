package craftmap.core.coats;

import craftmap.core.colour.Colour;
import craftmap.core.surface.Blemish;
import craftmap.core.surface.Exposure;
import craftmap.core.surface.Finish;
import craftmap.core.surface.MakeUp;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/**
 * The bare surface of a group: what it is made of, what is on it, what it has to bear, how much
 * there is of it.
 *
 * @param now the colour it has now
 * @param wanted the colour that shall be under the designs
 * @param damage what was marked on it
 * @param level whether it lies level, so that what is poured onto it stays there
 */
public record GroupSurface(
    MakeUp makeUp,
    Finish finish,
    Colour now,
    Colour wanted,
    Set<Exposure> exposure,
    Extent extent,
    List<Blemish> damage,
    boolean level) {
  private static final Set<MakeUp> WOODEN = EnumSet.of(MakeUp.WOOD, MakeUp.VENEER, MakeUp.BOARD);
  private static final Set<MakeUp> SLICK =
      EnumSet.of(MakeUp.LAMINATE, MakeUp.GLASS, MakeUp.GLAZED, MakeUp.METAL, MakeUp.PLASTIC);

  /** Damage that discolours what is put over it and need not be filled. */
  private static final List<String> STAINS =
      List.of("stain", "burn", "ring", "knot", "nicotine", "ink", "water mark", "tannin");

  /** What bleeds is blocked so often. */
  public static final int TIMES_BLOCKED = 2;

  /** What is worn is sealed so often. */
  public static final int TIMES_SEALED = 3;

  /** A coat is light where a stain of tannin would show on it. */
  private static final double LIGHT_FROM = 0.3;

  /** Damage that is long and not deep. */
  private static final double SCRATCH_DEEP_MM = 0.8;

  private static final double DEEPEST_MM = 4;

  /** A hollow has about this share of the cylinder around it. */
  private static final double HOLLOW = 0.6;

  /**
   * How much there is of it.
   *
   * @param areaMm2 what a coat has to cover, with relief and edges
   * @param edgeMm round its faces
   * @param runsOverMm2 the edges of a board, over which runs what is poured
   * @param widestMm its widest face, from side to side
   * @param maskMm what has to be taped: round keep-outs, and beside what gets other coats
   * @param holes where hardware goes back
   * @param tallestMm the height of its tallest upright face
   */
  public record Extent(
      double areaMm2,
      double edgeMm,
      double runsOverMm2,
      double widestMm,
      double maskMm,
      int holes,
      double tallestMm) {}

  public GroupSurface {
    exposure = Set.copyOf(exposure);
    damage = List.copyOf(damage);
  }

  public double areaMm2() {
    return extent.areaMm2();
  }

  public boolean isWooden() {
    return WOODEN.contains(makeUp);
  }

  /** What paint slides off, as long as nothing that names it lies between. */
  public boolean isSlick() {
    return SLICK.contains(makeUp) && finish != Finish.PAINTED;
  }

  /** Whether the first coat soaks in. */
  public boolean drinks() {
    return isWooden() && finish == Finish.BARE;
  }

  /** Whether wood with colour of its own, or a stain, comes through a coat of a colour. */
  public boolean bleedsThrough(Colour coat) {
    return mayBleed() && coat.luminance() >= LIGHT_FROM;
  }

  private boolean mayBleed() {
    boolean wood = makeUp == MakeUp.WOOD || makeUp == MakeUp.VENEER;
    return wood && finish != Finish.PAINTED || damage.stream().anyMatch(GroupSurface::stains);
  }

  public boolean bears(Exposure what) {
    return exposure.contains(what);
  }

  static boolean stains(Blemish blemish) {
    String kind = blemish.kind().toLowerCase(Locale.ENGLISH);
    return STAINS.stream().anyMatch(kind::contains);
  }

  /** What has to be filled. */
  public List<Blemish> hollows() {
    return damage.stream().filter(b -> !stains(b)).toList();
  }

  /** What goes into a hollow: a flat bowl as wide as it is marked, a scratch less deep. */
  static double hollowMl(Blemish blemish) {
    double d = blemish.diameterMm();
    double deep =
        blemish.kind().toLowerCase(Locale.ENGLISH).contains("scratch")
            ? SCRATCH_DEEP_MM
            : Math.min(DEEPEST_MM, d / 4);
    return Math.PI / 4 * d * d * deep * HOLLOW / 1000;
  }

  public double fillMl() {
    return hollows().stream().mapToDouble(GroupSurface::hollowMl).sum();
  }
}
