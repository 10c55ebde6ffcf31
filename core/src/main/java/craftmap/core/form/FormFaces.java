package craftmap.core.form;

import java.util.ArrayList;
import java.util.List;

/**
 * All that a form gives: faces in the order one walks round the piece, groups of the net, joins.
 */
public record FormFaces(List<FormFace> faces, List<NetGroup> groups, List<Join> joins) {
  public FormFaces {
    faces = List.copyOf(faces);
    groups = List.copyOf(groups);
    joins = List.copyOf(joins);
  }

  /** Collects what a form gives. */
  static final class Collector {
    private final List<FormFace> faces = new ArrayList<>();
    private final List<NetGroup> groups = new ArrayList<>();
    private final List<Join> joins = new ArrayList<>();

    Collector face(FormFace face) {
      faces.add(face);
      return this;
    }

    Collector group(NetGroup group) {
      groups.add(group);
      return this;
    }

    Collector join(Join join) {
      joins.add(join);
      return this;
    }

    FormFaces done() {
      return new FormFaces(faces, groups, joins);
    }
  }
}
