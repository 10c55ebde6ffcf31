package craftmap.server.piece.document;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * A lay.
 *
 * @param alsoOn further faces that it goes over
 * @param zoneId the zone of its face that it aims at
 * @param designId absent for lettering, which brings its own
 * @param moreDesignIds further pieces of a collage, one for each copy
 * @param part what of its picture is laid alone; absent for all of it
 * @param cutFromId the roll of film or vinyl that it is cut from; absent for whichever suits
 * @param cornerDesignId what sits in the corners of a border, where that is another design
 * @param potId what it is put on with comes out of this pot; absent while none is named
 * @param clearMm it goes around what was laid before it, this far clear
 * @param offcuts named parts of its picture that go back to the shelf when it is cut
 */
public record LayDoc(
    String id,
    String faceId,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) List<String> alsoOn,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String zoneId,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String designId,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String cornerDesignId,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) List<String> moreDesignIds,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) PartDoc part,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String cutFromId,
    RuleDoc rule,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) PickDoc pick,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String potId,
    int coats,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Double clearMm,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) EyeDoc eye,
    boolean hidden,
    boolean locked,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) List<String> offcuts) {
  public LayDoc {
    offcuts = offcuts == null ? List.of() : List.copyOf(offcuts);
    alsoOn = alsoOn == null ? List.of() : List.copyOf(alsoOn);
    moreDesignIds = moreDesignIds == null ? List.of() : List.copyOf(moreDesignIds);
  }
}
