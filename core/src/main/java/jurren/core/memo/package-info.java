/** Answers of pure functions remembered by value, so that an edit costs only what it changes. */
package jurren.core.memo;
