/** The plan as plan.json, for scripts and tests; and every file of a job together. */
package jurren.formats.plan;
