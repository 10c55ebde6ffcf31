package craftmap.server.shelf;

import java.math.BigDecimal;

/** A pot to put on the shelf, empty until something is booked. */
public record NewPot(
    String id, String name, String colour, BigDecimal holdsMl, double spreadM2PerLitre) {}
