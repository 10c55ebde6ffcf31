package craftmap.core.coats;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import java.util.List;

/**
 * Faces, zones and parts that get the same coats.
 *
 * @param name empty while it is called by what is in it
 */
public record Group(String id, String name, List<Place> places, Wishes wishes) {
  private static final int LONGEST_NAME = 60;

  public Group {
    places = List.copyOf(places);
    if (name.length() > LONGEST_NAME) {
      throw new RefusedInput(
          "name-of-the-group",
          said("characters", given(name.length())),
          said("is-too-long"),
          said("at-most-characters", given(LONGEST_NAME)));
    }
  }

  public Group with(Wishes other) {
    return new Group(id, name, places, other);
  }

  public Group named(String other) {
    return new Group(id, other, places, wishes);
  }

  public Group of(List<Place> others) {
    return new Group(id, name, others, wishes);
  }

  public boolean has(Place place) {
    return places.contains(place);
  }

  public boolean hasFace(String faceId) {
    return has(new Place.OfFace(faceId));
  }
}
