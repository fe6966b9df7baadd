package glanzen.app.job;

import glanzen.app.web.Csv;
import glanzen.app.web.Csv.Separator;
import glanzen.plan.Job;
import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/jobs")
class JobController {

    private final JobService jobs;

    JobController(JobService jobs) {
        this.jobs = jobs;
    }

    @Operation(summary = "All jobs")
    @GetMapping
    List<SavedJob> all() {
        return jobs.all();
    }

    @Operation(summary = "Begins a job")
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    SavedJob keep(@RequestBody Job job) {
        return jobs.keep(job);
    }

    @Operation(summary = "Changes a job on the version it was read as")
    @PutMapping("/{id}")
    SavedJob change(@PathVariable String id, @RequestParam long version, @RequestBody Job job) {
        return jobs.change(id, job, version);
    }

    @Operation(summary = "Throws a job away; its set-ups and pulls stay")
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable String id, @RequestParam long version) {
        jobs.remove(id, version);
    }

    /** Order, supplies and cost of a job as it stands on the page. */
    @Operation(summary = "Order, supplies and cost of a job that need not be kept")
    @PostMapping("/look")
    JobLook look(@RequestBody Job job) {
        return jobs.look(job);
    }

    @Operation(summary = "Supplies of a job as CSV")
    @GetMapping(path = "/{id}/supplies.csv", produces = "text/csv")
    ResponseEntity<byte[]> csv(
            @PathVariable String id,
            @RequestParam(defaultValue = "COMMA") Separator separator,
            @RequestParam(defaultValue = "false") boolean marked) {
        return Csv.file(
                "supplies-" + jobs.get(id).job().name(),
                separator,
                marked,
                List.of("What", "Name", "Needed", "Unit", "In stock", "Missing", "Cost"),
                jobs.supplyRows(id).stream());
    }
}
