/** Colours as a screen shows them, and what follows from them. */
package craftmap.core.colour;
