/** Motifs round a closed line. */
package craftmap.core.lay.rule.ring;
