/** The steps that a plan comes to, read off its coats and lays. */
package craftmap.core.plan.order;
