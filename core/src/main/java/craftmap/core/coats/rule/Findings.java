package craftmap.core.coats.rule;

import static craftmap.core.measure.Figure.said;

import craftmap.core.coats.Band;
import craftmap.core.coats.CoatFinding;
import craftmap.core.coats.CoatMend;
import craftmap.core.coats.Wishes;
import craftmap.core.measure.Figure;
import craftmap.core.measure.Level;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What the rules find, one after the other. */
public final class Findings {
  private final List<CoatFinding> all = new ArrayList<>();
  private CoatRule rule;

  /** Of the rule that looks now. */
  public Findings by(CoatRule looking) {
    rule = looking;
    return this;
  }

  public List<CoatFinding> all() {
    return List.copyOf(all);
  }

  /** At a band; its words are those of the rule, with the figures. */
  void at(Band band, Level level, List<CoatMend> mends, Figure... figures) {
    at(Optional.of(band.key()), level, mends, figures);
  }

  void at(Optional<String> band, Level level, List<CoatMend> mends, Figure... figures) {
    all.add(
        new CoatFinding(
            rule.id(),
            level,
            rule.safety(),
            band,
            said("coat-" + rule.id(), figures),
            said("coat-" + rule.id() + "-why", figures),
            mends,
            Optional.empty()));
  }

  /** What somebody has to be told before it hurts. */
  void caution(Band band, Level level, Figure... figures) {
    at(band, level, List.of(), figures);
  }

  static CoatMend mend(String code, Wishes wishes, Figure... figures) {
    return new CoatMend(code, said("mend-" + code, figures), wishes);
  }
}
