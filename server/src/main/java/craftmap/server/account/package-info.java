/**
 * Accounts: who belongs to a studio, signing in and out, invitations, and what is done about a
 * password that was forgotten. There are none until the first one is made.
 */
package craftmap.server.account;
