/** Benchmarks and measured runs. They print medians, times and ratios; nothing here can fail a build. */
package jurren.perf;
