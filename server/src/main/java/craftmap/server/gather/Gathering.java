package craftmap.server.gather;

import craftmap.core.coats.BandReading;
import craftmap.core.coats.GroupReading;
import craftmap.core.design.Design;
import craftmap.core.medium.Medium;
import craftmap.core.order.mishap.Remedy;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.coats.CoatsReading;
import craftmap.core.plan.cutting.Pool;
import craftmap.core.route.Needed;
import craftmap.core.supply.PotSplit;
import craftmap.core.supply.Provision;
import craftmap.core.supply.StockUnit;
import craftmap.server.shelf.Pot;
import craftmap.server.stock.Holding;
import java.util.List;
import java.util.Optional;

/**
 * What a piece takes, pot by pot and design by design.
 *
 * @param unnamed what would come out of a pot, where none is named
 * @param unowned coats and preparation that are not done and for which nothing stands on the shelf
 * @param sundries what else is used up by preparation
 * @param failing how much in the coats will fail
 * @param unrolled what is cut from film or vinyl, where no roll that is wide enough is there
 */
public record Gathering(
    List<Need> needs,
    List<DesignNeed> designs,
    List<LayReading.Laid> unnamed,
    List<LayReading.Laid> unrolled,
    List<Unowned> unowned,
    Sundries sundries,
    List<LayReading> notLaid,
    int failing) {

  /**
   * What is not counted on the shelf.
   *
   * @param sandpaperSheets whole sheets of paper, of all grits together
   */
  public record Sundries(double sandpaperSheets, double tapeMm) {}

  /** What something out of a pot is used for. */
  public sealed interface What {
    /** Under which it is kept and booked. */
    String id();

    double ml();

    record OfLay(LayReading.Laid laid) implements What {
      @Override
      public String id() {
        return laid.lay().id();
      }

      @Override
      public double ml() {
        return laid.takes().potMl();
      }
    }

    /**
     * Something that is mended.
     *
     * @param id the key of the step that mends it
     * @param group what it is mended on; none of what is cut or cast by itself
     */
    record OfMend(
        String id, Remedy remedy, Optional<GroupReading> group, Optional<Medium> medium, double ml)
        implements What {}

    /** A coat, or a step of preparation. */
    record OfBand(GroupReading group, BandReading band) implements What {
      @Override
      public String id() {
        return CoatsReading.useId(group, band);
      }

      @Override
      public double ml() {
        return band.ml();
      }
    }
  }

  /**
   * What the plan names no pot for, and how much of it is still to be put on.
   *
   * @param what a coat, preparation, or something that is mended
   * @param there a pot of its kind and colour that came onto the shelf since
   */
  public record Unowned(What what, Medium medium, double leftMl, Optional<Pot> there) {}

  /**
   * One pot and the lays that draw on it.
   *
   * @param stillNeededMl for the lays that are not done
   * @param othersMl what other pieces, who asked before, may count on
   * @param provision against what this piece may count on, in millilitres
   * @param split how other pots of the same help out; none where this one is enough, or all of them
   *     together are not
   */
  public record Need(
      Pot pot,
      List<Use> uses,
      double stillNeededMl,
      double othersMl,
      Provision provision,
      Optional<Split> split) {}

  /**
   * The uses of all pots of one medium, each out of one of them.
   *
   * @param pots those that anything comes out of
   */
  public record Split(PotSplit how, List<Pot> pots) {}

  /**
   * A design that is used up: sheets, pieces, lengths.
   *
   * @param pool what all its lays take together
   * @param spoiled what has to be cut or laid once more, because it went wrong
   * @param stock what there is of it, the fullest first
   * @param mine what this piece may count on
   * @param isTaken the ledger says that it was taken
   * @param toBuy what is missing, as it is bought: handed pieces in pairs
   */
  public record DesignNeed(
      Design design,
      StockUnit unit,
      Pool pool,
      double spoiled,
      List<Holding> stock,
      double mine,
      boolean isTaken,
      double toBuy,
      Provision provision) {
    public boolean isCutFromSheets() {
      return unit == StockUnit.SHEETS;
    }

    /**
     * What all its lays take together, less than their sum where they share sheets; and what is
     * needed once more. Of what was taken already, only that.
     */
    public double quantity() {
      return isTaken && spoiled > 0 ? spoiled : pool.quantity() + spoiled;
    }

    public boolean isUsed() {
      return isTaken && spoiled == 0;
    }

    public List<Pool.Use> wanted() {
      return pool.uses();
    }
  }

  /**
   * One use.
   *
   * @param bookedMl what the ledger says it took, booked as a whole; none while it is not
   * @param atTheBench what of it was done step by step
   * @param leftMl what it still takes
   */
  public record Use(
      What what, Optional<Double> bookedMl, BenchUses.Worked atTheBench, double leftMl) {
    public boolean isDone() {
      return bookedMl.isPresent() || atTheBench.isAll();
    }

    /** What the ledger says it took, whichever way it was booked. */
    public double tookMl() {
      return bookedMl.orElse(0.0) + atTheBench.bookedMl();
    }
  }

  /** Whether all that is needed is counted, and there. */
  public boolean isComplete() {
    return unnamed.isEmpty()
        && unrolled.isEmpty()
        && unowned.isEmpty()
        && notLaid.isEmpty()
        && needs.stream().allMatch(n -> n.provision() instanceof Provision.Enough)
        && designs.stream().allMatch(d -> d.provision() instanceof Provision.Enough);
  }

  public List<Use> uses() {
    return needs.stream().flatMap(n -> n.uses().stream()).toList();
  }

  /** The same as what the route asks for. */
  public Needed needed() {
    return new Needed(
        notLaid.stream().map(l -> l.lay().id()).toList(),
        unnamed.stream().map(l -> l.lay().id()).toList(),
        needs.stream()
            .map(
                n ->
                    new Needed.OfPot(
                        n.pot().holding().id(),
                        n.uses().stream().filter(u -> !u.isDone()).map(u -> u.what().id()).toList(),
                        n.provision()))
            .toList(),
        designs.stream()
            .map(
                d ->
                    new Needed.OfDesign(
                        d.design().id(), d.isCutFromSheets(), d.isUsed(), d.provision()))
            .toList(),
        failing);
  }
}
