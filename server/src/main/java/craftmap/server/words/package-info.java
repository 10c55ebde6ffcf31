/**
 * What is said to people: the one catalogue of messages ({@code words.properties}) and the texts of
 * lengths and amounts. The core answers in figures and reason codes; here they become sentences.
 */
package craftmap.server.words;
