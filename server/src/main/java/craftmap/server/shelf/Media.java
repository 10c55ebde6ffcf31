package craftmap.server.shelf;

import craftmap.core.measure.MeasureSheet;
import craftmap.core.medium.Medium;
import craftmap.server.changes.Changes;
import craftmap.server.changes.Lately;
import craftmap.server.changes.Thing;
import craftmap.server.writing.Guarded;
import craftmap.server.writing.Solves;
import craftmap.server.writing.Version;
import java.time.Clock;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** The media of a studio. */
@Service
@Solves
public class Media {
  private final MediumRows rows;
  private final Clock clock;
  private final Changes changes;
  private final Lately<List<MediumRows.Light>> light = new Lately<>();

  /**
   * A label is read anew only once one was changed: every reading of coats asks for all of them.
   */
  private final Lately<Map<String, OwnedMedium>> owned = new Lately<>();

  Media(MediumRows rows, Clock clock, Changes changes) {
    this.changes = changes;
    this.rows = rows;
    this.clock = clock;
  }

  /** A medium with the label its answers stand on. */
  public record MediumReading(Medium medium, MeasureSheet label) {}

  public List<OwnedMedium> all(String studioId) {
    return List.copyOf(byId(studioId, stamp(studioId)).values());
  }

  private Map<String, OwnedMedium> byId(String studioId, Changes.Stamp stamp) {
    return owned.of(
        studioId,
        stamp,
        () -> {
          Map<String, OwnedMedium> all = new LinkedHashMap<>();
          rows.findByStudioIdOrderByNameAscIdAsc(studioId)
              .forEach(row -> all.put(row.getId(), row.toOwned()));
          return all;
        });
  }

  /** By itself where some are being changed: a list that is taken in would read all each time. */
  public Optional<OwnedMedium> find(String studioId, String id) {
    Changes.Stamp stamp = stamp(studioId);
    return stamp.isAsOthersSeeIt()
        ? Optional.ofNullable(byId(studioId, stamp).get(id))
        : rows.findByStudioIdAndId(studioId, id).map(MediumRow::toOwned);
  }

  private Changes.Stamp stamp(String studioId) {
    return changes.stamp(studioId, Thing.MEDIUM);
  }

  public OwnedMedium get(String studioId, String id) {
    return find(studioId, id)
        .orElseThrow(() -> new NoSuchElementException("There is no medium " + id + "."));
  }

  List<MediumRows.Light> light(String studioId) {
    return light.of(studioId, stamp(studioId), () -> rows.light(studioId));
  }

  /** What the core makes of a label, without keeping it. */
  public MediumReading read(MediumGiven given) {
    MeasureSheet label = given.label().sheet();
    return new MediumReading(given.read("new", label), label);
  }

  @Guarded
  public OwnedMedium add(String studioId, MediumGiven given) {
    return add(studioId, UUID.randomUUID().toString(), given);
  }

  /** Under an id of the caller's. */
  @Guarded
  public OwnedMedium add(String studioId, String id, MediumGiven given) {
    return write(studioId, new MediumRow(id, studioId), given);
  }

  /** Changes it, unless somebody else did since this version of it. */
  @Guarded
  public OwnedMedium change(String studioId, String id, Version seen, MediumGiven given) {
    MediumRow row =
        rows.findByStudioIdAndId(studioId, id)
            .orElseThrow(() -> new NoSuchElementException("There is no medium " + id + "."));
    seen.check(row.version(), row.changedAt(), row.name());
    write(studioId, row, given);
    rows.flush();
    return row.toOwned();
  }

  private OwnedMedium write(String studioId, MediumRow row, MediumGiven given) {
    changes.tell(studioId, Thing.MEDIUM, row.getId());
    row.write(given, given.read(row.getId(), given.label().sheet()), clock.instant());
    return rows.save(row).toOwned();
  }
}
