/**
 * Sheets and what is cut from them: where a picture lies so that least of it is spoilt, which part
 * of it falls where, how many sheets that takes, and what bends.
 */
package craftmap.core.lay.sheet;
