package craftmap.core.plan;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.form.FormFace;
import craftmap.core.form.FormFaces;
import craftmap.core.form.Net;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plane.Box;
import craftmap.core.plane.Point;
import craftmap.core.surface.Face;
import craftmap.core.surface.Marks;
import craftmap.core.surface.Relief;
import craftmap.core.surface.outline.Outline;
import craftmap.core.surface.outline.OutlineNote;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * Puts the faces of a piece together:
 *
 * <ol>
 *   <li>the form's faces, less those that were taken off, each as it was found;
 *   <li>the faces that were added;
 *   <li>their places on the net, of those that are shown.
 * </ol>
 */
public final class PlanFaces {
  private final FormFaces form;
  private final Map<String, Found> found;

  private PlanFaces(FormFaces form, Map<String, Found> found) {
    this.form = form;
    this.found = found;
  }

  static List<PlanFace> of(FormFaces form, Map<String, Found> found) {
    return new PlanFaces(form, found).run();
  }

  private List<PlanFace> run() {
    List<FormFace> standing =
        form.faces().stream()
            .filter(f -> found(f.id()).standing() != Found.Standing.REMOVED)
            .toList();
    List<Net.Item> items = new ArrayList<>();
    Map<String, FormFace> byId = standing.stream().collect(Collectors.toMap(FormFace::id, f -> f));
    for (FormFace face : standing) {
      if (shown(face)) {
        items.add(item(face, byId));
      }
    }
    List<Map.Entry<String, Found>> added =
        found.entrySet().stream()
            .filter(e -> e.getValue().standing() == Found.Standing.ADDED)
            .sorted(Map.Entry.comparingByKey())
            .toList();
    for (Map.Entry<String, Found> entry : added) {
      if (entry.getValue().belonging().shown().orElse(true)) {
        items.add(item(entry, byId));
      }
    }
    Map<String, Box> places = Net.place(items, form.groups());
    List<PlanFace> faces = new ArrayList<>();
    standing.forEach(f -> faces.add(fromForm(f, places)));
    added.forEach(e -> faces.add(added(e, places, setInto(e.getValue(), byId))));
    return List.copyOf(faces);
  }

  private Found found(String id) {
    return found.getOrDefault(id, Found.nothing());
  }

  private boolean shown(FormFace face) {
    return found(face.id()).belonging().shown().orElse(!face.away());
  }

  /** An inset lies on its face where that one is shown, else by itself where that one would be. */
  private Net.Item item(FormFace face, Map<String, FormFace> standing) {
    Outline outline = outline(face);
    FormFace parent = face.setInto().map(standing::get).orElse(null);
    if (parent == null) {
      return new Net.Item(face.id(), outline, face.group(), face.at(), false);
    }
    Point at = face.at().movedBy(parent.at().xMm(), parent.at().yMm());
    return new Net.Item(face.id(), outline, face.group(), at, shown(parent));
  }

  /** An added face by itself, or where it is set into a face that is shown. */
  private Net.Item item(Map.Entry<String, Found> entry, Map<String, FormFace> standing) {
    Outline outline = outlineOf(entry);
    Optional<Found.SetInto> into =
        setInto(entry.getValue(), standing).filter(i -> isShown(i.faceId(), standing));
    if (into.isEmpty()) {
      return new Net.Item(entry.getKey(), outline, entry.getKey(), new Point(0, 0), false);
    }
    FormFace parent = standing.get(into.get().faceId());
    Point at = into.get().at();
    String group = parent == null ? into.get().faceId() : parent.group();
    while (parent != null) {
      at = at.movedBy(parent.at().xMm(), parent.at().yMm());
      parent = parent.setInto().map(standing::get).orElse(null);
    }
    return new Net.Item(entry.getKey(), outline, group, at, true);
  }

  private boolean isShown(String faceId, Map<String, FormFace> standing) {
    FormFace face = standing.get(faceId);
    return face == null ? found(faceId).belonging().shown().orElse(true) : shown(face);
  }

  /**
   * What an added face is set into, as long as that is there and not itself set into an added one.
   */
  private Optional<Found.SetInto> setInto(Found f, Map<String, FormFace> standing) {
    return f.belonging()
        .setInto()
        .filter(
            i ->
                standing.containsKey(i.faceId())
                    || found(i.faceId()).standing() == Found.Standing.ADDED
                        && found(i.faceId()).belonging().setInto().isEmpty());
  }

  private PlanFace fromForm(FormFace face, Map<String, Box> places) {
    Found f = found(face.id());
    Marks marks = f.ownMarks() ? f.marks() : face.marks().and(f.marks());
    Optional<String> comesOff =
        f.belonging()
            .comesOff()
            .map(
                off ->
                    off
                        ? Optional.of(face.comesOff().orElse(name(face, f)))
                        : Optional.<String>empty())
            .orElse(face.comesOff());
    return new PlanFace(
        new Face(
            face.id(),
            name(face, f),
            outline(face),
            f.surface().makeUp(),
            f.surface().finish(),
            f.surface().ground(),
            f.surface().exposure(),
            f.shape().edgeDepthMm().orElse(face.edgeDepthMm()),
            f.shape().relief().orElse(face.relief()),
            marks,
            face.front()),
        Optional.ofNullable(places.get(face.id())),
        Optional.of(face.pose()),
        face.setInto().filter(p -> found(p).standing() != Found.Standing.REMOVED),
        face.at(),
        comesOff,
        false,
        f.ownMarks() ? Set.of() : face.marks().ids());
  }

  private Outline outline(FormFace face) {
    return found(face.id()).shape().outline().map(OutlineNote::read).orElse(face.outline());
  }

  private static String name(FormFace face, Found f) {
    return f.name().orElse(face.name());
  }

  private static PlanFace added(
      Map.Entry<String, Found> entry, Map<String, Box> places, Optional<Found.SetInto> into) {
    Found f = entry.getValue();
    String name = f.name().orElse("Face");
    return new PlanFace(
        new Face(
            entry.getKey(),
            name,
            outlineOf(entry),
            f.surface().makeUp(),
            f.surface().finish(),
            f.surface().ground(),
            f.surface().exposure(),
            f.shape().edgeDepthMm().orElse(0),
            f.shape().relief().orElse(Relief.FLAT),
            f.marks()),
        Optional.ofNullable(places.get(entry.getKey())),
        Optional.empty(),
        into.map(Found.SetInto::faceId),
        into.map(Found.SetInto::at).orElse(new Point(0, 0)),
        f.belonging().comesOff().orElse(false) ? Optional.of(name) : Optional.empty(),
        true,
        Set.of());
  }

  private static Outline outlineOf(Map.Entry<String, Found> entry) {
    return entry
        .getValue()
        .shape()
        .outline()
        .map(OutlineNote::read)
        .orElseThrow(
            () ->
                new RefusedInput(
                    "outline-of-the-added-face",
                    given(entry.getValue().name().orElse(entry.getKey())),
                    said("is-missing"),
                    said("an-outline-with-its-measures")));
  }

  /** Parts that come off, numbered in the order one walks round the piece. */
  public static List<Part> parts(List<PlanFace> faces) {
    Map<String, List<PlanFace>> byPart = new LinkedHashMap<>();
    for (PlanFace face : faces) {
      face.comesOff().ifPresent(p -> byPart.computeIfAbsent(p, k -> new ArrayList<>()).add(face));
    }
    List<Part> parts = new ArrayList<>();
    for (Map.Entry<String, List<PlanFace>> part : byPart.entrySet()) {
      parts.add(
          new Part(
              parts.size() + 1,
              part.getKey(),
              part.getValue().stream().map(f -> f.face().id()).toList(),
              part.getValue().stream()
                  .flatMap(f -> f.face().marks().holes().stream())
                  .map(h -> new Part.Fitting(h.name(), h.count()))
                  .toList()));
    }
    return parts;
  }

  /** The areas of the faces set into this one, where they lie on it. */
  public static List<Geometry> insets(Face face, Collection<PlanFace> all) {
    return all.stream()
        .filter(p -> p.setInto().filter(face.id()::equals).isPresent())
        .map(
            p ->
                AffineTransformation.translationInstance(p.at().xMm(), p.at().yMm())
                    .transform(p.face().outline().region()))
        .toList();
  }
}
