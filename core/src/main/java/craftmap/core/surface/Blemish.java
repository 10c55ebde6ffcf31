package craftmap.core.surface;

import static craftmap.core.measure.Figure.count;
import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plane.Point;
import java.util.Optional;

/**
 * Damage the artist wants to hide, taken as a round spot.
 *
 * @param number what the pin on the map says
 * @param note what else there is to say of it; may be empty
 * @param photoId a photo that shows it
 */
public record Blemish(
    String id,
    int number,
    String kind,
    Point centre,
    double diameterMm,
    String note,
    Optional<String> photoId)
    implements Mark {
  private static final int LONGEST_NOTE = 300;

  public Blemish {
    MarkWords.check(said("kind-of-blemish", given(number)), kind);
    diameterMm =
        LengthRange.SIZE.upTo(2000).check(said("size-of-blemish", given(number)), diameterMm);
    if (note.length() > LONGEST_NOTE) {
      throw new RefusedInput(
          said("note-of-blemish", given(number)),
          said("characters", count(note.length())),
          said("is-too-long"),
          said("at-most-characters", given(LONGEST_NOTE)));
    }
  }

  public static Blemish of(String id, int number, String kind, Point centre, double diameterMm) {
    return new Blemish(id, number, kind, centre, diameterMm, "", Optional.empty());
  }

  @Override
  public Blemish mirrored(double widthMm) {
    return new Blemish(id, number, kind, centre.mirroredAt(widthMm / 2), diameterMm, note, photoId);
  }

  @Override
  public String title() {
    return kind;
  }

  @Override
  public Blemish under(String otherId) {
    return new Blemish(otherId, number, kind, centre, diameterMm, note, photoId);
  }

  /** On another photo, or on none. */
  public Blemish showing(Optional<String> otherPhotoId) {
    return new Blemish(id, number, kind, centre, diameterMm, note, otherPhotoId);
  }
}
