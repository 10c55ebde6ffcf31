package craftmap.core.plan.order;

import craftmap.core.coats.Band;
import craftmap.core.coats.BandReading;
import craftmap.core.coats.GroupReading;
import craftmap.core.coats.InHand;
import craftmap.core.coats.PrimerChoice;
import craftmap.core.design.Design;
import craftmap.core.medium.Medium;
import craftmap.core.medium.Role;
import craftmap.core.order.work.Doing;
import craftmap.core.order.work.WorkStep;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.coats.CoatsReading;
import craftmap.core.plan.cutting.Pool;
import craftmap.core.plan.reading.PlanReading;
import java.util.List;
import java.util.Optional;

/**
 * What the plan knows of a step that something is wrong with.
 *
 * @param group the coats it stands among; none of what is cut or cast by itself
 * @param band the coat, preparation or lay that it is a part of
 * @param lay what is laid, cut or cast in it
 */
record AtFault(
    WorkStep step,
    Optional<GroupReading> group,
    Optional<BandReading> band,
    Optional<LayReading.Laid> lay,
    PlanReading reading) {

  static AtFault of(WorkStep step, PlanReading reading, CoatsReading coats) {
    Optional<GroupReading> group = coats.group(step.row());
    return new AtFault(
        step,
        group,
        group.flatMap(g -> g.band(step.what())),
        Band.isLay(step.what())
            ? reading.led(step.what().substring(Band.LAY.length()))
            : Optional.empty(),
        reading);
  }

  Optional<Design> design() {
    return lay.map(LayReading.Laid::design);
  }

  /** What it is put on with. */
  Optional<Medium> medium() {
    return band.flatMap(
        b ->
            b.band() instanceof Band.OfLay of
                ? Waits.wetOf(of.lay())
                : b.product().map(InHand::medium));
  }

  Optional<Band.Coat> coat() {
    return band.map(BandReading::band)
        .filter(Band.Coat.class::isInstance)
        .map(Band.Coat.class::cast);
  }

  /** How much tape is stuck on there. */
  double tapeMm() {
    return group.map(g -> g.surface().extent().maskMm()).orElse(0.0);
  }

  double areaM2() {
    return group.map(g -> g.surface().areaMm2() / 1e6).orElse(0.0);
  }

  /** The colour that lies under it, to touch it up with; of tape, what was painted over it. */
  Optional<BandReading> under() {
    if (group.isEmpty()) {
      return Optional.empty();
    }
    List<BandReading> bands = group.get().bands();
    int at = step.doing() == Doing.UNMASK ? bands.size() : band.map(bands::indexOf).orElse(0);
    return bands.subList(0, at).stream()
        .filter(b -> b.band() instanceof Band.Coat c && c.where().tintsAll() && c.hides() > 0)
        .reduce((a, b) -> b);
  }

  /** What closes stains here, of what there is. */
  Optional<InHand> stainBlocker() {
    return group.stream()
        .flatMap(g -> g.choices().stream())
        .map(PrimerChoice::primer)
        .flatMap(Optional::stream)
        .filter(p -> p.medium().kind().isUsedAs(Role.STAIN_BLOCKER))
        .findFirst();
  }

  /** How much of its design the lay is cut from, in what that comes in. */
  double ofDesign() {
    return lay.stream()
        .flatMap(
            l ->
                reading.pools().stream()
                    .flatMap(p -> p.uses().stream())
                    .filter(u -> u.laid().lay().id().equals(l.lay().id())))
        .mapToDouble(Pool.Use::quantity)
        .sum();
  }
}
