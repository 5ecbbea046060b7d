/**
 * What outlives a window: the person's settings, unsaved work where a crash cannot reach it, and the person's own part
 * of the shop. All of it lies in one folder ({@link jurren.app.keep.StateFolder}).
 */
package jurren.app.keep;
