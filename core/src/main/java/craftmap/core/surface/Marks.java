package craftmap.core.surface;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
    Stream.of(keepOuts, holes, breaks, blemishes, zones)
        .flatMap(List::stream)
        .map(Mark::id)
        .forEach(
            id -> {
              if (!seen.add(id)) {
                throw new RefusedInput(
                    "mark", given(id), said("is-there-twice"), said("one-mark-for-each-id"));
              }
            });
    if (seen.size() > MOST) {
      throw new RefusedInput(
          "marks", given(seen.size()), said("are-too-many"), said("at-most", given(MOST)));
    }
  }

  /** The ids of all of them. */
  public Set<String> ids() {
    return all().map(Mark::id).collect(Collectors.toSet());
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
        each(keepOuts, k -> k.mirrored(widthMm)),
        each(holes, h -> h.mirrored(widthMm)),
        each(breaks, b -> b.mirrored(widthMm)),
        each(blemishes, b -> b.mirrored(widthMm)),
        each(zones, z -> z.mirrored(widthMm)));
  }

  /** Damage is where it is; everything else can be handed on to another face. */
  public Marks withoutBlemishes() {
    return new Marks(keepOuts, holes, breaks, List.of(), zones);
  }

  /** With this damage instead. */
  public Marks withBlemishes(List<Blemish> others) {
    return new Marks(keepOuts, holes, breaks, others, zones);
  }

  /** With their photos under other ids; a photo that is not among them is forgotten. */
  public Marks relinked(Map<String, String> newIds) {
    return withBlemishes(
        each(
            blemishes,
            b -> b.showing(b.photoId().flatMap(p -> Optional.ofNullable(newIds.get(p))))));
  }

  /** The same marks under other ids. */
  public Marks renamed(UnaryOperator<String> ids) {
    return new Marks(
        each(keepOuts, k -> k.under(ids.apply(k.id()))),
        each(holes, h -> h.under(ids.apply(h.id()))),
        each(breaks, b -> b.under(ids.apply(b.id()))),
        each(blemishes, b -> b.under(ids.apply(b.id()))),
        each(zones, z -> z.under(ids.apply(z.id()))));
  }

  /** With one more mark, or with one of them as it is now; it stays where it is among them. */
  public Marks with(Mark mark) {
    return switch (mark) {
      case KeepOut k -> new Marks(put(keepOuts, k), holes, breaks, blemishes, zones);
      case Hole h -> new Marks(keepOuts, put(holes, h), breaks, blemishes, zones);
      case Break b -> new Marks(keepOuts, holes, put(breaks, b), blemishes, zones);
      case Blemish b -> new Marks(keepOuts, holes, breaks, put(blemishes, b), zones);
      case Zone z -> new Marks(keepOuts, holes, breaks, blemishes, put(zones, z));
    };
  }

  public Marks without(String id) {
    return new Marks(
        left(keepOuts, id),
        left(holes, id),
        left(breaks, id),
        left(blemishes, id),
        left(zones, id));
  }

  public Stream<Mark> all() {
    return Stream.of(keepOuts, holes, breaks, blemishes, zones).flatMap(List::stream);
  }

  public Optional<Mark> mark(String id) {
    return all().filter(m -> m.id().equals(id)).findFirst();
  }

  private static <M extends Mark> List<M> each(List<M> marks, UnaryOperator<M> change) {
    return marks.stream().map(change).toList();
  }

  private static <M extends Mark> List<M> put(List<M> marks, M mark) {
    return marks.stream().anyMatch(m -> m.id().equals(mark.id()))
        ? each(marks, m -> m.id().equals(mark.id()) ? mark : m)
        : both(marks, List.of(mark));
  }

  private static <M extends Mark> List<M> left(List<M> marks, String id) {
    return marks.stream().filter(m -> !m.id().equals(id)).toList();
  }

  public int count() {
    return keepOuts.size() + holes.size() + breaks.size() + blemishes.size() + zones.size();
  }
}
