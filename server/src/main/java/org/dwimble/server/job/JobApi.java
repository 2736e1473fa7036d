package org.dwimble.server.job;

import java.nio.charset.StandardCharsets;
import java.util.List;
import org.dwimble.server.account.Account;
import org.dwimble.server.grant.ForSignedIn;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A person's own long work: how far it is, its end before time, and what came of it. */
@RestController
@RequestMapping("/api/jobs")
public class JobApi {
    /** @param told why it failed, or what came of it as JSON @param file the name of the file to be fetched; null if there is none */
    public record JobView(long id, String what, Job.State state, int done, int of, @Nullable String file, @Nullable String told, String at) {
        public static JobView of(Job job) {
            return new JobView(job.id(), job.what(), job.state(), job.done(), job.of(), job.file(), job.told(), job.at().toString());
        }
    }

    private final Jobs jobs;

    JobApi(Jobs jobs) {
        this.jobs = jobs;
    }

    @ForSignedIn("this person’s own")
    @GetMapping
    List<JobView> jobs(@AuthenticationPrincipal Account account) {
        return jobs.of(account).stream().map(JobView::of).toList();
    }

    @ForSignedIn("this person’s own")
    @GetMapping("/{job}")
    JobView job(@AuthenticationPrincipal Account account, @PathVariable long job) {
        return JobView.of(jobs.of(job, account));
    }

    /** @param running true to end what runs, and to leave what is done meanwhile as it is */
    @ForSignedIn("this person’s own")
    @DeleteMapping("/{job}")
    void end(@AuthenticationPrincipal Account account, @PathVariable long job, @RequestParam(defaultValue = "false") boolean running) {
        if (running) {
            jobs.end(job, account);
        } else {
            jobs.forget(job, account);
        }
    }

    @ForSignedIn("this person’s own, while what it shows may be had still")
    @GetMapping("/{job}/result")
    ResponseEntity<Resource> result(@AuthenticationPrincipal Account account, @PathVariable long job) {
        Job done = jobs.of(job, account);
        Resource file = new FileSystemResource(jobs.result(done));
        boolean seen = MediaType.APPLICATION_PDF_VALUE.equals(done.type());
        return ResponseEntity.ok().contentType(MediaType.parseMediaType(String.valueOf(done.type()))).header(HttpHeaders.CONTENT_DISPOSITION,
            (seen ? ContentDisposition.inline() : ContentDisposition.attachment()).filename(String.valueOf(done.file()), StandardCharsets.UTF_8).build()
                .toString())
            .body(file);
    }
}
