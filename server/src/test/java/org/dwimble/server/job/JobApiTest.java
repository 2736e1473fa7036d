package org.dwimble.server.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicReference;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.dwimble.core.grant.Role;
import org.dwimble.core.measure.Length;
import org.dwimble.core.sheet.FittedLabel;
import org.dwimble.core.student.Student;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.dwimble.server.limit.Turns;
import org.dwimble.server.sheet.BoardFont;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

@ExtendWith(TestServer.class)
class JobApiTest {
    private final Account odile = TestServer.account("Odile");
    private final Student ilse = TestServer.student("Ilse", odile);
    private final Http http = Http.as(odile);
    private final Jobs jobs = TestServer.bean(Jobs.class);

    private JsonNode ended(JsonNode begun) {
        return http.done(begun);
    }

    private byte[] result(JsonNode job) {
        return http.get("/api/jobs/" + job.get("id").asLong() + "/result").body();
    }

    @Test
    void aClassIsPrintedAsAPieceOfWorkWhoseResultIsItsOwnersAlone() throws Exception {
        long list = http.post("/api/lists", "{\"text\":\"swim, apple\",\"name\":\"Home\",\"support\":\"cards\"}").json().get("id").asLong();
        http.post("/api/lists/" + list + "/class", "{\"base\":1,\"table\":\"name,apple\\nIlse,bread\\nTomasz,pear\"}");
        JsonNode job = ended(http.post("/api/lists/" + list + "/print", "{}").json());
        assertThat(job.get("state").asString()).isEqualTo("DONE");
        assertThat(job.get("what").asString()).isEqualTo("Home on paper");
        try (PDDocument document = Loader.loadPDF(result(job))) {
            assertThat(document.getNumberOfPages()).isEqualTo(2);
        }
        Http other = Http.as(TestServer.account("Piet"));
        assertThat(other.get("/api/jobs/" + job.get("id").asLong()).status()).isEqualTo(404);
        assertThat(other.get("/api/jobs/" + job.get("id").asLong() + "/result").status()).isEqualTo(404);
        assertThat(other.get("/api/jobs").json()).isEmpty();
        assertThat(http.get("/api/jobs").json().get(0).get("id")).isEqualTo(job.get("id"));
        assertThat(http.send("DELETE", "/api/jobs/" + job.get("id").asLong() + "?running=true", null).status()).isEqualTo(200);
        assertThat(http.get("/api/jobs/" + job.get("id").asLong() + "/result").status()).as("it was done before it was ended").isEqualTo(200);
        assertThat(http.send("DELETE", "/api/jobs/" + job.get("id").asLong(), null).status()).isEqualTo(200);
        assertThat(http.get("/api/jobs/" + job.get("id").asLong() + "/result").status()).as("forgotten").isEqualTo(404);
    }

    @Test
    void boardsAreCarriedAwayAndBroughtInAsWork() {
        long vocabulary = TestServer.copy("first-choices", ilse, odile);
        JsonNode away = ended(http.post("/api/vocabularies/" + vocabulary + "/carrying-away", "{}").json());
        JsonNode back = ended(http.upload("/api/students/" + ilse.id() + "/bringing-in", "ilse.obz", result(away)).json());
        JsonNode told = new JsonMapper().readTree(back.get("told").asString());
        assertThat(told.get("boards").asInt()).isEqualTo(7);
        assertThat(http.get("/api/vocabularies/" + told.get("vocabulary").asLong()).status()).isEqualTo(200);
        JsonNode damaged = ended(http.upload("/api/students/" + ilse.id() + "/bringing-in", "crab.obz", "crab".getBytes(StandardCharsets.UTF_8)).json());
        assertThat(damaged.get("state").asString()).isEqualTo("FAILED");
        assertThat(damaged.get("told").asString()).contains("crab.obz").endsWith(".");
    }

    @Test
    void aBookIsPrintedAsWork() throws Exception {
        long vocabulary = TestServer.copy("first-choices", ilse, odile);
        JsonNode job = ended(
            http.post("/api/vocabularies/" + vocabulary + "/boards/home/print", "{\"reach\":\"ALL\",\"size\":\"PAGE\",\"tabs\":true,\"index\":true}").json());
        try (PDDocument document = Loader.loadPDF(result(job))) {
            assertThat(document.getNumberOfPages()).isEqualTo(8);
        }
    }

    @Test
    void workThatIsEndedHalfWayLeavesNothingBehind() throws Exception {
        CountDownLatch begun = new CountDownLatch(1);
        CountDownLatch toldToEnd = new CountDownLatch(1);
        AtomicReference<Throwable> met = new AtomicReference<>();
        CountDownLatch over = new CountDownLatch(1);
        Job job = jobs.start(odile.id(), List.of(), "something long", (out, progress) -> {
            try {
                out.write(new byte[100]);
                progress.told(3, 10);
                begun.countDown();
                toldToEnd.await();
                progress.told(4, 10);
                return Jobs.Result.file("x.pdf", "application/pdf");
            } catch (Throwable e) {
                met.set(e);
                throw e;
            } finally {
                over.countDown();
            }
        });
        begun.await();
        JsonNode half = http.get("/api/jobs/" + job.id()).json();
        assertThat(half.get("done").asInt()).isEqualTo(3);
        assertThat(half.get("of").asInt()).isEqualTo(10);
        assertThat(http.send("DELETE", "/api/jobs/" + job.id() + "?running=true", null).status()).isEqualTo(200);
        toldToEnd.countDown();
        over.await();
        assertThat(met.get()).isInstanceOf(java.util.concurrent.CancellationException.class);
        assertThat(ended(half).get("state").asString()).isEqualTo("CANCELLED");
        assertThat(http.get("/api/jobs/" + job.id() + "/result").status()).isEqualTo(404);
    }

    @Test
    void layingOfASheetThatIsEndedStopsInTheMiddle() throws Exception {
        CountDownLatch begun = new CountDownLatch(1);
        CountDownLatch toldToEnd = new CountDownLatch(1);
        AtomicInteger fitted = new AtomicInteger();
        Job job = jobs.start(odile.id(), List.of(), "a very large sheet", (out, progress) -> {
            TestServer.bean(Turns.class).layAsWork(progress::goOn, () -> {
                for (int i = 0; i < 100_000; i++) {
                    FittedLabel.fit("crab", Length.mm(20), Length.mm(10), Length.mm(5), TestServer.bean(BoardFont.class));
                    if (fitted.incrementAndGet() == 200) {
                        begun.countDown();
                        await(toldToEnd);
                    }
                }
                return null;
            });
            return new Jobs.Result(null, null, null);
        });
        begun.await();
        http.send("DELETE", "/api/jobs/" + job.id() + "?running=true", null);
        toldToEnd.countDown();
        assertThat(ended(http.get("/api/jobs/" + job.id()).json()).get("state").asString()).isEqualTo("CANCELLED");
        assertThat(fitted.get()).isLessThan(300);
    }

    private static void await(CountDownLatch latch) {
        try {
            latch.await();
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    @Test
    void whatFailsIsToldAndTooMuchAtOnceIsRefused() throws Exception {
        Job broken = jobs.start(odile.id(), List.of(), "broken", (out, progress) -> {
            throw new IllegalStateException("made to fail");
        });
        assertThat(ended(http.get("/api/jobs/" + broken.id()).json()).get("told").asString()).startsWith("This did not work, and nothing was changed by it.");
        CountDownLatch go = new CountDownLatch(1);
        for (int i = 0; i < 4; i++) {
            jobs.start(odile.id(), List.of(), "waits", (out, progress) -> {
                go.await();
                return new Jobs.Result(null, null, null);
            });
        }
        assertThatThrownBy(() -> jobs.start(odile.id(), List.of(), "one more", (out, progress) -> new Jobs.Result(null, null, null)))
            .isInstanceOf(Unacceptable.class);
        go.countDown();
        for (JsonNode job : http.get("/api/jobs").json()) {
            ended(job);
        }
        Job file = jobs.start(odile.id(), List.of(), "a file", (out, progress) -> {
            out.write(1);
            return Jobs.Result.file("one.bin", "application/octet-stream");
        });
        ended(http.get("/api/jobs/" + file.id()).json());
        assertThat(Files.size(jobs.result(jobs.of(file.id(), odile)))).isEqualTo(1);
    }

    @Test
    void eachStudentOfAClassGetsAPdfInAZip() throws IOException {
        long id = http.post("/api/lists", "{\"text\":\"swim, apple\",\"name\":\"Home\",\"support\":\"cards\"}").json().get("id").asLong();
        http.post("/api/lists/" + id + "/class", "{\"base\":1,\"table\":\"name,apple\\nIlse,bread\\nA/B,pear\"}");
        List<String> names = new ArrayList<>();
        try (ZipInputStream zip = new ZipInputStream(
            new ByteArrayInputStream(result(ended(http.post("/api/lists/" + id + "/print", "{\"each\":true}").json()))))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                try (PDDocument document = Loader.loadPDF(zip.readAllBytes())) {
                    names.add(entry.getName() + ": " + new PDFTextStripper().getText(document).lines().findFirst().orElse("") + " "
                        + new PDFTextStripper().getText(document).contains("bread"));
                }
            }
        }
        assertThat(names).containsExactly("01 Ilse.pdf: swim bread true", "02 A-B.pdf: swim pear false");
    }

    @Test
    void whatCameOfWorkIsNotThereAnyMoreForWhoLeftTheTeam() {
        Account marit = TestServer.account("Marit");
        TestServer.join(ilse, marit, Role.EDITOR);
        Http hers = Http.as(marit);
        long vocabulary = TestServer.copy("first-choices", ilse, odile);
        String list = "/api/lists/" + hers.post("/api/lists", "{\"text\":\"swim\",\"student\":\"" + ilse.id() + "\"}").json().get("id").asLong();
        List<String> jobs = new ArrayList<>();
        for (JsonNode job : List.of(hers.post("/api/vocabularies/" + vocabulary + "/boards/home/print", "{}").json(),
            hers.post("/api/vocabularies/" + vocabulary + "/carrying-away", "{}").json(), hers.post(list + "/print", "{}").json())) {
            jobs.add("/api/jobs/" + hers.done(job).get("id").asLong());
        }
        assertThat(jobs).allSatisfy(job -> assertThat(hers.get(job + "/result").status()).isEqualTo(200));
        assertThat(http.send("DELETE", "/api/students/" + ilse.id() + "/team/" + marit.signIn(), null).status()).isEqualTo(200);
        assertThat(jobs).allSatisfy(job -> assertThat(hers.get(job + "/result").status()).isEqualTo(404));
        assertThat(jobs).allSatisfy(job -> assertThat(hers.get(job).status()).isEqualTo(404));
        assertThat(hers.get("/api/jobs").json().size()).isZero();
    }

    @Test
    void manyRequestsAtOnceBeginNoMoreThanOneAfterTheOtherAndWaitingWorkCanBeEnded() throws Exception {
        CountDownLatch go = new CountDownLatch(1);
        ExecutorService many = Executors.newFixedThreadPool(20);
        List<Future<Job>> asked = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            asked.add(many.submit(() -> jobs.start(odile.id(), List.of(), "waits", (out, progress) -> {
                go.await();
                return new Jobs.Result(null, null, null);
            })));
        }
        List<Job> begun = new ArrayList<>();
        for (Future<Job> one : asked) {
            try {
                begun.add(one.get());
            } catch (java.util.concurrent.ExecutionException refused) {
                assertThat(refused).hasCauseInstanceOf(Unacceptable.class);
            }
        }
        many.shutdown();
        assertThat(begun).hasSize(4);
        Job last = begun.stream().max(java.util.Comparator.comparing(Job::id)).orElseThrow();
        jobs.end(last.id(), odile);
        assertThat(jobs.of(last.id(), odile).state()).as("no worker had taken it up").isEqualTo(Job.State.CANCELLED);
        Job next = jobs.start(odile.id(), List.of(), "in its place", (out, progress) -> new Jobs.Result(null, null, null));
        go.countDown();
        assertThat(ended(http.get("/api/jobs/" + next.id()).json()).get("state").asString()).isEqualTo("DONE");
    }
}
