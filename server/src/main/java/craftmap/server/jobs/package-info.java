/**
 * Work that takes its time, with progress, a way to stop it, and a result that is kept. A job is a
 * row with what it was told; any server that has a worker for its kind may take it, has it for as
 * long as it renews its lease, and loses it to another where it goes away. Shown to other packages:
 * {@link craftmap.server.jobs.Jobs}, which begins one, and {@link craftmap.server.jobs.JobWorker},
 * which a package implements for what it does.
 */
package craftmap.server.jobs;
