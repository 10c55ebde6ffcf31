/** Chance that is the same on every machine: what was thrown once can be thrown again. */
package craftmap.core.chance;
