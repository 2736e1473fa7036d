package org.dwimble.server.bench;

import java.awt.image.BufferedImage;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.StringJoiner;
import java.util.TreeMap;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.locks.LockSupport;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.dwimble.server.Http;
import org.dwimble.server.media.Photos;
import org.dwimble.server.obf.Zips;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Work asked for that is more than it looks: boards, books, lists and packages of which one request alone could hold the server. */
final class SiegeOfWork {
    private static final String STUDENT = "student1";
    private static final int PHOTOS = 1_000;
    private static final int SIDE = 295;
    private static final JsonMapper JSON = new JsonMapper();

    private final Http by;
    private final long vocabulary;

    /** @param by somebody whose own student is {@code student1} @param vocabulary of that student */
    SiegeOfWork(Http by, long vocabulary) {
        this.by = by;
        this.vocabulary = vocabulary;
    }

    /** What is sent; calling one makes what is needed for it, and gives what is then sent and timed. */
    Map<String, Callable<Callable<String>>> all() {
        Map<String, Callable<Callable<String>>> all = new LinkedHashMap<>();
        all.put("a word of 900,000 letters in the word line", () -> () -> told(words("a".repeat(900_000))));
        all.put("400 words nobody has a picture for, in the word line", () -> () -> told(words(many())));
        all.put("60 words of 15,000 letters each",
            () -> () -> told(words(IntStream.range(0, 60).mapToObj(i -> "b".repeat(15_000)).collect(Collectors.joining(", ")))));
        all.put("922 KB of dates in a calendar, twelve at once", () -> {
            byte[] dates = dates();
            return () -> together(12, () -> by.upload("/api/calendar-lines", "days.ics", dates));
        });
        all.put("six pictures at once of a sheet of 1,500 x 1,500 mm", () -> {
            long list = list("ferry",
                "{\"type\":\"page\",\"page\":{\"paper\":\"A4\",\"own\":{\"width\":1500000,\"height\":1500000},\"turn\":\"UPRIGHT\",\"margin\":9000,"
                    + "\"type\":\"EQUAL\"}}");
            return () -> together(6, () -> by.get("/api/lists/" + list + "/sheet.png"));
        });
        all.put("what could be made of 400 words, each 76 times", () -> {
            long list = timesOver(400, 76);
            return () -> told(by.get("/api/lists/" + list + "/offers"));
        });
        all.put("a class of 60 by 250 cells, four at once", () -> classOf60(250, 10));
        all.put("a class of 60 by 50 cells, no two alike, four at once", () -> classOf60(50, 3_000));
        all.put("a class of 60 by 50 cells of 400 words, four at once", () -> classOf60(50, 400));
        all.put("its sheets, four at once", () -> () -> together(4, () -> by.get("/api/lists/" + classOf60 + "/sheets")));
        all.put("cards of 300 words, each 99 times, as a piece of work", () -> {
            long list = timesOver(300, 99);
            whenNothingIsUnderWay();
            return () -> told(by.post("/api/lists/" + list + "/print", "{}"));
        });
        all.put("its sheets as one PDF, four as jobs at once", () -> {
            whenNothingIsUnderWay();
            return () -> together(4, () -> by.post("/api/lists/" + classOf60 + "/print", "{}"));
        });
        all.put("a board of 40 x 40 for a screen of 2 x 2 m at 400 percent on A5, one preview", () -> {
            whenNothingIsUnderWay();
            String large = large();
            return () -> told(by.get(large + "/sheet" + LARGE));
        });
        all.put("the same, ten previews at once", () -> () -> together(10, () -> by.get(large() + "/sheet" + LARGE)));
        all.put("the same, ten PDFs at once", () -> () -> together(10, () -> by.get(large() + "/sheet.pdf" + LARGE)));
        all.put("a book of 300 boards of 300 buttons, eight previews at once", () -> {
            whenNothingIsUnderWay();
            String book = book();
            return () -> together(8, () -> by.get(book + "/sheet?reach=ALL&index=true"));
        });
        all.put("that book, four as jobs at once", () -> () -> together(4, () -> by.post(book() + "/print?reach=ALL", "{}")));
        all.put("sixty jobs begun at once by one person", () -> {
            whenNothingIsUnderWay();
            return () -> together(60, () -> by.post("/api/vocabularies/" + vocabulary + "/carrying-away", "{}"));
        });
        all.put("a package of 1,000 photos, 258 MB, brought in at once", () -> {
            byte[] photos = photos();
            whenNothingIsUnderWay();
            return () -> told(by.upload("/api/students/" + STUDENT + "/packages", "photos.obz", photos));
        });
        all.put("that package brought in as a piece of work, until it is there", () -> {
            byte[] photos = photos();
            return () -> {
                Http.Answer job = by.upload("/api/students/" + STUDENT + "/bringing-in", "photos.obz", photos);
                whenNothingIsUnderWay();
                JsonNode done = by.get("/api/jobs/" + job.json().get("id").asLong()).json();
                withPhotos = JSON.readTree(done.get("told").asString()).get("vocabulary").asLong();
                return done.get("state").asString();
            };
        });
        all.put("that package carried away within a request, three at once",
            () -> () -> together(3, () -> by.get("/api/vocabularies/" + withPhotos + "/package.obz?others=true")));
        return all;
    }

    private static final String LARGE = "?size=SCALED&percent=400&paper=A5";

    private String large = "";
    private String book = "";
    private long withPhotos;
    private long classOf60;

    private static String many() {
        return IntStream.range(0, 400).mapToObj(i -> "word" + i).collect(Collectors.joining(", "));
    }

    private void whenNothingIsUnderWay() {
        while (by.get("/api/jobs").json().findValuesAsString("state").stream().anyMatch("RUNNING"::equals)) {
            LockSupport.parkNanos(200_000_000L);
        }
    }

    private long timesOver(int words, int times) {
        long list = list(String.join(", ", Collections.nCopies(words, "crab")), null);
        for (JsonNode word : by.get("/api/lists/" + list).json().get("words")) {
            ((ObjectNode) word).put("times", times);
            int version = by.get("/api/lists/" + list).json().get("version").asInt();
            by.post("/api/lists/" + list + "/edits", "{\"base\":" + version + ",\"edit\":{\"type\":\"change-word\",\"word\":" + word + "}}");
        }
        return list;
    }

    /** Each of the four sets the class of the same list. */
    private Callable<String> classOf60(int columns, int words) {
        String rows = IntStream.range(0, 60).mapToObj(r -> "S" + r + "\\t" + IntStream.range(0, columns).mapToObj(c -> "word" + (r * columns + c) % words)
            .collect(Collectors.joining("\\t"))).collect(Collectors.joining("\\n"));
        classOf60 = list(String.join(", ", Collections.nCopies(250, "crab")), null);
        return () -> together(4, () -> by.post("/api/lists/" + classOf60 + "/class", "{\"base\":1,\"table\":\"" + rows + "\"}"));
    }

    private Http.Answer words(String text) {
        return by.post("/api/vocabularies/" + vocabulary + "/words", "{\"base\":1,\"board\":\"animals\",\"text\":\"" + text + "\"}");
    }

    private synchronized String large() {
        if (large.isEmpty()) {
            by.changeStudent(STUDENT, "{\"name\":\"Student 1\",\"className\":\"\",\"screen\":{\"width\":2000000,\"height\":2000000}}");
            large = boards(1, 40);
        }
        return large;
    }

    private synchronized String book() {
        if (book.isEmpty()) {
            book = boards(300, 17);
        }
        return book;
    }

    /** Brings boards in. @return the address of the first */
    private String boards(int count, int side) {
        Map<String, byte[]> files = new LinkedHashMap<>();
        StringJoiner paths = new StringJoiner(",");
        for (int i = 0; i < count; i++) {
            StringJoiner buttons = new StringJoiner(",");
            StringJoiner rows = new StringJoiner(",");
            for (int r = 0; r < side; r++) {
                StringJoiner row = new StringJoiner(",", "[", "]");
                for (int c = 0; c < side; c++) {
                    String id = "\"" + i + "-" + r + "-" + c + "\"";
                    buttons.add("{\"id\":" + id + ",\"label\":\"lighthouse keeper " + c + "\"}");
                    row.add(id);
                }
                rows.add(row.toString());
            }
            paths.add("\"b" + i + "\":\"b" + i + ".obf\"");
            files.put("b" + i + ".obf", utf8("{\"format\":\"open-board-0.1\",\"id\":\"b" + i + "\",\"name\":\"N" + i + "\",\"buttons\":[" + buttons
                + "],\"grid\":{\"rows\":" + side + ",\"columns\":" + side + ",\"order\":[" + rows + "]}}"));
        }
        files.put("manifest.json", utf8("{\"format\":\"open-board-0.1\",\"root\":\"b0.obf\",\"paths\":{\"boards\":{" + paths + "}}}"));
        Http.Answer in = by.upload("/api/students/" + STUDENT + "/packages", "large.obz", Zips.of(files));
        if (in.status() != 200) {
            throw new IllegalStateException(in.status() + " " + in.sentence());
        }
        return "/api/vocabularies/" + in.json().get("vocabulary").asLong() + "/boards/b0";
    }

    private long list(String text, String edit) {
        long id = by.post("/api/lists", "{\"name\":\"Long\",\"text\":\"" + text + "\"}").json().get("id").asLong();
        if (edit != null) {
            Http.Answer set = by.post("/api/lists/" + id + "/edits", "{\"base\":1,\"edit\":" + edit + "}");
            if (set.status() != 200) {
                throw new IllegalStateException(set.status() + " " + set.sentence());
            }
        }
        return id;
    }

    private static byte[] dates() {
        String event = "BEGIN:VEVENT\r\nUID:a\r\nDTSTAMP:20261101T000000Z\r\nDTSTART;VALUE=DATE:20261204\r\nSUMMARY:crab\r\nEND:VEVENT\r\n";
        return utf8("BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:a\r\n" + event.repeat(922_000 / event.length()) + "END:VCALENDAR\r\n");
    }

    /** Noise does not pack, so each is as large as it can be. */
    private static byte[] photos() {
        Random chance = new Random(21);
        Map<String, byte[]> files = new LinkedHashMap<>();
        StringJoiner images = new StringJoiner(",");
        for (int i = 0; i < PHOTOS; i++) {
            BufferedImage noise = new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_INT_RGB);
            for (int y = 0; y < SIDE; y++) {
                for (int x = 0; x < SIDE; x++) {
                    noise.setRGB(x, y, chance.nextInt());
                }
            }
            images.add("{\"id\":\"" + i + "\",\"path\":\"i" + i + ".png\"}");
            files.put("i" + i + ".png", Photos.encoded(noise, "png"));
        }
        String buttons = IntStream.range(0, PHOTOS).mapToObj(i -> "{\"id\":\"p" + i + "\",\"label\":\"a\",\"image_id\":\"" + i + "\"}")
            .collect(Collectors.joining(","));
        files.put("b.obf", utf8("{\"format\":\"open-board-0.1\",\"id\":\"b\",\"name\":\"N\",\"buttons\":[" + buttons + "],\"images\":[" + images
            + "],\"grid\":{\"rows\":32,\"columns\":32,\"order\":[]}}"));
        files.put("manifest.json", utf8("{\"format\":\"open-board-0.1\",\"root\":\"b.obf\",\"paths\":{\"boards\":{\"b\":\"b.obf\"}}}"));
        return Zips.of(files);
    }

    /** Asked so often at once. @return how often each answer came */
    private static String together(int times, Callable<Http.Answer> what) throws Exception {
        ExecutorService pool = Executors.newFixedThreadPool(times);
        try {
            List<Future<Http.Answer>> sent = new ArrayList<>();
            for (int i = 0; i < times; i++) {
                sent.add(pool.submit(what));
            }
            Map<Integer, Integer> came = new TreeMap<>();
            for (Future<Http.Answer> one : sent) {
                came.merge(one.get().status(), 1, Integer::sum);
            }
            return came.entrySet().stream().map(e -> e.getValue() + " x " + e.getKey()).collect(Collectors.joining(", "));
        } finally {
            pool.shutdownNow();
        }
    }

    private static String told(Http.Answer answer) {
        return String.valueOf(answer.status());
    }

    private static byte[] utf8(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }
}
