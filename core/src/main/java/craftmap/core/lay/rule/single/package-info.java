/** One of something: a motif, words, an image over pages, all that is free. */
package craftmap.core.lay.rule.single;
