package craftmap.server.shelf;

import craftmap.core.design.Stencil;

/** A stencil on the shelf, with what the studio calls it. */
public record OwnedStencil(Stencil stencil, String motif, String note) {}
