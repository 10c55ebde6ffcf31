/** How warm and damp it is where things dry, and how much longer or shorter they take for it. */
package craftmap.core.order.climate;
