package craftmap.server.coats;

import craftmap.core.coats.Group;
import craftmap.core.coats.Place;
import craftmap.core.plan.reading.PlanReading;
import craftmap.core.surface.Face;
import craftmap.server.words.Words;
import java.util.List;
import java.util.Optional;

/** What groups are called. */
public record GroupNames(PlanReading reading) {
  /** As it was called; else by what is in it. */
  public String name(Group group) {
    if (!group.name().isEmpty()) {
      return group.name();
    }
    List<String> names = group.places().stream().map(this::name).toList();
    return switch (names.size()) {
      case 1 -> names.getFirst();
      case 2 -> Words.say("coats.two", names.get(0), Words.lower(names.get(1)));
      case 3 ->
          Words.say(
              "coats.three", names.get(0), Words.lower(names.get(1)), Words.lower(names.get(2)));
      default -> Words.say("coats.many", names.get(0), Words.lower(names.get(1)), names.size() - 2);
    };
  }

  String name(Place place) {
    return switch (place) {
      case Place.OfFace f -> face(f.faceId()).map(Face::name).orElse(f.faceId());
      case Place.OfZone z ->
          face(z.faceId())
              .map(f -> Words.say("coats.zone", f.zone(z.zoneId()).name(), Words.lower(f.name())))
              .orElse(z.zoneId());
      case Place.OfParts p -> Words.say("parts", p.parts());
    };
  }

  private Optional<Face> face(String id) {
    return reading.find(id).map(PlanReading.FaceReading::face);
  }
}
