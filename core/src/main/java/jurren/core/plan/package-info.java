/**
 * Everything that follows from a job and a shop: a pure function, remembered by value. The planner
 * may run on any thread; a plan is immutable and belongs to exactly the job it was made from.
 */
package jurren.core.plan;
