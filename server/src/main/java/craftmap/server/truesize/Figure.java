package craftmap.server.truesize;

/** Something to print, from its top left corner. */
record Figure(String name, double widthMm, double heightMm, Pen.Drawing drawing) {}
