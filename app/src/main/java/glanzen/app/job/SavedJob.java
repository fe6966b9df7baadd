package glanzen.app.job;

import glanzen.plan.Job;

/** A job as it is kept. */
public record SavedJob(String id, Job job, long version) {}
