/**
 * What pieces cost: what they use, what is still to be spent on them and would mend that, what they
 * should be sold for.
 */
package craftmap.server.money;
