package craftmap.core.order.bench;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import craftmap.core.order.climate.Climate;
import craftmap.core.order.climate.DayClimate;
import java.time.ZoneId;
import java.util.List;
import java.util.stream.Stream;

/**
 * A studio's bench.
 *
 * @param zone by whose clock its people come and go
 * @param places how many things may lie about and dry at once
 * @param fan whether what was put on is blown dry: touch-dry in half the time, cured no sooner
 */
public record Bench(ZoneId zone, List<Person> people, DayClimate climate, int places, boolean fan) {
  public static final int MOST_PEOPLE = 8;
  public static final int MOST_PLACES = 50;

  /** One pair of hands on weekdays from nine to five with an hour at noon, as warm as on labels. */
  public static Bench usual(ZoneId zone) {
    return new Bench(
        zone,
        List.of(
            new Person(
                "You",
                Hours.weekdays(Hours.Stretch.of(9, 12), Hours.Stretch.of(13, 17)),
                java.util.Set.of())),
        DayClimate.of(Climate.OF_LABELS, 8, 18, new Climate(17, 55)),
        6,
        false);
  }

  public Bench {
    people = List.copyOf(people);
    if (people.isEmpty() || people.size() > MOST_PEOPLE) {
      throw new RefusedInput(
          "people", given(people.size()), said("cannot-be"), said("1-to", given(MOST_PEOPLE)));
    }
    if (places < 1 || places > MOST_PLACES) {
      throw new RefusedInput(
          "places-to-dry", given(places), said("cannot-be"), said("1-to", given(MOST_PLACES)));
    }
  }

  public Bench in(DayClimate other) {
    return new Bench(zone, people, other, places, fan);
  }

  public Bench blown(boolean other) {
    return new Bench(zone, people, climate, places, other);
  }

  public Bench withPlaces(int other) {
    return new Bench(zone, people, climate, other, fan);
  }

  public Bench and(Person another) {
    return new Bench(
        zone, Stream.concat(people.stream(), Stream.of(another)).toList(), climate, places, fan);
  }
}
