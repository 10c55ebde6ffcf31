/**
 * Everything a person can do to a plan, as data: each edit says what was meant, is applied in one
 * place, and tells by a code what it did. Edits of different faces, marks and lays do not disturb
 * each other, in whatever order they come.
 */
package craftmap.core.plan.edit;
