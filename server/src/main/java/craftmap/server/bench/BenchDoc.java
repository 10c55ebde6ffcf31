package craftmap.server.bench;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.RefusedInput;
import craftmap.core.order.bench.Bench;
import craftmap.core.order.bench.DryingPlace;
import craftmap.core.order.bench.Footprint;
import craftmap.core.order.bench.Hours;
import craftmap.core.order.bench.Person;
import craftmap.core.order.bench.Room;
import craftmap.core.order.climate.Climate;
import craftmap.core.order.climate.DayClimate;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A studio's bench as it is stored and sent.
 *
 * @param zone by whose clock it works, as {@code Europe/Lisbon}
 * @param rooms what is worked on may dry in
 * @param driesIn which of them it dries in, by number from 0
 * @param places how many things may lie about and dry at once: as many as {@code dryingPlaces} come
 *     to; where those are not told, on so many places anything finds room
 * @param dryingPlaces where things dry, each on one of them
 * @param fan whether what was put on is blown dry
 */
public record BenchDoc(
    String zone,
    List<PersonDoc> people,
    List<RoomDoc> rooms,
    Integer driesIn,
    Integer places,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) List<DryingPlaceDoc> dryingPlaces,
    Boolean fan) {

  /**
   * Places to dry that are alike.
   *
   * @param size how large each of them is; absent where anything finds room on it
   */
  public record DryingPlaceDoc(
      String name,
      int count,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) PlaceSizeDoc size) {
    static DryingPlaceDoc of(DryingPlace place) {
      return new DryingPlaceDoc(
          place.name(),
          place.count(),
          place.size().map(s -> new PlaceSizeDoc(s.longMm(), s.shortMm())).orElse(null));
    }

    DryingPlace read() {
      return new DryingPlace(name, count, Optional.ofNullable(size).map(PlaceSizeDoc::read));
    }
  }

  /** A rectangle, the longer side first or not. */
  public record PlaceSizeDoc(double longMm, double shortMm) {
    Footprint read() {
      return Footprint.of(
          LengthRange.SIZE.check("side-of-a-place", longMm),
          LengthRange.SIZE.check("side-of-a-place", shortMm));
    }
  }

  /**
   * A room.
   *
   * @param climate of each hour of the day, from midnight
   */
  public record RoomDoc(String name, List<ClimateDoc> climate) {
    static RoomDoc of(Room room) {
      return new RoomDoc(room.name(), ClimateDoc.of(room.climate()));
    }

    Room read() {
      return new Room(
          name,
          new DayClimate(
              some("climate", climate).stream()
                  .map(c -> some("climate", c))
                  .map(c -> new Climate(c.celsius(), c.damp()))
                  .toList()));
    }
  }

  /**
   * Somebody who works.
   *
   * @param week stretches by day of the week, such as {@code MONDAY}; a day that is not there is
   *     free
   * @param off days off, as {@code 2027-02-01}
   */
  public record PersonDoc(String name, Map<DayOfWeek, List<StretchDoc>> week, List<String> off) {}

  /** From one time of the day to another, as {@code 09:00}. */
  public record StretchDoc(String from, String to) {}

  /** How warm and damp it is, in degrees Celsius and percent. */
  public record ClimateDoc(double celsius, double damp) {
    public static List<ClimateDoc> of(DayClimate day) {
      return day.hours().stream().map(c -> new ClimateDoc(c.celsius(), c.dampPercent())).toList();
    }
  }

  public static BenchDoc of(Bench bench) {
    return new BenchDoc(
        bench.zone().getId(),
        bench.people().stream().map(BenchDoc::person).toList(),
        bench.rooms().stream().map(RoomDoc::of).toList(),
        bench.driesIn(),
        bench.places(),
        bench.dryingPlaces().stream().map(DryingPlaceDoc::of).toList(),
        bench.fan());
  }

  private static PersonDoc person(Person person) {
    Map<DayOfWeek, List<StretchDoc>> week = new EnumMap<>(DayOfWeek.class);
    person
        .hours()
        .week()
        .forEach(
            (day, stretches) ->
                week.put(
                    day,
                    stretches.stream()
                        .map(s -> new StretchDoc(s.from().toString(), s.to().toString()))
                        .toList()));
    return new PersonDoc(
        person.name(), week, person.off().stream().sorted().map(LocalDate::toString).toList());
  }

  Bench read() {
    return new Bench(
        readZone(),
        some("people", people).stream().map(BenchDoc::person).toList(),
        some("rooms", rooms).stream().map(r -> some("rooms", r).read()).toList(),
        some("room-to-dry-in", driesIn),
        dryingPlaces == null
            ? List.of(DryingPlace.ofAnySize(some("places-to-dry", places)))
            : dryingPlaces.stream().map(p -> some("places-to-dry", p).read()).toList(),
        Boolean.TRUE.equals(fan));
  }

  private ZoneId readZone() {
    try {
      return ZoneId.of(some("time-zone", zone));
    } catch (DateTimeException e) {
      throw new RefusedInput(
          "time-zone", given(zone), said("is-not-known"), said("one-such-as-europe-lisbon"));
    }
  }

  private static Person person(PersonDoc doc) {
    PersonDoc person = some("people", doc);
    Map<DayOfWeek, List<Hours.Stretch>> week = new EnumMap<>(DayOfWeek.class);
    some("hours", person.week())
        .forEach(
            (day, stretches) ->
                week.put(
                    day,
                    some("hours", stretches).stream()
                        .map(s -> new Hours.Stretch(time(some("hours", s).from()), time(s.to())))
                        .toList()));
    Set<LocalDate> off = new HashSet<>();
    if (person.off() != null) {
      person.off().forEach(d -> off.add(day(d)));
    }
    return new Person(person.name(), new Hours(week), off);
  }

  private static LocalTime time(String text) {
    try {
      return LocalTime.parse(some("hours", text));
    } catch (DateTimeException e) {
      throw new RefusedInput(
          "hours", given(text), said("is-no-time"), said("a-time-such-as-09-00"));
    }
  }

  private static LocalDate day(String text) {
    try {
      return LocalDate.parse(some("days-off", text));
    } catch (DateTimeException e) {
      throw new RefusedInput(
          "days-off", given(text), said("is-no-day"), said("a-day-such-as-2027-02-01"));
    }
  }

  private static <T> T some(String field, T value) {
    if (value == null) {
      throw new RefusedInput(field, said("empty"), said("is-missing"), said("a-value"));
    }
    return value;
  }
}
