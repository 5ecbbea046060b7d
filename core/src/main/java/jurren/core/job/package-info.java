/**
 * The facts a person decided, as immutable values, and nothing that follows from them. An edit makes
 * a new job; undo is the job before. What the shop owns is a value of its own.
 */
package jurren.core.job;
