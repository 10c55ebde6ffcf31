package craftmap.core.coats.rule;

import java.util.List;

/** Every rule there is: what is added here is found, has its words and is tried by the tests. */
public final class CoatRules {
  public static final List<CoatRule> ALL =
      List.of(
          new CleanFirst(),
          new WaxOff(),
          new Slick(),
          new Bleed(),
          new PrimerShade(),
          new ReliefBeforePaint(),
          new NotSandable(),
          new StickOn(),
          new TransferGround(),
          new StuckOnWax(),
          new TransferSeal(),
          new ThinOverDark(),
          new LiftedEdge(),
          new LeafOnSize(),
          new PenOnChalk(),
          new ClearUnderDark(),
          new WaxThenCoat(),
          new MetallicLast(),
          new StainSplash(),
          new MaskPlan(),
          new SealWear(),
          new Food(),
          new BareDamage(),
          new HolePlan(),
          new RightSide(),
          new ResinLevel(),
          new StripSafely(),
          new Dust(),
          new LeadTest(),
          new Spray(),
          new OilyRags(),
          new HotWork(),
          new TipOver(),
          new DoesNotHide(),
          new MoreThanHides(),
          new WaterOverOil(),
          new Unsealed(),
          new GrainRaised(),
          new OilYellows(),
          new TooThin(),
          new BlendWet(),
          new ResistRubbed(),
          new DistressSealed(),
          new ScuffFirst(),
          new PotShort(),
          new NotOwned());

  private CoatRules() {}
}
