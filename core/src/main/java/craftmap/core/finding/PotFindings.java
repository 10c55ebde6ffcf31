package craftmap.core.finding;

import craftmap.core.design.PutOn;
import craftmap.core.design.Transfer;
import craftmap.core.measure.Figure;
import craftmap.core.measure.Level;
import craftmap.core.medium.Base;
import craftmap.core.medium.PotLabel;
import craftmap.core.plan.LayReading;
import craftmap.core.supply.Provision;
import craftmap.core.surface.Face;
import java.util.ArrayList;
import java.util.List;

/** Whether a lay names what it is put on with, whether that will do, and whether it is enough. */
public final class PotFindings {
  private PotFindings() {}

  /** What stands in the pots that a piece draws on. */
  public interface Pots {
    /** What all lays of the piece that are not done take of it, against what it may count on. */
    Provision provision(String potId);

    /** Whether what the lay takes is booked already. */
    boolean isDone(String layId);
  }

  /** All that is found on a lay; what is booked is past being short. */
  public static List<Finding> of(Face face, LayReading.Laid laid, Pots pots) {
    About about = new About.OfLay(face.id(), laid.lay().id());
    List<Finding> found = new ArrayList<>();
    laid.design()
        .putOn()
        .ifPresent(
            on ->
                laid.pot()
                    .ifPresentOrElse(
                        pot -> {
                          willDo(about, laid, on, pot, found);
                          if (laid.lead() && !pots.isDone(laid.lay().id())) {
                            found.add(enough(about, pot, pots.provision(pot.id())));
                          }
                        },
                        () ->
                            found.add(
                                Finding.of(
                                    FindingRule.POT_UNNAMED,
                                    Level.RISK,
                                    about,
                                    new Figure.One(on.usual()),
                                    new Figure.Volume(laid.takes().potMl())))));
    return List.copyOf(found);
  }

  private static void willDo(
      About about, LayReading.Laid laid, PutOn on, PotLabel pot, List<Finding> found) {
    if (on.roles().stream().noneMatch(pot::isUsedAs)) {
      found.add(
          Finding.of(
              FindingRule.POT_OTHER,
              Level.RISK,
              about,
              new Figure.Named(pot.name()),
              new Figure.One(pot.role()),
              new Figure.One(on.usual())));
    } else if (laid.design() instanceof Transfer
        && (pot.base() == Base.OIL || pot.base() == Base.SOLVENT)) {
      found.add(
          Finding.of(FindingRule.TRANSFER_SEAL, Level.STOP, about, new Figure.Named(pot.name())));
    }
  }

  private static Finding enough(About about, PotLabel pot, Provision provision) {
    Figure name = new Figure.Named(pot.name());
    return switch (provision) {
      case Provision.Enough enough ->
          Finding.of(
              FindingRule.POT_ENOUGH, Level.FINE, about, name, new Figure.Volume(enough.left()));
      case Provision.Short missing ->
          Finding.of(
              FindingRule.POT_SHORT, Level.RISK, about, name, new Figure.Volume(missing.by()));
    };
  }
}
