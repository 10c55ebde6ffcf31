package craftmap.server.piece.edit;

import static craftmap.core.measure.Figure.said;
import static craftmap.server.piece.document.Given.given;

import craftmap.core.coats.StepKind;
import craftmap.core.plan.edit.CoatEdit;
import craftmap.core.plan.edit.PlanEdit;
import craftmap.server.piece.document.CoatsDoc;
import craftmap.server.piece.document.CoatsMapper;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Optional;

/** What is done to the coats of a piece, as it is sent. */
public sealed interface CoatEditDoc extends EditDoc {
  /** What is decided about one coat: what is absent is as it is proposed. */
  record ChangeCoat(String groupId, CoatsDoc.CoatWishDoc wish) implements CoatEditDoc {
    @Override
    public PlanEdit edit() {
      CoatsDoc.CoatWishDoc given = given(said("coat"), wish);
      return new CoatEdit.ChangeCoat(group(groupId), key(given.band()), CoatsMapper.toWish(given));
    }
  }

  /** Out of another pot, all else as it is. */
  record OutOfPot(String groupId, String band, String potId) implements CoatEditDoc {
    @Override
    public PlanEdit edit() {
      return new CoatEdit.OutOfPot(group(groupId), key(band), given(said("pot"), potId));
    }
  }

  /** Absent: the ground is left as it is. */
  record PaintGround(
      String groupId,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) CoatsDoc.ProductDoc product)
      implements CoatEditDoc {
    @Override
    public PlanEdit edit() {
      return new CoatEdit.PaintGround(
          group(groupId), Optional.ofNullable(product).map(CoatsMapper::toProduct));
    }
  }

  /**
   * A ground of up to three colours that are worked together where they meet.
   *
   * @param parts from the foot of each face up; one makes it a plain ground again
   */
  record BlendGround(String groupId, List<BlendPart> parts, Double bandMm) implements CoatEditDoc {
    @Override
    public PlanEdit edit() {
      return new CoatEdit.BlendGround(
          group(groupId),
          given(said("colours-of-the-blend"), parts).stream().map(BlendPart::part).toList(),
          given(said("width-of-the-band"), bandMm));
    }
  }

  /**
   * One colour of a blend.
   *
   * @param share of the height, set against the others
   */
  record BlendPart(CoatsDoc.ProductDoc product, Double share) {
    private CoatEdit.BlendGround.Part part() {
      return new CoatEdit.BlendGround.Part(
          CoatsMapper.toProduct(given(said("what-a-coat-is"), product)),
          given(said("share-of-the-height"), share));
    }
  }

  /** Absent: none. */
  record ChoosePrimer(
      String groupId,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) CoatsDoc.ProductDoc product,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Integer times)
      implements CoatEditDoc {
    @Override
    public PlanEdit edit() {
      return new CoatEdit.ChoosePrimer(
          group(groupId),
          Optional.ofNullable(product).map(CoatsMapper::toProduct),
          times == null ? 1 : times);
    }
  }

  record AddCoat(
      String groupId,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String id,
      CoatsDoc.ProductDoc product)
      implements CoatEditDoc {
    @Override
    public PlanEdit edit() {
      return new CoatEdit.AddCoat(
          group(groupId),
          EditDoc.orNew(id),
          CoatsMapper.toProduct(given(said("what-a-coat-is"), product)));
    }
  }

  record AddCoatStep(String groupId, StepKind step) implements CoatEditDoc {
    @Override
    public PlanEdit edit() {
      return new CoatEdit.AddStep(group(groupId), given(said("step"), step));
    }
  }

  record LeaveCoatOut(String groupId, String band) implements CoatEditDoc {
    @Override
    public PlanEdit edit() {
      return new CoatEdit.LeaveOut(group(groupId), key(band));
    }
  }

  record BringCoatBack(String groupId, String band) implements CoatEditDoc {
    @Override
    public PlanEdit edit() {
      return new CoatEdit.BringBack(group(groupId), key(band));
    }
  }

  /**
   * A band before another.
   *
   * @param before absent: on top of all
   * @param note why it is insisted on, where a rule stands against it
   */
  record MoveCoat(
      String groupId,
      String band,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String before,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String note)
      implements CoatEditDoc {
    @Override
    public PlanEdit edit() {
      return new CoatEdit.MoveBand(
          group(groupId), key(band), Optional.ofNullable(before), Optional.ofNullable(note));
    }
  }

  record TakeCoatMend(String groupId, String rule, String band, String mend)
      implements CoatEditDoc {
    @Override
    public PlanEdit edit() {
      return new CoatEdit.TakeMend(
          group(groupId), given(said("rule"), rule), key(band), given(said("mend"), mend));
    }
  }

  /** Absent: the note is taken back. */
  record NoteFinding(
      String groupId,
      String rule,
      String band,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String note)
      implements CoatEditDoc {
    @Override
    public PlanEdit edit() {
      return new CoatEdit.NoteFinding(
          group(groupId), given(said("rule"), rule), key(band), Optional.ofNullable(note));
    }
  }

  record CoatsAnew(String groupId) implements CoatEditDoc {
    @Override
    public PlanEdit edit() {
      return new CoatEdit.StartAnew(group(groupId));
    }
  }

  record UseScheme(String groupId, String name, CoatsDoc.WishesDoc scheme) implements CoatEditDoc {
    @Override
    public PlanEdit edit() {
      return new CoatEdit.UseScheme(
          group(groupId),
          given(said("name"), name),
          CoatsMapper.toWishes(given(said("scheme"), scheme)));
    }
  }

  record CopyCoats(String fromGroupId, String groupId) implements CoatEditDoc {
    @Override
    public PlanEdit edit() {
      return new CoatEdit.CopyCoats(group(fromGroupId), group(groupId));
    }
  }

  record GroupFaces(
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String groupId,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String name,
      List<CoatsDoc.PlaceDoc> places)
      implements CoatEditDoc {
    @Override
    public PlanEdit edit() {
      return new CoatEdit.MakeGroup(
          EditDoc.orNew(groupId), name == null ? "" : name, CoatsMapper.toPlaces(places));
    }
  }

  record NameGroup(String groupId, String name) implements CoatEditDoc {
    @Override
    public PlanEdit edit() {
      return new CoatEdit.NameGroup(group(groupId), given(said("name-of-the-group"), name));
    }
  }

  record Ungroup(String groupId) implements CoatEditDoc {
    @Override
    public PlanEdit edit() {
      return new CoatEdit.DissolveGroup(group(groupId));
    }
  }

  record ChooseHabits(CoatsDoc.HabitsDoc habits) implements CoatEditDoc {
    @Override
    public PlanEdit edit() {
      return new CoatEdit.ChooseHabits(CoatsMapper.toHabits(given(said("habits"), habits)));
    }
  }

  private static String group(String id) {
    return given(said("group"), id);
  }

  private static String key(String key) {
    return given(said("band"), key);
  }
}
