/**
 * Work that takes its time, with progress, a way to stop it, and a result that is kept. How a job
 * stands is in the database, so that any server can say; a job of a server that is gone is told as
 * cut short. A job changes nothing but its own result unless it ends. Shown to other packages:
 * {@link craftmap.server.jobs.Jobs}, which begins one, with what the work is handed and hands back.
 */
package craftmap.server.jobs;
