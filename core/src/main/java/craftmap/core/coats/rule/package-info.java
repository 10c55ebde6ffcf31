/** What would fail in a build-up: a class for each rule, found by {@code CoatRules}. */
package craftmap.core.coats.rule;
