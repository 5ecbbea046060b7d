/**
 * Answers of pure functions remembered by value, so that an edit costs only what it changes. All that is
 * remembered in a process shares one {@link jurren.core.memo.Memory} with a budget in bytes.
 */
package jurren.core.memo;
