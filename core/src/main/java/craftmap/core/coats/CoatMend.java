package craftmap.core.coats;

import craftmap.core.measure.Figure;

/**
 * One way to be rid of a finding: what the artist would wish for.
 *
 * @param code what it is called among the mends of its rule
 */
public record CoatMend(String code, Figure.Said what, Wishes wishes) {}
