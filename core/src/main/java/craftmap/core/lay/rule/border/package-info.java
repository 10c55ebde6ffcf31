/** Along all sides and in the corners between them: motifs, corner pieces, mouldings. */
package craftmap.core.lay.rule.border;
