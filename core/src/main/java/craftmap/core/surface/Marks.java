package craftmap.core.surface;

import craftmap.core.measure.RefusedInput;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What is in the way, or to be minded, on one face. */
public record Marks(
    List<KeepOut> keepOuts,
    List<Hole> holes,
    List<Break> breaks,
    List<Blemish> blemishes,
    List<Zone> zones) {
  public static final Marks NONE = new Marks(List.of(), List.of(), List.of(), List.of(), List.of());

  /** More than this on one face is a slip, not a survey. */
  public static final int MOST = 1_000;

  public Marks {
    keepOuts = List.copyOf(keepOuts);
    holes = List.copyOf(holes);
    breaks = List.copyOf(breaks);
    blemishes = List.copyOf(blemishes);
    zones = List.copyOf(zones);
    Set<String> seen = new HashSet<>();
    ids(keepOuts, holes, breaks, blemishes, zones)
        .forEach(
            id -> {
              if (!seen.add(id)) {
                throw new RefusedInput("Mark", id, "is there twice", "one mark for each id");
              }
            });
    if (seen.size() > MOST) {
      throw new RefusedInput("Marks", "" + seen.size(), "are too many", "at most " + MOST);
    }
  }

  /** The ids of all of them. */
  public Set<String> ids() {
    return ids(keepOuts, holes, breaks, blemishes, zones).collect(Collectors.toSet());
  }

  private static Stream<String> ids(
      List<KeepOut> keepOuts,
      List<Hole> holes,
      List<Break> breaks,
      List<Blemish> blemishes,
      List<Zone> zones) {
    return Stream.of(
            keepOuts.stream().map(KeepOut::id),
            holes.stream().map(Hole::id),
            breaks.stream().map(Break::id),
            blemishes.stream().map(Blemish::id),
            zones.stream().map(Zone::id))
        .flatMap(s -> s);
  }

  public static Marks ofHoles(List<Hole> holes) {
    return new Marks(List.of(), holes, List.of(), List.of(), List.of());
  }

  public static Marks ofKeepOuts(List<KeepOut> keepOuts) {
    return new Marks(keepOuts, List.of(), List.of(), List.of(), List.of());
  }

  public static Marks ofBreaks(List<Break> breaks) {
    return new Marks(List.of(), List.of(), breaks, List.of(), List.of());
  }

  public Marks and(Marks more) {
    return new Marks(
        both(keepOuts, more.keepOuts),
        both(holes, more.holes),
        both(breaks, more.breaks),
        both(blemishes, more.blemishes),
        both(zones, more.zones));
  }

  private static <T> List<T> both(List<T> a, List<T> b) {
    List<T> all = new ArrayList<>(a);
    all.addAll(b);
    return all;
  }

  /** Turned over left to right, for the other of a pair. */
  public Marks mirrored(double widthMm) {
    return new Marks(
        keepOuts.stream()
            .map(k -> new KeepOut(k.id(), k.name(), k.area().mirrored(widthMm), k.forbids()))
            .toList(),
        holes.stream().map(h -> h.mirrored(widthMm)).toList(),
        breaks.stream().map(b -> b.mirrored(widthMm)).toList(),
        blemishes.stream().map(b -> b.mirrored(widthMm)).toList(),
        zones.stream().map(z -> z.mirrored(widthMm)).toList());
  }

  /** Damage is where it is; everything else can be handed on to another face. */
  public Marks withoutBlemishes() {
    return new Marks(keepOuts, holes, breaks, List.of(), zones);
  }

  /** The same marks under other ids. */
  public Marks renamed(UnaryOperator<String> ids) {
    return new Marks(
        keepOuts.stream()
            .map(k -> new KeepOut(ids.apply(k.id()), k.name(), k.area(), k.forbids()))
            .toList(),
        holes.stream()
            .map(
                h ->
                    new Hole(
                        ids.apply(h.id()),
                        h.name(),
                        h.middle(),
                        h.diameterMm(),
                        h.count(),
                        h.spacingMm(),
                        h.upright()))
            .toList(),
        breaks.stream()
            .map(
                b ->
                    new Break(
                        ids.apply(b.id()), b.name(), b.from(), b.to(), b.widthMm(), b.stepMm()))
            .toList(),
        blemishes.stream()
            .map(
                b ->
                    new Blemish(
                        ids.apply(b.id()),
                        b.number(),
                        b.kind(),
                        b.centre(),
                        b.diameterMm(),
                        b.note(),
                        b.photoId()))
            .toList(),
        zones.stream()
            .map(z -> new Zone(ids.apply(z.id()), z.name(), z.colour(), z.area()))
            .toList());
  }

  public int count() {
    return keepOuts.size() + holes.size() + breaks.size() + blemishes.size() + zones.size();
  }
}
