package craftmap.server.changes;

import jakarta.persistence.EntityManager;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Notes what changes, and tells how often something did. A row for each thing counts its changes:
 * there is no order among them that servers of a cluster would have to agree on, and whoever knows
 * the counts of before sees what was changed since, however late a change was committed.
 */
@Component
public class Changes {
  /** More of a kind in one change are noted together. */
  private static final int SINGLY = 50;

  /** What anything is kept by: pieces and what they claim have a row each, and are left aside. */
  private static final Set<Thing> STAMPED =
      EnumSet.of(Thing.DESIGN, Thing.MEDIUM, Thing.TOOL, Thing.STOCK, Thing.LEARNED);

  private static final String NOTE =
      """
      insert into changed (studio_id, thing, thing_id, times, by_window, by_times)
      values (?, ?, ?, 1, ?, 1)
      on duplicate key update
        times = times + 1, by_window = values(by_window), by_times = times
      """;

  private final JdbcTemplate jdbc;
  private final NamedParameterJdbcTemplate named;
  private final EntityManager entities;
  private final AtWindow at;
  private final Moment moment = new Moment();

  Changes(JdbcTemplate jdbc, EntityManager entities, AtWindow at) {
    this.jdbc = jdbc;
    this.named = new NamedParameterJdbcTemplate(jdbc);
    this.entities = entities;
    this.at = at;
  }

  /**
   * How often things of some kinds were changed; another one as soon as one was.
   *
   * @param within what this change has done itself and others do not see yet
   */
  public record Stamp(Map<Thing, Long> times, String within) {
    /** Whether none of them was changed by the change that asks. */
    public boolean isAsOthersSeeIt() {
      return within.isEmpty();
    }
  }

  private record Told(String studioId, Thing thing, String id) implements Comparable<Told> {
    @Override
    public int compareTo(Told other) {
      int byStudio = studioId.compareTo(other.studioId);
      int byThing = byStudio == 0 ? thing.name().compareTo(other.thing.name()) : byStudio;
      return byThing == 0 ? id.compareTo(other.id) : byThing;
    }
  }

  /**
   * Notes within a change that a thing is changed by it.
   *
   * @throws IllegalStateException outside of a change
   */
  public void tell(String studioId, Thing thing, String id) {
    ofThisChange().told(new Told(studioId, thing, id));
  }

  /** Whether something is being changed: what is seen now is not what others see. */
  public static boolean isUnderWay() {
    return TransactionSynchronizationManager.isActualTransactionActive()
        && !TransactionSynchronizationManager.isCurrentTransactionReadOnly();
  }

  /**
   * How often things of some kinds were changed until now. What is done or worked out in one go
   * goes by how it was when it first asked, and by what it has changed itself since: what others
   * read under an older stamp is only read again the sooner.
   */
  public Stamp stamp(String studioId, Thing... kinds) {
    Map<Thing, Long> all =
        TransactionSynchronizationManager.isSynchronizationActive()
            ? moment.ofThisGo().computeIfAbsent(studioId, this::stamped)
            : stamped(studioId);
    Map<Thing, Long> asked = new EnumMap<>(Thing.class);
    for (Thing kind : kinds) {
      if (!STAMPED.contains(kind)) {
        throw new IllegalStateException("impossible state: nothing is kept by " + kind);
      }
      asked.put(kind, all.getOrDefault(kind, 0L));
    }
    return new Stamp(
        asked,
        TransactionSynchronizationManager.getResource(this) instanceof Noting noting
            ? noting.within(List.of(kinds))
            : "");
  }

  private Map<Thing, Long> stamped(String studioId) {
    Map<Thing, Long> times = new EnumMap<>(Thing.class);
    named.query(
        """
        select thing, sum(times) from changed
        where studio_id = :studio and thing in (:kinds) group by thing
        """,
        Map.of("studio", studioId, "kinds", STAMPED.stream().map(Enum::name).toList()),
        row -> {
          times.put(Thing.valueOf(row.getString(1)), row.getLong(2));
        });
    return times;
  }

  /** How often things of each kind were changed until now; those that never were are not in it. */
  public Map<Thing, Long> times(String studioId) {
    Map<Thing, Long> times = new EnumMap<>(Thing.class);
    jdbc.query(
        "select thing, sum(times) from changed where studio_id = ? group by thing",
        row -> {
          times.put(Thing.valueOf(row.getString(1)), row.getLong(2));
        },
        studioId);
    return times;
  }

  /** The same by what answers follow from, with those that never were. */
  public static Map<Tag, Long> byTag(Map<Thing, Long> times) {
    Map<Tag, Long> all = new EnumMap<>(Tag.class);
    for (Tag tag : Tag.values()) {
      all.put(tag, 0L);
    }
    times.forEach((thing, n) -> all.merge(thing.tag(), n, Long::sum));
    return all;
  }

  /** How often things were changed in several studios, by their ids. */
  public Map<String, Map<Thing, Long>> times(Collection<String> studioIds) {
    Map<String, Map<Thing, Long>> times = new HashMap<>();
    studioIds.forEach(id -> times.put(id, new EnumMap<>(Thing.class)));
    named.query(
        """
        select studio_id, thing, sum(times) from changed
        where studio_id in (:studios) group by studio_id, thing
        """,
        Map.of("studios", studioIds),
        row -> {
          times.get(row.getString(1)).put(Thing.valueOf(row.getString(2)), row.getLong(3));
        });
    return times;
  }

  /**
   * How often one thing was changed.
   *
   * @param window in which it was changed the last time; empty where nobody knows
   */
  public record Count(Thing thing, String id, long times, String window) {}

  /** How often each of a studio's things of some kinds was changed. */
  public List<Count> counts(String studioId, Collection<Thing> kinds) {
    return named.query(
        """
        select thing, thing_id, times, if(by_times = times, by_window, '') from changed
        where studio_id = :studio and thing in (:kinds)
        """,
        Map.of("studio", studioId, "kinds", kinds.stream().map(Enum::name).toList()),
        (row, i) ->
            new Count(
                Thing.valueOf(row.getString(1)),
                row.getString(2),
                row.getLong(3),
                row.getString(4)));
  }

  private Noting ofThisChange() {
    if (TransactionSynchronizationManager.getResource(this) instanceof Noting noting) {
      return noting;
    }
    if (!TransactionSynchronizationManager.isActualTransactionActive()) {
      throw new IllegalStateException("impossible state: something is told outside of a change");
    }
    Noting fresh = new Noting();
    TransactionSynchronizationManager.registerSynchronization(fresh);
    TransactionSynchronizationManager.bindResource(this, fresh);
    return fresh;
  }

  /** What one change has told, written just before it is committed, by all in the same order. */
  private final class Noting implements TransactionSynchronization {
    private final String id = UUID.randomUUID().toString();
    private final TreeSet<Told> told = new TreeSet<>();
    private final Map<Thing, Integer> times = new EnumMap<>(Thing.class);

    void told(Told what) {
      told.add(what);
      times.merge(what.thing(), 1, Integer::sum);
    }

    /** Of kinds that it has changed, no one else's answer will do, nor its own of before. */
    String within(List<Thing> kinds) {
      int changed = kinds.stream().mapToInt(k -> times.getOrDefault(k, 0)).sum();
      return changed > 0 ? id + " " + changed : "";
    }

    @Override
    public void suspend() {
      TransactionSynchronizationManager.unbindResource(Changes.this);
    }

    @Override
    public void resume() {
      TransactionSynchronizationManager.bindResource(Changes.this, this);
    }

    @Override
    public void beforeCommit(boolean readOnly) {
      // rows of others are taken hold of before those that all share
      entities.flush();
      jdbc.batchUpdate(NOTE, rows());
    }

    private List<Object[]> rows() {
      List<Object[]> rows = new ArrayList<>();
      Map<Thing, Integer> many = new EnumMap<>(Thing.class);
      told.forEach(t -> many.merge(t.thing(), 1, Integer::sum));
      TreeSet<Told> noted = new TreeSet<>();
      for (Told t : told) {
        noted.add(
            many.get(t.thing()) > SINGLY ? new Told(t.studioId(), t.thing(), "many " + id) : t);
      }
      String window = at.window();
      noted.forEach(t -> rows.add(new Object[] {t.studioId(), t.thing().name(), t.id(), window}));
      return rows;
    }

    @Override
    public void beforeCompletion() {
      TransactionSynchronizationManager.unbindResourceIfPossible(Changes.this);
    }
  }
}
