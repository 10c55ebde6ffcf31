package craftmap.core.order.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import craftmap.core.measure.RefusedInput;
import craftmap.core.order.climate.Climate;
import craftmap.core.order.climate.DayClimate;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;

class BenchTest {
  private static final ZoneId UTC = ZoneId.of("UTC");
  private static final DayClimate COOL = DayClimate.always(new Climate(14.3, 61));
  private static final DayClimate WARM = DayClimate.always(new Climate(23.7, 44));
  private static final DryingPlace RACK =
      new DryingPlace("Rack", 4, Optional.of(Footprint.of(310, 620)));
  private static final DryingPlace FLOOR =
      new DryingPlace("Floor", 2, Optional.of(Footprint.of(1200, 900)));

  private static Person person(String name) {
    return new Person(name, Hours.weekdays(Hours.Stretch.of(9, 17)), Set.of());
  }

  private static Bench bench(int people, int rooms, int driesIn, List<DryingPlace> places) {
    return new Bench(
        UTC,
        Collections.nCopies(people, person("Wren")),
        Collections.nCopies(rooms, new Room("Loft", COOL)),
        driesIn,
        places,
        false);
  }

  private static String field(Supplier<?> made) {
    try {
      made.get();
      return "";
    } catch (RefusedInput refused) {
      return refused.field();
    }
  }

  @Test
  void asManyPeopleRoomsAndPlacesAsThereCanBe() {
    List<DryingPlace> one = List.of(RACK);
    assertThat(field(() -> bench(1, 1, 0, one))).isEmpty();
    assertThat(field(() -> bench(0, 1, 0, one))).isEqualTo("people");
    assertThat(field(() -> bench(8, 1, 0, one))).isEmpty();
    assertThat(field(() -> bench(9, 1, 0, one))).isEqualTo("people");
    assertThat(field(() -> bench(1, 0, 0, one))).isEqualTo("rooms");
    assertThat(field(() -> bench(1, 12, 11, one))).isEmpty();
    assertThat(field(() -> bench(1, 13, 0, one))).isEqualTo("rooms");
    assertThat(field(() -> bench(1, 2, 2, one))).isEqualTo("room-to-dry-in");
    assertThat(field(() -> bench(1, 2, -1, one))).isEqualTo("room-to-dry-in");
    assertThat(field(() -> bench(1, 1, 0, List.of()))).isEqualTo("places-to-dry");
    assertThat(field(() -> bench(1, 1, 0, Collections.nCopies(12, RACK)))).isEmpty();
    assertThat(field(() -> bench(1, 1, 0, Collections.nCopies(13, FLOOR))))
        .isEqualTo("places-to-dry");
    assertThat(field(() -> bench(1, 1, 0, List.of(RACK)).withPlaces(50))).isEmpty();
    assertThat(field(() -> bench(1, 1, 0, List.of(DryingPlace.ofAnySize(47), RACK))))
        .isEqualTo("places-to-dry");
  }

  @Test
  void aPlaceIsOneForEachThingAndLargeEnoughForAKnob() {
    assertThat(field(() -> DryingPlace.ofAnySize(0))).isEqualTo("places-to-dry");
    assertThat(field(() -> DryingPlace.ofAnySize(51))).isEqualTo("places-to-dry");
    assertThat(DryingPlace.ofAnySize(50).count()).isEqualTo(50);
    assertThat(field(() -> new DryingPlace("Shelf", 1, Optional.of(Footprint.of(49.9, 300)))))
        .isEqualTo("side-of-a-place");
    assertThat(field(() -> new DryingPlace("Hall", 1, Optional.of(Footprint.of(300, 10_001)))))
        .isEqualTo("side-of-a-place");
    assertThat(field(() -> new DryingPlace("Shelf", 1, Optional.of(Footprint.of(50, 10_000)))))
        .isEmpty();
  }

  /** Turned by a quarter if need be; what is just as large finds room, typed in inches too. */
  @Test
  void whatFindsRoomOnAPlace() {
    assertThat(RACK.holds(Optional.of(Footprint.of(300, 600)))).isTrue();
    assertThat(RACK.holds(Optional.of(Footprint.of(600, 300)))).isTrue();
    assertThat(RACK.holds(Optional.of(Footprint.of(620.005, 310.005)))).isTrue();
    assertThat(RACK.holds(Optional.of(Footprint.of(620.1, 310)))).isFalse();
    assertThat(RACK.holds(Optional.of(Footprint.of(620, 310.1)))).isFalse();
    assertThat(RACK.holds(Optional.empty())).isTrue();
    assertThat(DryingPlace.ofAnySize(1).holds(Optional.of(Footprint.of(9000, 9000)))).isTrue();
    assertThat(Footprint.of(310, 620).areaMm2()).isEqualTo(192_200);
    assertThatExceptionOfType(IllegalArgumentException.class).isThrownBy(() -> new Footprint(2, 3));
    assertThatExceptionOfType(IllegalArgumentException.class)
        .isThrownBy(() -> new Footprint(2, -1));
    assertThatExceptionOfType(IllegalArgumentException.class)
        .isThrownBy(() -> new Footprint(Double.POSITIVE_INFINITY, 1));
    assertThat(new Footprint(3, 3).areaMm2()).isEqualTo(9);
    assertThat(new Footprint(3, 0).areaMm2()).isZero();
  }

  @Test
  void moreRoomIsMoreOfTheLargestPlaces() {
    Bench bench = bench(1, 1, 0, List.of(RACK, FLOOR));
    assertThat(bench.places()).isEqualTo(6);
    Bench more = bench.withMorePlaces(3);
    assertThat(more.dryingPlaces())
        .containsExactly(RACK, new DryingPlace("Floor", 5, FLOOR.size()));
    // where anything finds room is larger than any floor
    Bench any = bench.with(List.of(FLOOR, DryingPlace.ofAnySize(2), RACK)).withMorePlaces(1);
    assertThat(any.dryingPlaces()).extracting(DryingPlace::count).containsExactly(2, 3, 4);
  }

  @Test
  void anotherRoomAnotherAirAnotherPerson() {
    Bench bench =
        new Bench(
            UTC,
            List.of(person("Wren")),
            List.of(new Room("Loft", COOL), new Room("Kitchen", WARM)),
            1,
            List.of(RACK),
            false);
    assertThat(bench.climate()).isEqualTo(WARM);
    assertThat(bench.dryingIn(0).climate()).isEqualTo(COOL);
    Bench aired = bench.in(DayClimate.always(Climate.OF_LABELS));
    assertThat(aired.climate()).isEqualTo(DayClimate.always(Climate.OF_LABELS));
    assertThat(aired.rooms()).extracting(Room::name).containsExactly("Loft", "Kitchen");
    assertThat(aired.rooms().getFirst().climate()).isEqualTo(COOL);
    assertThat(bench.blown(true).fan()).isTrue();
    assertThat(bench.and(person("Lark")).people())
        .extracting(Person::name)
        .containsExactly("Wren", "Lark");
  }

  /** Two stand in for each other who come and go together, on holidays too. */
  @Test
  void whoIsFreeWhenAnotherIs() {
    LocalDate fair = LocalDate.of(2027, 9, 18);
    Person wren = person("Wren");
    assertThat(wren.isFreeWhen(person("Lark"))).isTrue();
    assertThat(wren.isFreeWhen(new Person("Lark", wren.hours(), Set.of(fair)))).isFalse();
    Hours mornings = Hours.weekdays(Hours.Stretch.of(9, 12));
    assertThat(wren.isFreeWhen(new Person("Lark", mornings, Set.of()))).isFalse();
  }

  @Test
  void aStudioBeginsOnWeekdaysWithAnHourAtNoon() {
    Bench usual = Bench.usual(UTC);
    Hours hours = usual.people().getFirst().hours();
    assertThat(hours.on(DayOfWeek.FRIDAY))
        .containsExactly(Hours.Stretch.of(9, 12), Hours.Stretch.of(13, 17));
    assertThat(hours.on(DayOfWeek.SATURDAY)).isEmpty();
    assertThat(hours.on(DayOfWeek.SUNDAY)).isEmpty();
    assertThat(usual.climate().at(12)).isEqualTo(Climate.OF_LABELS);
    assertThat(usual.climate().at(3)).isEqualTo(new Climate(17, 55));
  }

  /** One stretch begins where the last ends at the soonest. */
  @Test
  void stretchesFollowEachOther() {
    Hours.Stretch morning = Hours.Stretch.of(9, 12);
    Hours.Stretch early = new Hours.Stretch(LocalTime.of(11, 59), LocalTime.of(13, 0));
    assertThat(field(() -> Hours.everyDay(morning, Hours.Stretch.of(12, 13)))).isEmpty();
    assertThat(field(() -> Hours.everyDay(morning, early))).isEqualTo("hours");
    assertThat(field(() -> Hours.Stretch.of(9, 9))).isEqualTo("hours");
    assertThat(field(() -> new Hours(Map.of()))).isEqualTo("hours");
  }

  @Test
  void whatPeopleRoomsAndPlacesAreCalled() {
    assertThat(new Room("  Loft ", COOL).name()).isEqualTo("Loft");
    assertThat(field(() -> new Room("   ", COOL))).isEqualTo("name");
    assertThat(field(() -> new Room(null, COOL))).isEqualTo("name");
    assertThat(field(() -> new Room("a".repeat(40), COOL))).isEmpty();
    assertThat(field(() -> new Room("a".repeat(41), COOL))).isEqualTo("name");
  }
}
