/** The job file: a zip of facts and the customer's own files, described in docs/job-file.md. */
package jurren.formats.jobfile;
