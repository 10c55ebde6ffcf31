/** The constraint solver that proofs are asked of, alone and for a measured amount of work. */
package craftmap.core.solver;
