package glanzen.app.job;

import glanzen.measure.Checks;
import glanzen.plan.Job;

/** A job as it is kept. */
public record SavedJob(String id, Job job, long version) {

    public SavedJob {
        new Checks().name("jobs.id", id).present("jobs.job", job, "the job").done();
    }

    /** The same without its version. */
    public SavedJob unnumbered() {
        return new SavedJob(id, job, 0);
    }
}
