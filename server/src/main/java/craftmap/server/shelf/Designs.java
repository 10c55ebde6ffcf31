package craftmap.server.shelf;

import static craftmap.core.measure.Figure.said;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import craftmap.core.artwork.Artwork;
import craftmap.core.colour.Colour;
import craftmap.core.design.Design;
import craftmap.core.design.DesignKind;
import craftmap.core.design.Picture;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.RefusedInput;
import craftmap.server.artwork.ArtworkForm;
import craftmap.server.artwork.Artworks;
import craftmap.server.artwork.StoredArtwork;
import craftmap.server.changes.Changes;
import craftmap.server.changes.Lately;
import craftmap.server.changes.Thing;
import craftmap.server.writing.Guarded;
import craftmap.server.writing.Solves;
import craftmap.server.writing.Version;
import java.time.Clock;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The designs of a studio. */
@Service
@Solves
public class Designs {
  private static final Set<DesignKind> WITH_OPENINGS = EnumSet.noneOf(DesignKind.class);

  static {
    for (DesignKind kind : DesignKind.values()) {
      if (kind.drawn() == DesignKind.Drawn.OPENINGS) {
        WITH_OPENINGS.add(kind);
      }
    }
  }

  private static final int MOST_READ = 5_000;

  private final DesignRows rows;
  private final Artworks artworks;
  private final Clock clock;
  private final Changes changes;
  private final Lately<List<DesignRows.Light>> light = new Lately<>();

  /** Artwork takes time to read: a design is read once for each change of it. */
  private final Cache<String, Read> read = Caffeine.newBuilder().maximumSize(MOST_READ).build();

  /** What was asked for since a design was last changed. */
  private final Lately<Map<String, Optional<OwnedDesign>>> found = new Lately<>();

  private final AtomicLong lastPlace = new AtomicLong();

  private record Read(long version, OwnedDesign design) {}

  Designs(DesignRows rows, Artworks artworks, Clock clock, Changes changes) {
    this.changes = changes;
    this.rows = rows;
    this.artworks = artworks;
    this.clock = clock;
  }

  /** A design with the sheet its answers stand on: every question in its order. */
  public record DesignReading(Design design, MeasureSheet sheet) {}

  public List<OwnedDesign> all(String studioId) {
    return rows.all(studioId).stream().map(r -> readOnce(studioId, r)).toList();
  }

  /** Designs that are painted through openings. */
  public List<OwnedDesign> stencils(String studioId) {
    return rows.ofKinds(studioId, WITH_OPENINGS).stream().map(r -> readOnce(studioId, r)).toList();
  }

  /** Also one that was taken off the shelf: old plans still know it. */
  public Optional<OwnedDesign> find(String studioId, String id) {
    Changes.Stamp stamp = stamp(studioId);
    if (!stamp.isAsOthersSeeIt()) {
      return look(studioId, id);
    }
    Map<String, Optional<OwnedDesign>> known = found.of(studioId, stamp, ConcurrentHashMap::new);
    Optional<OwnedDesign> design = known.get(id);
    if (design == null) {
      design = look(studioId, id);
      known.put(id, design);
    }
    return design;
  }

  private Optional<OwnedDesign> look(String studioId, String id) {
    return rows.findByStudioIdAndId(studioId, id).map(r -> readOnce(studioId, r));
  }

  public OwnedDesign get(String studioId, String id) {
    return find(studioId, id)
        .orElseThrow(() -> new NoSuchElementException("There is no design " + id + "."));
  }

  List<DesignRows.Light> light(String studioId) {
    return light.of(studioId, stamp(studioId), () -> rows.light(studioId));
  }

  private Changes.Stamp stamp(String studioId) {
    return changes.stamp(studioId, Thing.DESIGN);
  }

  private OwnedDesign readOnce(String studioId, DesignRow row) {
    Read known = read.getIfPresent(row.getId());
    if (known != null && known.version() == row.version()) {
      return known.design();
    }
    DesignGiven given = row.given();
    OwnedDesign design =
        new OwnedDesign(read(studioId, row.getId(), given).design(), given, row.version());
    // a version that is taken back again is made once more, by something else
    if (stamp(studioId).isAsOthersSeeIt()) {
      read.put(row.getId(), new Read(row.version(), design));
    }
    return design;
  }

  /** What the core makes of a design as it is told, without keeping it. */
  public DesignReading read(String studioId, String id, DesignGiven given) {
    return read(id, given, artwork(studioId, given));
  }

  private Optional<StoredArtwork> artwork(String studioId, DesignGiven given) {
    return given.artwork().map(a -> artworks.get(studioId, a));
  }

  private static DesignReading read(String id, DesignGiven given, Optional<StoredArtwork> artwork) {
    MeasureSheet sheet = given.answers().sheet();
    Optional<Picture> picture =
        given.kind().drawn() == DesignKind.Drawn.NOTHING
            ? Optional.empty()
            : artwork.map(a -> picture(a, given));
    Design design = given.kind().read(given.card(id), sheet, picture);
    return new DesignReading(picture.isEmpty() ? withWhatIsTold(id, given, design) : design, sheet);
  }

  /** What is known of a picture counts also where there is no file of it. */
  private static Design withWhatIsTold(String id, DesignGiven given, Design taped) {
    boolean isPicture =
        switch (given.kind().drawn()) {
          case INK, OUTLINE, PICTURE -> true;
          case OPENINGS, NOTHING -> false;
        };
    boolean told = given.background() != null || !given.motifs().isEmpty();
    if (!isPicture || !told || taped.picture().isEmpty()) {
      return taped;
    }
    Picture bare = taped.picture().get();
    Picture known =
        new Picture(
            bare.widthMm(),
            bare.heightMm(),
            bare.shape(),
            Optional.ofNullable(given.background()).map(Colour::new),
            given.motifBoxes());
    return given.kind().read(given.card(id), given.answers().sheet(), Optional.of(known));
  }

  private static Picture picture(StoredArtwork artwork, DesignGiven given) {
    if (!artwork.trueSize()) {
      throw new RefusedInput(
          "artwork",
          said("its-size"),
          said("is-not-known-yet"),
          said("one-known-measure-such-as-the-width-of-the"));
    }
    Optional<Artwork> shape =
        artwork.form() == ArtworkForm.SVG
            ? switch (given.kind().drawn()) {
              case OPENINGS -> Optional.of(artwork.drawing().openings());
              case OUTLINE -> Optional.of(artwork.drawing().silhouette());
              case INK, PICTURE, NOTHING -> Optional.<Artwork>empty();
            }
            : Optional.empty();
    Optional<Colour> ground = Optional.ofNullable(given.background()).map(Colour::new);
    return new Picture(
        artwork.widthMm(),
        artwork.heightMm(),
        shape,
        ground,
        given.motifBoxes(),
        given.kind().drawn() == DesignKind.Drawn.INK
            ? Optional.of(artwork.ink(ground))
            : Optional.empty());
  }

  @Guarded
  public OwnedDesign add(String studioId, DesignGiven given) {
    return add(studioId, UUID.randomUUID().toString(), given);
  }

  /** Under an id of the caller's. */
  @Guarded
  public OwnedDesign add(String studioId, String id, DesignGiven given) {
    return write(studioId, new DesignRow(id, studioId, nextPlace()), given);
  }

  /** Changes it, unless somebody else did since this version of it. */
  @Guarded
  public OwnedDesign change(String studioId, String id, Version seen, DesignGiven given) {
    DesignRow row = row(studioId, id);
    seen.check(row.version(), row.changedAt(), row.name());
    write(studioId, row, given);
    rows.flush();
    return new OwnedDesign(read(studioId, id, row.given()).design(), row.given(), row.version());
  }

  /** What comes later stands further on, whichever server puts it there. */
  private long nextPlace() {
    return lastPlace.updateAndGet(last -> Math.max(last + 1, clock.millis()));
  }

  private OwnedDesign write(String studioId, DesignRow row, DesignGiven given) {
    Optional<StoredArtwork> artwork = artwork(studioId, given);
    Design design = read(row.getId(), given, artwork).design();
    row.write(given, design, Looks.of(given, design, artwork), clock.instant());
    rows.save(row);
    changes.tell(studioId, Thing.DESIGN, row.getId());
    return new OwnedDesign(design, row.given(), row.version());
  }

  /** The ids of all designs by kind and name, the first where several are called the same. */
  public Map<Named, String> names(String studioId) {
    Map<Named, String> names = new HashMap<>();
    light(studioId).forEach(d -> names.putIfAbsent(Named.of(d.kind(), d.name()), d.id()));
    return names;
  }

  /** What a design is told from others by in a list. */
  public record Named(DesignKind kind, String name) {
    public static Named of(DesignKind kind, String name) {
      return new Named(kind, name.strip().toLowerCase(Locale.ENGLISH));
    }
  }

  /** Takes a design off the shelf; plans that have it keep it. */
  @Guarded
  public void takeAway(String studioId, String id) {
    DesignRow row = row(studioId, id);
    row.takeAway(clock.instant());
    rows.save(row);
    changes.tell(studioId, Thing.DESIGN, id);
  }

  /**
   * Works out sizes and colours of designs that were moved here from an older shelf, and writes
   * their artwork anew.
   */
  @Transactional
  public void measureUnmeasured(String studioId) {
    for (DesignRow row : rows.all(studioId)) {
      if (!row.isMeasured()) {
        DesignGiven old = row.given();
        String renewed =
            artworks
                .add(studioId, artworks.get(studioId, old.artwork().orElseThrow()).content())
                .id();
        write(
            studioId,
            row,
            new DesignGiven(
                old.kind(),
                old.name(),
                old.motif(),
                old.note(),
                old.rights(),
                old.answers(),
                renewed,
                old.background(),
                old.motifs()));
      }
    }
  }

  private DesignRow row(String studioId, String id) {
    return rows.findByStudioIdAndId(studioId, id)
        .orElseThrow(() -> new NoSuchElementException("There is no design " + id + "."));
  }
}
