package craftmap.core.form;

import craftmap.core.measure.MeasureSheet;

/** The forms there are to start from. */
public enum FormKind {
  CHEST,
  DRAWER_CHEST,
  CUPBOARD,
  WARDROBE,
  DESK,
  TABLE_TOP,
  CHAIR,
  BENCH,
  STEP_STOOL,
  TRAY,
  BOX,
  FRAME,
  SCREEN,
  CLOCK,
  JAR,
  BOTTLE,
  JUG,
  PLANTER,
  SIGN,
  SINGLE_FACE;

  /** The form that the measures on the sheet make; what is not measured yet is typical. */
  public Form read(MeasureSheet sheet) {
    return sheet.make(() -> made(sheet));
  }

  private Form made(MeasureSheet sheet) {
    return switch (this) {
      case CHEST -> ChestForm.read(sheet);
      case DRAWER_CHEST -> DrawerChestForm.read(sheet);
      case CUPBOARD -> CupboardForm.readCupboard(sheet);
      case WARDROBE -> CupboardForm.readWardrobe(sheet);
      case DESK -> DeskForm.read(sheet);
      case TABLE_TOP -> TableForm.read(sheet);
      case CHAIR -> ChairForm.read(sheet);
      case BENCH -> BenchForm.read(sheet);
      case STEP_STOOL -> StepStoolForm.read(sheet);
      case TRAY -> TrayForm.read(sheet);
      case BOX -> BoxForm.read(sheet);
      case FRAME -> FrameForm.read(sheet);
      case SCREEN -> ScreenForm.read(sheet);
      case CLOCK -> ClockForm.read(sheet);
      case JAR -> VesselForm.readJar(sheet);
      case BOTTLE -> VesselForm.readBottle(sheet);
      case JUG -> VesselForm.readJug(sheet);
      case PLANTER -> PlanterForm.read(sheet);
      case SIGN -> SignForm.read(sheet);
      case SINGLE_FACE -> SingleFaceForm.read(sheet);
    };
  }
}
