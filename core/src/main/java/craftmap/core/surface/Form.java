package craftmap.core.surface;

import java.util.List;

/** A form of furniture: a few taped measures in, faces and their places on a net out. */
public sealed interface Form permits ChestForm {
  List<FormFace> faces();

  /**
   * A face as the form gives it.
   *
   * @param id stable within the form, so that marks and lays stay with their face when sizes change
   * @param name what people call it
   * @param onNet where its box lies on the net, in the net's own millimetres
   */
  record FormFace(String id, String name, Outline outline, Box onNet) {}
}
