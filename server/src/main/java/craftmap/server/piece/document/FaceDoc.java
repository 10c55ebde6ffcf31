package craftmap.server.piece.document;

import craftmap.core.plan.Found;
import craftmap.core.surface.Exposure;
import craftmap.core.surface.Finish;
import craftmap.core.surface.MakeUp;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

public record FaceDoc(
    String id,
    @Schema(
            requiredMode = Schema.RequiredMode.NOT_REQUIRED,
            description = "absent where it is as the form gives it")
        String name,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) OutlineDoc outline,
    MakeUp makeUp,
    Finish finish,
    String ground,
    @Schema(
            requiredMode = Schema.RequiredMode.NOT_REQUIRED,
            description =
                "the colour it has before anything is put on; absent where it is the usual")
        String now,
    List<Exposure> exposure,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Double edgeDepthMm,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Double relief,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Boolean shown,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Boolean comesOff,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) SetIntoDoc setInto,
    Found.Standing standing,
    boolean ownMarks,
    List<KeepOutDoc> keepOuts,
    List<HoleDoc> holes,
    List<BreakDoc> breaks,
    List<BlemishDoc> blemishes,
    List<ZoneDoc> zones) {
  public FaceDoc {
    exposure = exposure == null ? List.of() : List.copyOf(exposure);
    finish = finish == null ? Finish.BARE : finish;
    standing = standing == null ? Found.Standing.OF_THE_FORM : standing;
    keepOuts = keepOuts == null ? List.of() : List.copyOf(keepOuts);
    holes = holes == null ? List.of() : List.copyOf(holes);
    breaks = breaks == null ? List.of() : List.copyOf(breaks);
    blemishes = blemishes == null ? List.of() : List.copyOf(blemishes);
    zones = zones == null ? List.of() : List.copyOf(zones);
  }
}
