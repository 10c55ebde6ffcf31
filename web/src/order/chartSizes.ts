/** What of the chart is as wide, or as high, however far one looks; in pixels. */
export const NAMES = 158;
export const ROW = 62;
export const HEAD = 34;
export const FOOT = 22;
export const BAR = 22;
export const RIGHT = 14;
