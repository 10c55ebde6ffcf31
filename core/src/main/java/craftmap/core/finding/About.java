package craftmap.core.finding;

/** What a finding is about. */
public sealed interface About {
  String faceId();

  record OfFace(String faceId) implements About {}

  record OfLay(String faceId, String layId) implements About {}

  /**
   * A keep-out, a break, a blemish on a face.
   *
   * @param markId its id on that face
   */
  record OfMark(String faceId, String markId) implements About {}
}
