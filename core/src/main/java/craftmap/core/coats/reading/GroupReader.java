package craftmap.core.coats.reading;

import craftmap.core.coats.CoatFinding;
import craftmap.core.coats.CoatMend;
import craftmap.core.coats.CoatShelf;
import craftmap.core.coats.Group;
import craftmap.core.coats.GroupReading;
import craftmap.core.coats.GroupSurface;
import craftmap.core.coats.Habits;
import craftmap.core.coats.LayHere;
import craftmap.core.coats.Wishes;
import craftmap.core.coats.rule.CoatRule;
import craftmap.core.coats.rule.CoatRules;
import craftmap.core.coats.rule.Findings;
import craftmap.core.coats.rule.Seen;
import craftmap.core.measure.Level;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Works out the build-up of one group and what is found in it. Every mend that a rule names is
 * tried as if it were taken: it is told only where the finding is gone by it and nothing that stops
 * has come in its place.
 */
public record GroupReader(
    GroupSurface surface, List<LayHere> lays, CoatShelf shelf, Habits habits) {
  public GroupReader {
    lays = List.copyOf(lays);
  }

  public GroupReading read(Group group) {
    GroupReading reading = found(group);
    return reading.found(
        reading.findings().stream()
            .map(
                f ->
                    f.mendedBy(
                        f.mends().stream().filter(m -> mends(group, reading, f, m)).toList()))
            .sorted(
                Comparator.comparing(CoatFinding::isOpen)
                    .reversed()
                    .thenComparing(Comparator.comparing(CoatFinding::level).reversed()))
            .toList());
  }

  /** With what is found, and the mends as the rules name them. */
  private GroupReading found(Group group) {
    GroupReading reading = GroupReading.of(group, surface, lays, shelf, habits);
    Seen seen = new Seen(reading, shelf, habits);
    Findings findings = new Findings();
    for (CoatRule rule : CoatRules.ALL) {
      rule.look(seen, findings.by(rule));
    }
    return reading.found(
        findings.all().stream().map(f -> f.noted(note(group.wishes(), f))).toList());
  }

  private static Optional<String> note(Wishes wishes, CoatFinding finding) {
    String band = finding.band().orElse("");
    return wishes.overruled().stream()
        .filter(o -> o.rule().equals(finding.rule()) && o.band().equals(band))
        .map(Wishes.Overruled::note)
        .findFirst();
  }

  private boolean mends(Group group, GroupReading before, CoatFinding finding, CoatMend mend) {
    if (mend.wishes().equals(group.wishes())) {
      return false;
    }
    List<CoatFinding> after = found(group.with(mend.wishes())).findings();
    boolean gone = after.stream().noneMatch(finding::isSameAs);
    return gone && newStops(before.findings(), after).isEmpty();
  }

  /** What stops, that did not before; what is only a caution to whoever works stops nothing. */
  public static List<CoatFinding> newStops(List<CoatFinding> before, List<CoatFinding> after) {
    return after.stream()
        .filter(f -> f.level() == Level.STOP && !f.safety())
        .filter(f -> before.stream().noneMatch(f::isSameAs))
        .toList();
  }
}
