package craftmap.server.truesize;

/** Something over as many pages as it needs; its origin is the first page's. */
record Spread(String name, Layout layout, Pen.Drawing drawing) {}
