package craftmap.core.order.bench;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import craftmap.core.order.climate.Climate;
import craftmap.core.order.climate.DayClimate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/**
 * A studio's bench.
 *
 * @param zone by whose clock its people come and go
 * @param rooms what is worked on may dry in
 * @param driesIn which of them it dries in, by number
 * @param dryingPlaces where things lie while they dry, each thing on one of them
 * @param fan whether what was put on is blown dry: touch-dry in half the time, cured no sooner
 */
public record Bench(
    ZoneId zone,
    List<Person> people,
    List<Room> rooms,
    int driesIn,
    List<DryingPlace> dryingPlaces,
    boolean fan) {
  public static final int MOST_ROOMS = 12;
  public static final int MOST_KINDS_OF_PLACES = 12;
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

  /** With one room, and places on which anything finds room. */
  public Bench(ZoneId zone, List<Person> people, DayClimate climate, int places, boolean fan) {
    this(
        zone,
        people,
        List.of(new Room("The workroom", climate)),
        0,
        List.of(DryingPlace.ofAnySize(places)),
        fan);
  }

  public Bench {
    people = List.copyOf(people);
    rooms = List.copyOf(rooms);
    dryingPlaces = List.copyOf(dryingPlaces);
    if (rooms.isEmpty() || rooms.size() > MOST_ROOMS) {
      throw new RefusedInput(
          "rooms", given(rooms.size()), said("cannot-be"), said("1-to", given(MOST_ROOMS)));
    }
    if (driesIn < 0 || driesIn >= rooms.size()) {
      throw new RefusedInput(
          "room-to-dry-in", given(driesIn), said("is-unknown"), said("one-of-the-rooms"));
    }
    if (people.isEmpty() || people.size() > MOST_PEOPLE) {
      throw new RefusedInput(
          "people", given(people.size()), said("cannot-be"), said("1-to", given(MOST_PEOPLE)));
    }
    if (dryingPlaces.isEmpty() || dryingPlaces.size() > MOST_KINDS_OF_PLACES) {
      throw new RefusedInput(
          "places-to-dry",
          given(dryingPlaces.size()),
          said("cannot-be"),
          said("1-to", given(MOST_KINDS_OF_PLACES)));
    }
    int places = dryingPlaces.stream().mapToInt(DryingPlace::count).sum();
    if (places > MOST_PLACES) {
      throw new RefusedInput(
          "places-to-dry", given(places), said("cannot-be"), said("1-to", given(MOST_PLACES)));
    }
  }

  /** How many things may lie about and dry at once, if each is small enough. */
  public int places() {
    return dryingPlaces.stream().mapToInt(DryingPlace::count).sum();
  }

  /** Of the room in which things dry. */
  public DayClimate climate() {
    return rooms.get(driesIn).climate();
  }

  /** With another climate in the room in which things dry. */
  public Bench in(DayClimate other) {
    List<Room> all = new ArrayList<>(rooms);
    all.set(driesIn, new Room(rooms.get(driesIn).name(), other));
    return new Bench(zone, people, all, driesIn, dryingPlaces, fan);
  }

  /** With what is worked on drying in another room. */
  public Bench dryingIn(int room) {
    return new Bench(zone, people, rooms, room, dryingPlaces, fan);
  }

  public Bench blown(boolean other) {
    return new Bench(zone, people, rooms, driesIn, dryingPlaces, other);
  }

  /** With other places, on which anything finds room. */
  public Bench withPlaces(int other) {
    return with(List.of(DryingPlace.ofAnySize(other)));
  }

  public Bench with(List<DryingPlace> others) {
    return new Bench(zone, people, rooms, driesIn, others, fan);
  }

  /** With more of the largest places there are. */
  public Bench withMorePlaces(int more) {
    DryingPlace largest =
        dryingPlaces.stream()
            .max(
                Comparator.comparingDouble(
                    p -> p.size().map(Footprint::areaMm2).orElse(Double.POSITIVE_INFINITY)))
            .orElseThrow();
    List<DryingPlace> all = new ArrayList<>(dryingPlaces);
    all.set(all.indexOf(largest), largest.more(more));
    return with(all);
  }

  public Bench and(Person another) {
    return new Bench(
        zone,
        Stream.concat(people.stream(), Stream.of(another)).toList(),
        rooms,
        driesIn,
        dryingPlaces,
        fan);
  }
}
