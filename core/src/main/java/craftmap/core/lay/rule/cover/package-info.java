/** Pictures and sheets: over several faces, all over one, round a wall. */
package craftmap.core.lay.rule.cover;
