package craftmap.core.form;

/** A form of furniture: a few taped measures in, faces and their places out. */
public sealed interface Form
    permits ChestForm,
        DrawerChestForm,
        CupboardForm,
        DeskForm,
        TableForm,
        ChairForm,
        BenchForm,
        StepStoolForm,
        TrayForm,
        BoxForm,
        FrameForm,
        ScreenForm,
        ClockForm,
        VesselForm,
        PlanterForm,
        SignForm,
        SingleFaceForm {
  FormFaces faces();
}
