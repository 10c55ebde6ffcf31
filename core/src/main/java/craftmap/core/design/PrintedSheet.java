package craftmap.core.design;

import craftmap.core.plane.Box;

/** A picture printed on a sheet, out of which one named part may be laid alone. */
public sealed interface PrintedSheet extends Design permits Transfer, Napkin, Paper {
  /** What is printed of the sheet, whatever part of it is laid. */
  Box print();

  /** The same sheet with a part of its picture laid alone. */
  PrintedSheet showing(MotifBox alone);
}
