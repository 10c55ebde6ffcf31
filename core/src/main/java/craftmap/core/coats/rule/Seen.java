package craftmap.core.coats.rule;

import craftmap.core.coats.Band;
import craftmap.core.coats.BandReading;
import craftmap.core.coats.BuildUp;
import craftmap.core.coats.CoatMend;
import craftmap.core.coats.CoatShelf;
import craftmap.core.coats.GroupReading;
import craftmap.core.coats.GroupSurface;
import craftmap.core.coats.Habits;
import craftmap.core.coats.InHand;
import craftmap.core.coats.LayHere;
import craftmap.core.coats.StepKind;
import craftmap.core.coats.Wish;
import craftmap.core.coats.Wishes;
import craftmap.core.colour.Lab;
import craftmap.core.measure.Figure;
import craftmap.core.medium.Role;
import craftmap.core.medium.WaterResistance;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;

/** A build-up as the rules look at it, and what they may change in it to mend something. */
public record Seen(GroupReading reading, CoatShelf shelf, Habits habits) {
  GroupSurface surface() {
    return reading.surface();
  }

  BuildUp buildUp() {
    return reading.buildUp();
  }

  Wishes wishes() {
    return reading.group().wishes();
  }

  List<Band.Coat> coats(Predicate<Band.Coat> of) {
    return buildUp().coats().filter(of).toList();
  }

  List<Band.OfLay> lays(Predicate<LayHere> of) {
    return buildUp().lays().filter(l -> of.test(l.lay())).toList();
  }

  /** What is wet, a coat or a lay, from the surface up. */
  Stream<Band> worked() {
    return buildUp().bands().stream().filter(b -> !(b instanceof Band.Step));
  }

  /** The first coat that closes what lies under it. */
  Optional<Band> firstSeal() {
    return buildUp().bands().stream()
        .filter(b -> b instanceof Band.Coat c && (c.role() == Role.CLEAR_COAT || c.isClearWax()))
        .findFirst();
  }

  /** What the eye sees under a band. */
  Lab under(Band band) {
    return reading.band(band.key()).orElseThrow().under();
  }

  double ml(Band band) {
    return reading.band(band.key()).map(BandReading::ml).orElse(0.0);
  }

  static Figure named(Band band) {
    return new Figure.Named(
        switch (band) {
          case Band.Coat c -> c.of().medium().name();
          case Band.OfLay l -> l.lay().name();
          case Band.Step s -> s.kind().name();
        });
  }

  // ---- what may be wished for

  /** The first that is used as something, owned if there is one. */
  InHand anyOf(Role role) {
    return shelf.usedAs(role).findFirst().orElseGet(() -> CoatShelf.typical(role));
  }

  InHand clearCoat() {
    return shelf.clearCoat(WaterResistance.NONE);
  }

  /** Another primer, so many coats of it. */
  CoatMend primer(String code, InHand of, int times, Figure... figures) {
    return Findings.mend(
        code,
        placed(
            wishes().back(Band.PRIMER).with(Band.PRIMER, Wish.of(of.product()).times(times)),
            Band.PRIMER,
            firstColour()),
        figures);
  }

  /** Preparation that is missing, before whatever it is missing under. */
  CoatMend step(String code, StepKind kind, Optional<Band> before, Figure... figures) {
    Wishes with = wishes().with(kind);
    return Findings.mend(code, placed(with, kind.key(), before.map(Band::key)), figures);
  }

  /** A further coat before a band, or last of all. */
  CoatMend coat(String code, InHand of, int times, Optional<Band> before, Figure... figures) {
    String key = freeKey(code);
    Wishes with = wishes().with(key, Wish.of(of.product()).times(times));
    // a place of its own, where its stage would have it elsewhere
    List<String> order = new ArrayList<>(buildUp().keys());
    int at = before.map(b -> order.indexOf(b.key())).orElse(order.size());
    order.add(at, key);
    return Findings.mend(code, with.ordered(order), figures);
  }

  private String freeKey(String code) {
    String key = Band.ADDED + code;
    int n = 2;
    while (wishes().coats().containsKey(key)) {
      key = Band.ADDED + code + "-" + n++;
    }
    return key;
  }

  CoatMend moved(String code, Band band, Optional<Band> before, Figure... figures) {
    return Findings.mend(
        code, wishes().ordered(buildUp().moved(band.key(), before.map(Band::key))), figures);
  }

  CoatMend without(String code, Band band, Figure... figures) {
    return Findings.mend(code, wishes().without(band.key()), figures);
  }

  CoatMend changed(String code, Band band, Wish wish, Figure... figures) {
    return Findings.mend(code, wishes().with(band.key(), wish), figures);
  }

  /** Where bands were moved already, a new one is told its place; else its stage has one for it. */
  private Wishes placed(Wishes with, String key, Optional<String> before) {
    if (with.order().isEmpty() && buildUp().indexOf(key) < 0) {
      return with;
    }
    List<String> order = new ArrayList<>(buildUp().keys());
    order.remove(key);
    order.add(before.map(order::indexOf).filter(i -> i >= 0).orElse(0), key);
    return with.ordered(order);
  }

  private Optional<String> firstColour() {
    return buildUp()
        .coats()
        .filter(c -> c.isOpaque() && !c.key().equals(Band.PRIMER))
        .findFirst()
        .map(Band::key);
  }

  Wish wish(Band.Coat coat) {
    Wish wish = wishes().coat(coat.key());
    return wish.product().isPresent() ? wish : wish.with(coat.of().product());
  }
}
