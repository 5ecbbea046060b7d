/** What mends a snag: edits of the job, each tried before it is offered. */
package jurren.core.cure;
