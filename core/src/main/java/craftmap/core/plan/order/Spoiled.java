package craftmap.core.plan.order;

/**
 * What a mend takes of a design beyond what is laid.
 *
 * @param quantity in what the design comes in: sheets and pieces whole, lengths in millimetres
 */
public record Spoiled(String designId, double quantity) {}
