/** The sheet on which a picture is straightened and traced, beside what comes of it. */
package jurren.app.trace;
