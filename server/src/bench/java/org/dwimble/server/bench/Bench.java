package org.dwimble.server.bench;

import java.io.BufferedOutputStream;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.StringJoiner;
import java.util.TreeMap;
import java.util.concurrent.Callable;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.operator.Operator;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.multipdf.PDFCloneUtility;
import org.apache.pdfbox.pdfparser.PDFStreamParser;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.util.Matrix;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.words.GiveLabel;
import org.dwimble.core.edit.words.ReplaceLabels;
import org.dwimble.core.find.WordPlaces;
import org.dwimble.core.map.BoardMap;
import org.dwimble.core.mend.Mending;
import org.dwimble.core.obf.Media;
import org.dwimble.core.obf.ObfWriter;
import org.dwimble.core.picture.Appearance;
import org.dwimble.core.picture.Picture;
import org.dwimble.core.picture.PictureLibrary;
import org.dwimble.core.reach.Reach;
import org.dwimble.core.route.Routes;
import org.dwimble.core.route.WayHome;
import org.dwimble.core.screen.UsualScreen;
import org.dwimble.core.search.Asked;
import org.dwimble.core.search.PictureIndex;
import org.dwimble.core.search.PictureSearch;
import org.dwimble.core.sound.Phone;
import org.dwimble.core.sound.PronouncingDictionary;
import org.dwimble.core.sound.SoundQuestion;
import org.dwimble.core.sound.SoundSearch;
import org.dwimble.core.student.Student;
import org.dwimble.core.told.Told;
import org.dwimble.core.words.Forms;
import org.dwimble.core.words.Meanings;
import org.dwimble.server.Http;
import org.dwimble.server.ServerProcess;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.dwimble.server.account.AccountStore;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.database.Database;
import org.dwimble.server.library.Library;
import org.dwimble.server.student.StudentStore;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import tools.jackson.databind.json.JsonMapper;

/** Measures what people wait for, on a generated vocabulary of 300 boards and 18,000 buttons, and prints a table. */
public final class Bench {
    private static final int BOARDS = 300;
    private static final int PICTURES = 3000;
    private static final int MANY = 500;
    private static final String ONLY_BRINGING_IN = "bringing-in";
    private static final int IMPORTS = 9;
    /** From this round on boards have no pictures. */
    private static final int WITHOUT_PICTURES = 100;

    private final List<String> rows = new ArrayList<>();

    private static final String ONLY_PICTURES = "pictures";

    public static void main(String[] args) throws Exception {
        Bench bench = new Bench();
        if (args.length == 1 && args[0].equals(ONLY_PICTURES)) {
            bench.pictures();
            bench.rows.forEach(System.out::println);
        } else if (args.length == 1 && args[0].equals(ONLY_BRINGING_IN)) {
            bench.bringingIn();
        } else {
            bench.run();
        }
    }

    private void bringingIn() throws Exception {
        Path folder = Files.createTempDirectory("dwimble-bench");
        try (ServletWebServerApplicationContext app = TestServer.inEarnest(folder.resolve("data"))) {
            importing(odileOf(app), folder, 2 * IMPORTS);
        }
        rows.forEach(System.out::println);
    }

    /** With a student, Ilse. */
    private static Http odileOf(ServletWebServerApplicationContext app) throws Exception {
        Account odile = app.getBean(AccountStore.class).create("odile", "Odile", "", TestServer.PASSWORD, true);
        app.getBean(StudentStore.class).add(new Student("ilse", "Ilse", 1, "", UsualScreen.COMMON.screen(), Appearance.USUAL), odile.id());
        return Http.as(odile, app.getWebServer().getPort());
    }

    /** In a process of its own with the flags Dwimble runs with, so that the first reading is a first. */
    private void picturesApart() throws Exception {
        Process process = new ProcessBuilder("java", "@java.args", "-cp", System.getProperty("java.class.path"), Bench.class.getName(), ONLY_PICTURES)
            .redirectErrorStream(true).start();
        new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8).lines().filter(l -> l.startsWith("|")).forEach(rows::add);
        process.waitFor();
    }

    private void run() throws Exception {
        picturesApart();
        start();
        Path folder = Files.createTempDirectory("dwimble-bench");
        List<Long> many = new ArrayList<>();
        Vocabulary large = generated();
        try (ServletWebServerApplicationContext app = TestServer.inEarnest(folder.resolve("data"))) {
            Account odile = app.getBean(AccountStore.class).create("odile", "Odile", "", TestServer.PASSWORD, true);
            Student ilse = new Student("ilse", "Ilse", 1, "", org.dwimble.core.screen.UsualScreen.COMMON.screen(), org.dwimble.core.picture.Appearance.USUAL);
            app.getBean(StudentStore.class).add(ilse, odile.id());
            Http http = Http.as(odile, app.getWebServer().getPort());
            long id = importing(http, folder, IMPORTS);
            opening(http, id);
            editing(http, id);
            printing(http);
            revealing(app.getBean(StudentStore.class), ilse, http, id);
            copying(app, id, ilse, odile);
            growing(app, ilse, odile);
            VocabularyStore store = app.getBean(VocabularyStore.class);
            store.ofStudent(ilse.id()).forEach(v -> many.add(v.id()));
            // Sixty have boards of their own, the others are copies of them.
            List<Long> own = new ArrayList<>();
            for (int i = 0; i < 60; i++) {
                own.add(store.create(generated(WITHOUT_PICTURES + i), ilse.id(), odile.id(), Instant.now(), Told.of("copied", "name", "bench")));
            }
            many.addAll(own);
            while (many.size() < MANY) {
                many.add(store.copy(own.get(many.size() % own.size()), ilse.id(), "Copy", odile.id(), Instant.now()));
            }
        }
        remembering(folder.resolve("data"), many);
        try (ServletWebServerApplicationContext again = TestServer.inEarnest(folder.resolve("data"))) {
            Http http = Http.as(new Account(1, "odile", "Odile", "", true), again.getWebServer().getPort());
            long begin = System.nanoTime();
            http.get("/api/vocabularies/3");
            row("opened for the first time after a start (one reading)", millis(System.nanoTime() - begin), "");
        }
        row("routes and findings of all 300 boards", median(100, () -> Mending.of(large, Routes.of(large), WayHome.of(large)).size()), "100 ms");
        row("the map of all 300 boards laid out, nothing folded", median(100, () -> BoardMap.of(large, Routes.of(large), b -> false).rows()), "100 ms");
        row("what each of 60 words costs to say, and the costliest of 18,000", median(30, () -> {
            Reach reach = new Reach(large, Routes.of(large), UsualScreen.COMMON.screen(), null, b -> false);
            return reach.on(large.homeBoard()).size() + reach.costliest(12).size();
        }), "");
        row("a word found in 18,000 buttons", median(50, () -> WordPlaces.of(large, Routes.of(large), "word 0 7", 200).size()), "");
        row("a label replaced on all 300 boards at once, without keeping it",
            median(30, () -> new ReplaceLabels("home", "house").on(large, () -> "x").deltas().size()), "400 ms");
        Vocabulary loose = loose(large);
        row("routes and findings of 18,000 buttons, 3,000 of them loose ends", median(100, () -> {
            int found = Mending.of(loose, Routes.of(loose), WayHome.of(loose)).size();
            if (found < 2_900) {
                throw new IllegalStateException("only " + found);
            }
            return found;
        }), "50 ms");
        System.out.println();
        System.out.println("| what | median | aim |");
        System.out.println("| --- | --- | --- |");
        rows.forEach(System.out::println);
    }

    /** The library made four times as large: 11,000 pictures and 60,000 names, and every way of asking. */
    private void pictures() throws IOException {
        Function<String, InputStream> files = file -> Bench.class.getResourceAsStream("/library/" + file);
        List<String> easy = Files.readAllLines(Path.of("../library/target/easy-words.txt"));
        PictureSearch shipped = Library.readSearch();
        rows.add("| pictures: of %d easy words those with a picture the search is sure of | %.1f percent | 95 percent |".formatted(easy.size(),
            100.0 * easy.stream().filter(w -> shipped.best(w).isPresent()).count() / easy.size()));
        PictureLibrary library = PictureLibrary.read(files);
        List<Picture> pictures = new ArrayList<>();
        Map<String, List<PictureLibrary.Named>> names = new TreeMap<>();
        for (int i = 0; i < 11_000; i++) {
            Picture p = library.pictures().get(i % library.pictures().size());
            int round = i / library.pictures().size();
            pictures.add(round == 0 ? p : new Picture(p.id() + "-" + round, varied(p.name(), round), p.also().stream().map(a -> varied(a, round))
                .toList(), p.keywords(), p.group(), p.categories(), p.person()));
        }
        library.names().forEach((language, named) -> names.put(language, IntStream.range(0, 5_000).mapToObj(i -> {
            PictureLibrary.Named n = named.get(i % named.size());
            int round = i / named.size();
            return round == 0 ? n : new PictureLibrary.Named(n.picture() + "-" + round, varied(n.name(), round), n.keywords());
        }).toList()));
        Forms forms = Forms.english();
        long before = used();
        long begin = System.nanoTime();
        PictureIndex index = new PictureIndex(pictures, names, forms);
        PictureSearch search = new PictureSearch(index, Meanings.read(files), forms);
        row("pictures: index of 11,000 with 60,000 names, the first time (one reading)", millis(System.nanoTime() - begin), "1,500 ms");
        rows.add("| pictures: heap the index takes | %d MB | 170 MB |".formatted((used() - before) / 1_000_000));
        List<Asked> asked = new ArrayList<>();
        for (Asked.How how : Asked.How.values()) {
            for (String word : List.of("k", "ki", "kite", "kites", "mice", "elefant", "buterfly", "glad", "terrier", "brushing teeth", "ing", "ar",
                "zzqx", "happy", "car", "a", "swim", "latawiec", "собака", "猫", "قطة", "Schmetterling", "pił")) {
                for (String language : List.of("en", "pl", "zh", "ar")) {
                    asked.add(new Asked(word, how, List.of(language, "en"), null, 60));
                }
            }
        }
        List<Double> all = new ArrayList<>();
        for (int round = 0; round < 12; round++) {
            for (Asked a : asked) {
                long from = System.nanoTime();
                search.find(a);
                if (round > 1) {
                    all.add(millis(System.nanoTime() - from));
                }
            }
        }
        SoundSearch sounds = new SoundSearch(pictures, PronouncingDictionary.read(files));
        List<SoundQuestion> questions = List.of(new SoundQuestion.StartsWith(Phone.of("K")), new SoundQuestion.EndsWith(Phone.of("T")),
            new SoundQuestion.HasInside(Phone.of("AY")),
            new SoundQuestion.RhymesWith(sounds.readings("cat").get(0)), new SoundQuestion.OneSoundApart(sounds.readings("cat").get(0)),
            new SoundQuestion.HasShape("CVC"), new SoundQuestion.HasSyllables(2));
        for (int round = 0; round < 60; round++) {
            for (SoundQuestion question : questions) {
                long from = System.nanoTime();
                sounds.find(question, p -> true, 60);
                if (round > 9) {
                    all.add(millis(System.nanoTime() - from));
                }
            }
        }
        all.sort(Comparator.naturalOrder());
        row("pictures: a search, any mode and language", all.get(all.size() / 2), "15 ms");
        row("pictures: the 99th of 100 searches", all.get(all.size() * 99 / 100), "40 ms");
    }

    /** Another word of the same length and about the same letters. */
    private static String varied(String word, int round) {
        return word.length() < 2 ? word : word.substring(0, word.length() - 1) + (char) ('a' + (word.charAt(word.length() - 1) + round * 7) % 26);
    }

    private static long used() {
        for (int i = 0; i < 3; i++) {
            System.gc();
        }
        return Runtime.getRuntime().totalMemory() - Runtime.getRuntime().freeMemory();
    }

    private void start() throws Exception {
        Path ready = Path.of("target/ready/dwimble.jar");
        if (!Files.exists(ready)) {
            rows.add("| start to first page | not built: run ./dwimble demo once | 6 s |");
            return;
        }
        List<Double> seconds = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            Path home = Files.createTempDirectory("dwimble-start");
            long begin = System.nanoTime();
            Process process = new ProcessBuilder("java", "@server/java.args", "-XX:SharedArchiveFile=server/target/ready/classes.jsa", "-jar",
                "server/target/ready/dwimble.jar",
                "--server.port=8649", "--dwimble.home=" + home).redirectOutput(ProcessBuilder.Redirect.DISCARD).redirectErrorStream(true)
                .directory(Path.of("..").toFile()).start();
            HttpClient client = HttpClient.newHttpClient();
            while (!answers(client)) {
                java.util.concurrent.locks.LockSupport.parkNanos(20_000_000);
            }
            seconds.add((System.nanoTime() - begin) / 1e9);
            process.destroy();
            process.waitFor();
        }
        seconds.sort(Comparator.naturalOrder());
        rows.add("| start to first page, empty data folder | %.1f s | 6 s |".formatted(seconds.get(seconds.size() / 2)));
    }

    private static boolean answers(HttpClient client) throws InterruptedException {
        try {
            return client.send(HttpRequest.newBuilder(URI.create("http://localhost:8649/")).build(), HttpResponse.BodyHandlers.ofByteArray())
                .statusCode() == 200;
        } catch (IOException notYet) {
            return false;
        }
    }

    /** What unpacking and reading take, and bringing in, in turns. @return the first vocabulary that came */
    private long importing(Http http, Path folder, int rounds) throws Exception {
        long id = 0;
        List<Double> plain = new ArrayList<>();
        List<Double> whole = new ArrayList<>();
        int bytes = 0;
        for (int i = 0; i < rounds; i++) {
            byte[] obz = large(i, folder);
            bytes = obz.length;
            long begin = System.nanoTime();
            unzipAndParse(obz);
            double base = millis(System.nanoTime() - begin);
            begin = System.nanoTime();
            Http.Answer answer = http.upload("/api/students/ilse/packages", "large.obz", obz);
            double ours = millis(System.nanoTime() - begin);
            if (i > 0) {
                plain.add(base);
                whole.add(ours);
            }
            if (answer.status() != 200) {
                throw new IllegalStateException(answer.sentence());
            }
            id = id == 0 ? answer.json().get("vocabulary").asLong() : id;
        }
        double base = middle(plain);
        double ours = middle(whole);
        rows.add("| unzip the .obz with 3,000 pictures (%.1f MB) and parse its JSON, from memory to memory | %.0f ms | |".formatted(bytes / 1e6, base));
        rows.add("| bring the same .obz in over HTTP, all new to the database | %.0f ms, %.2f times that | 2 times |".formatted(ours, ours / base));
        return id;
    }

    /** A package with every picture and label new to the database, so that nothing is known already. */
    private static byte[] large(int round, Path folder) throws IOException {
        Path file = folder.resolve("large" + round + ".obz");
        try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(file))) {
            new ObfWriter(new Pictures(round)).obz(generated(round), out);
        }
        return Files.readAllBytes(file);
    }

    /** From memory to memory, so that no disk is in it: each entry unpacked, and what is JSON read. @return how many bytes there are */
    private static long unzipAndParse(byte[] obz) throws IOException {
        JsonMapper mapper = JsonMapper.shared();
        long all = 0;
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(obz))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                byte[] content = zip.readAllBytes();
                all += content.length;
                if (entry.getName().endsWith(".obf") || entry.getName().endsWith(".json")) {
                    mapper.readTree(content);
                }
            }
        }
        return all;
    }

    private void opening(Http http, long id) throws Exception {
        row("opened: the vocabulary and its home board, over HTTP", median(60, () -> {
            http.get("/api/vocabularies/" + id);
            return http.get("/api/vocabularies/" + id + "/boards/b0");
        }), "150 ms");
        row("all 300 boards with their buttons, for talking, over HTTP", median(20, () -> http.get("/api/vocabularies/" + id + "/boards")), "");
    }

    private void editing(Http http, long id) throws Exception {
        int[] version = {1};
        row("an edit answered, on disk, over HTTP", median(200, () -> {
            made(http.post("/api/vocabularies/" + id + "/edits",
                "{\"base\":%d,\"edit\":{\"type\":\"give-label\",\"board\":\"b7\",\"button\":\"b7-5\",\"label\":\"word %d\"}}".formatted(version[0],
                    version[0])));
            return version[0]++;
        }), "50 ms");
        row("undo, over HTTP", median(50, () -> {
            version[0]++;
            return http.post("/api/vocabularies/" + id + "/undo", "{}");
        }), "");
        seeing(http, id, version);
        pasting(http, id, version);
    }

    /** A list of 24 words: one sheet to look at, what else it could be, and 120 sheets as PDF. */
    private void printing(Http http) throws Exception {
        String words = "ferry, bag, seal, crab, shell, bus, gull, boat, fish, sand, sun, bucket, dog, cat, horse, cow, pig, sheep, duck, whale, bee, "
            + "snail, frog, apple";
        long list = http.post("/api/lists", "{\"name\":\"Bench\",\"text\":\"" + words + "\"}").json().get("id").asLong();
        made(http.post("/api/lists/" + list + "/edits",
            ("{\"base\":1,\"edit\":{\"type\":\"set-up\",\"support\":{\"type\":\"cards\",\"width\":40000,\"height\":40000,"
                + "\"onSheet\":24,\"gap\":3000,\"lines\":\"EDGE\",\"corner\":2000,\"back\":\"NONE\",\"flip\":\"LONG\",\"hole\":false}}}")));
        row("paper: a sheet of 24 pictures laid and sent, over HTTP", median(100, () -> made(http.get("/api/lists/" + list + "/sheets"))), "150 ms");
        row("paper: the first sheets of all it could be, over HTTP", median(50, () -> made(http.get("/api/lists/" + list + "/offers"))), "");
        int version = 2;
        for (var word : http.get("/api/lists/" + list).json().get("words")) {
            made(http.post("/api/lists/" + list + "/edits", "{\"base\":" + version++ + ",\"edit\":{\"type\":\"change-word\",\"word\":"
                + word.toString().replace("\"times\":1", "\"times\":99") + "}}"));
        }
        int[] bytes = {0};
        row("paper: 99 sheets of 24 pictures as one PDF, over HTTP", median(5, () -> {
            Http.Answer pdf = made(http.get("/api/lists/" + list + "/support.pdf"));
            bytes[0] = pdf.body().length;
            return pdf;
        }), "2,475 ms (3 s for 120)");
        rows.add("| paper: its size | %.1f MB | 15 MB |".formatted(bytes[0] / 1e6));
        classPrinting(http, list, version);
    }

    /** Thirty students, four sheets of 24 pictures each; against the same pictures drawn as often with PDFBox alone, in the same run. */
    private void classPrinting(Http http, long list, int version) throws Exception {
        for (var word : http.get("/api/lists/" + list).json().get("words")) {
            made(http.post("/api/lists/" + list + "/edits", "{\"base\":" + version++ + ",\"edit\":{\"type\":\"change-word\",\"word\":"
                + word.toString().replace("\"times\":99", "\"times\":4") + "}}"));
        }
        StringJoiner table = new StringJoiner("\\n", "name,ferry,bag\\n", "");
        IntStream.range(0, 30).forEach(i -> table.add("Student " + i + "," + OTHERS.get(i % OTHERS.size()) + "," + OTHERS.get((i + 7) % OTHERS.size())));
        made(http.post("/api/lists/" + list + "/class", "{\"base\":" + version + ",\"table\":\"" + table + "\"}"));
        byte[][] pdf = new byte[1][];
        double ours = median(5, () -> {
            Http.Answer answer = made(http.get("/api/lists/" + list + "/support.pdf"));
            pdf[0] = answer.body();
            return answer;
        });
        PDDocument drawn = Loader.loadPDF(pdf[0]);
        int pages = drawn.getNumberOfPages();
        row("paper: 30 students x 4 sheets of 24 pictures (" + pages + " sheets), two different each, one PDF over HTTP", ours, "3,000 ms");
        rows.add("| paper: its size | %.1f MB | 15 MB |".formatted(pdf[0].length / 1e6));
        Map<PDPage, List<COSName>> pictures = pictures(drawn);
        double alone = median(5, () -> alone(drawn, pictures));
        drawn.close();
        row("paper: the same forms and text drawn with PDFBox alone", alone, "");
        rows.add("| paper: ours against PDFBox alone | %.2f times | 1.5 times |".formatted(ours / alone));
    }

    private static final List<String> OTHERS = List.of("kite", "tree", "house", "car", "bike", "train", "plane", "hat", "shoe", "book");

    /** Copies every page of a document mark for mark into a new one: what a program does that knows already what is to stand where. */
    private static Object alone(PDDocument from, Map<PDPage, List<COSName>> pictures) throws IOException {
        try (PDDocument to = new PDDocument(); ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            PDType0Font font = PDType0Font.load(to, Bench.class.getResourceAsStream("/fonts/Andika_400Regular.ttf"), true);
            Map<COSBase, PDFormXObject> forms = new HashMap<>();
            for (PDPage page : from.getPages()) {
                PDPage paper = new PDPage(page.getMediaBox());
                to.addPage(paper);
                try (PDPageContentStream content = new PDPageContentStream(to, paper)) {
                    int n = 0;
                    for (COSName name : pictures.get(page)) {
                        PDFormXObject form = forms.computeIfAbsent(page.getResources().getXObject(name).getCOSObject(), k -> copied(page, name, to));
                        content.saveGraphicsState();
                        content.transform(Matrix.getTranslateInstance(30 + n % 4 * 120, 700 - n / 4 * 110));
                        content.drawForm(form);
                        content.restoreGraphicsState();
                        content.addRect(30 + n % 4 * 120, 700 - n / 4 * 110, 113, 113);
                        content.stroke();
                        content.beginText();
                        content.setFont(font, 12);
                        content.newLineAtOffset(30 + n % 4 * 120, 690 - n / 4 * 110);
                        content.showText("word");
                        content.endText();
                        n++;
                    }
                }
            }
            to.save(out);
            return out.size();
        }
    }

    /** The pictures of each page, as often as each is drawn. */
    private static Map<PDPage, List<COSName>> pictures(PDDocument from) throws IOException {
        Map<PDPage, List<COSName>> pictures = new HashMap<>();
        for (PDPage page : from.getPages()) {
            List<COSName> drawn = new ArrayList<>();
            Object before = null;
            for (Object token : new PDFStreamParser(page).parse()) {
                if (token instanceof Operator operator && operator.getName().equals("Do")) {
                    drawn.add((COSName) before);
                }
                before = token;
            }
            pictures.put(page, drawn);
        }
        return pictures;
    }

    private static PDFormXObject copied(PDPage page, COSName name, PDDocument to) {
        try {
            return new PDFormXObject((COSStream) new PDFCloneUtility(to) {
            }.cloneForNewDocument(page.getResources().getXObject(name).getCOSObject()));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** With half of the words in a plan and places kept: an edit that is made, and one that is asked about and so not made. */
    private void revealing(StudentStore students, Student ilse, Http http, long id) throws Exception {
        String vocabulary = "/api/vocabularies/" + id;
        for (int step = 0; step < 2; step++) {
            StringJoiner boards = new StringJoiner("\",\"", "[\"", "\"]");
            IntStream.range(step * 75, step * 75 + 75).forEach(b -> IntStream.range(0, 60).forEach(i -> boards.add("b" + b + "-" + i)));
            made(http.post(vocabulary + "/edits", ("{\"base\":%d,\"edit\":{\"type\":\"add-step\",\"name\":\"Step %d\",\"words\":{\"andOpened\":false,"
                + "\"allBut\":false,\"buttons\":%s}}}").formatted(http.get(vocabulary).json().get("version").asInt(), step, boards)));
        }
        students.change(ilse.withPlacesKept(true), ilse);
        int[] version = {http.get(vocabulary).json().get("version").asInt()};
        row("an edit answered, on disk, over HTTP, with a plan and places kept", median(200, () -> made(http.post(vocabulary + "/edits",
            "{\"base\":%d,\"edit\":{\"type\":\"give-label\",\"board\":\"b7\",\"button\":\"b7-5\",\"label\":\"word %d\"}}"
                .formatted(version[0], version[0]++)))),
            "50 ms");
        row("an edit that is asked about before it happens, over HTTP", median(100, () -> {
            Http.Answer answer = http.post(vocabulary + "/edits", ("{\"base\":%d,\"edit\":{\"type\":\"move-button\",\"board\":\"b7\",\"button\":\"b7-5\","
                + "\"to\":\"b7\",\"cell\":{\"row\":0,\"column\":1}}}").formatted(version[0]));
            if (answer.status() != 428) {
                throw new IllegalStateException(answer.status() + " " + answer.sentence());
            }
            return answer;
        }), "50 ms");
        students.change(ilse, students.find(ilse.id()).orElseThrow());
    }

    private static Http.Answer made(Http.Answer answer) {
        if (answer.status() != 200) {
            throw new IllegalStateException(answer.sentence());
        }
        return answer;
    }

    /** From the moment an edit is sent to the moment somebody else is told of it. */
    private void seeing(Http http, long id, int[] version) throws Exception {
        try (Http.Events events = http.events("/api/vocabularies/" + id + "/events?board=b7")) {
            events.next("hello");
            row("a colleague is told of a change, from the moment it is sent", median(50, () -> {
                http.post("/api/vocabularies/" + id + "/edits", ("{\"base\":%d,\"edit\":{\"type\":\"give-label\",\"board\":\"b7\","
                    + "\"button\":\"b7-9\",\"label\":\"told %d\"}}").formatted(version[0], version[0]++));
                return events.next("changed");
            }), "1,000 ms");
        }
    }

    /** What is in memory after very many vocabularies were opened and very many phrases spoken, with a heap of 1 GiB. */
    private void remembering(Path home, List<Long> vocabularies) throws Exception {
        List<String> flags = new ArrayList<>(Files.readAllLines(Path.of("java.args")).stream().filter(l -> l.startsWith("-")).toList());
        flags.add("-Xmx1g");
        try (ServerProcess server = ServerProcess.start(home, flags.toArray(String[]::new))) {
            Http http = Http.as(new Account(1, "odile", "Odile", "", true), server.port());
            int failed = 0;
            for (long vocabulary : vocabularies) {
                failed += http.get("/api/vocabularies/" + vocabulary).status() == 200 ? 0 : 1;
            }
            for (int i = 0; i < 10_000; i++) {
                failed += http.get("/api/speech?text=a%20phrase%20of%20some%20length,%20number%20" + i).status() == 200 ? 0 : 1;
            }
            rows.add("| %d vocabularies, sixty of them different, of 18,000 buttons, opened and 10,000 phrases spoken, heap of 1 GiB: failed | %d | 0 |"
                .formatted(vocabularies.size(), failed));
            row("one of them opened after that", median(20, () -> http.get("/api/vocabularies/" + vocabularies.get(7))), "");
        }
    }

    /** What somebody else waits at most while 400 words are pasted; both edit without a pause. */
    private void pasting(Http http, long id, int[] version) throws Exception {
        String words = IntStream.range(0, 400)
            .mapToObj(i -> List.of("kite", "crab", "gull", "ferry", "apple", "train", "happy", "swim").get(i % 8) + " " + i).collect(Collectors.joining(","));
        byte[] obf = ("{\"id\":\"big\",\"name\":\"Big\",\"buttons\":[{\"id\":\"1\",\"label\":\"sea\"}],\"grid\":{\"rows\":40,\"columns\":40,"
            + "\"order\":[[\"1\"]]}}")
            .getBytes(StandardCharsets.UTF_8);
        long big = http.upload("/api/students/ilse/packages", "big.obf", obf).json().get("vocabulary").asLong();
        AtomicBoolean pasted = new AtomicBoolean();
        List<Double> waited = new ArrayList<>();
        List<Double> pastes = new ArrayList<>();
        Thread colleague = new Thread(() -> {
            while (!pasted.get()) {
                long begin = System.nanoTime();
                http.post("/api/vocabularies/" + id + "/edits",
                    "{\"base\":%d,\"edit\":{\"type\":\"give-label\",\"board\":\"b7\",\"button\":\"b7-6\",\"label\":\"x %d\"}}".formatted(version[0],
                        version[0]++));
                waited.add(millis(System.nanoTime() - begin));
            }
        });
        colleague.start();
        for (int i = 1; i <= 3; i++) {
            long begin = System.nanoTime();
            Http.Answer answer = http.post("/api/vocabularies/" + big + "/words", "{\"base\":" + i + ",\"board\":\"big\",\"text\":\"" + words + "\"}");
            pastes.add(millis(System.nanoTime() - begin));
            if (answer.status() != 200) {
                throw new IllegalStateException(answer.sentence());
            }
        }
        pasted.set(true);
        colleague.join();
        row("400 words pasted, over HTTP", middle(pastes), "");
        row("the longest a colleague’s edit took meanwhile", waited.stream().mapToDouble(d -> d).max().orElseThrow(), "");
    }

    private void copying(ServletWebServerApplicationContext app, long id, Student ilse, Account odile) throws Exception {
        VocabularyStore store = app.getBean(VocabularyStore.class);
        Database database = app.getBean(Database.class);
        long original = database.read(session -> session.first(
            "SELECT sum(length(r.content)) FROM head h JOIN line l ON l.id = h.line JOIN revision r ON r.id = h.revision_id WHERE l.sort = "
                + "'vocabulary' AND l.thing = ?",
            row -> row.getLong(1), id)
            .orElseThrow());
        long before = size(database);
        int copies = 100;
        int[] n = {0};
        row("a copy, on disk", median(copies, () -> store.copy(id, ilse.id(), "Copy " + n[0]++, odile.id(), Instant.now())), "30 ms");
        double bytes = (size(database) - before) / (double) (n[0]);
        rows.add("| what a copy adds, of the original’s %.1f MB without pictures, as kept | %.1f KB, %.2f percent | 1 percent |".formatted(original / 1e6,
            bytes / 1e3, 100 * bytes / original));
    }

    /** What an edit adds to the database, on the boards of the larger starter. */
    private void growing(ServletWebServerApplicationContext app, Student ilse, Account odile) {
        VocabularyStore store = app.getBean(VocabularyStore.class);
        Database database = app.getBean(Database.class);
        long id = store.copy(store.starters().get(1).id(), ilse.id(), "Growing", odile.id(), Instant.now());
        List<Button> words = store.find(id).orElseThrow().vocabulary().boards().get("eating").buttons();
        long before = size(database);
        int edits = 2_000;
        for (int i = 0; i < edits; i++) {
            store.edit(id, i + 1, new GiveLabel("eating", words.get(i % words.size()).id(), "word " + i), VocabularyStore.Asking.NOTHING, odile.id(),
                Instant.now());
        }
        rows.add(
            "| what an edit on a board of 40 adds to the database, over 2,000 edits | %,d bytes | 1,024 bytes |".formatted((size(database) - before) / edits));
    }

    private static long size(Database database) {
        return database.read(session -> session.first("SELECT page_count * page_size FROM pragma_page_count(), pragma_page_size()",
            row -> row.getLong(1)).orElseThrow());
    }

    private void row(String what, double median, String aim) {
        rows.add("| %s | %.1f ms | %s |".formatted(what, median, aim));
    }

    /** Median milliseconds after a tenth of warming up. */
    private static double median(int times, Callable<?> work) throws Exception {
        for (int i = 0; i < times / 10; i++) {
            work.call();
        }
        List<Double> each = new ArrayList<>();
        for (int i = 0; i < times; i++) {
            long begin = System.nanoTime();
            work.call();
            each.add(millis(System.nanoTime() - begin));
        }
        return middle(each);
    }

    private static double middle(List<Double> each) {
        double[] sorted = each.stream().mapToDouble(Double::doubleValue).sorted().toArray();
        return sorted[sorted.length / 2];
    }

    private static double millis(long nanos) {
        return nanos / 1e6;
    }

    private static Vocabulary generated() {
        return generated(0);
    }

    private static Vocabulary generated(int round) {
        Map<String, Board> boards = new HashMap<>();
        for (int b = 0; b < BOARDS; b++) {
            List<Button> buttons = new ArrayList<>();
            for (int i = 0; i < 60; i++) {
                Cell cell = new Cell(i / 10, i % 10);
                String id = "b" + b + "-" + i;
                if (i == 50) {
                    buttons.add(Button.leading(id, cell, "home", null, Leads.HOME));
                } else if (i >= 58 && 2 * b + i - 57 < BOARDS) {
                    buttons.add(Button.leading(id, cell, "board " + i, null, new Leads.Opens("b" + (2 * b + i - 57))));
                } else {
                    String picture = i % 6 == 0 && round < WITHOUT_PICTURES ? Pictures.id(round, (b * 10 + i / 6) % PICTURES) : null;
                    buttons.add(Button.word(id, cell, "word " + round + " " + b + " " + i, picture, Kind.values()[i % 8]));
                }
            }
            boards.put("b" + b, Board.empty("b" + b, "Board " + b, new Shape(6, 10)).withButtons(buttons));
        }
        return Vocabulary.of("Large " + round, "b0", "en", boards.values());
    }

    /** Every board opens ten that are not there. */
    private static Vocabulary loose(Vocabulary large) {
        return large.with(large.boards().values().stream().map(b -> b.with(b.buttons().stream().filter(x -> x.leads() == Leads.STAYS).limit(10)
            .map(x -> x.withActs(x.acts().withLeads(new Leads.Opens("gone " + x.id())))).toList())).toList());
    }

    /** Three thousand different drawings of about a kilobyte. */
    private record Pictures(int round) implements Media {
        static String id(int round, int n) {
            return "own/" + "%064x".formatted((long) round * PICTURES + n);
        }

        @Override
        public Kept keep(byte[] bytes, String symbol) {
            throw new UnsupportedOperationException();
        }

        @Override
        public Optional<Item> find(String id) {
            long n = Long.parseLong(id.substring(id.length() - 12), 16);
            Random random = new Random(n);
            StringBuilder svg = new StringBuilder("<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 32 32\"><path fill=\"#0e7c7b\" d=\"M0 0");
            for (int i = 0; i < 160; i++) {
                svg.append('L').append(random.nextInt(32)).append(' ').append(random.nextInt(32));
            }
            svg.append("\"/></svg>");
            return Optional.of(new Item(id, "image/svg+xml", n + ".svg", svg.toString().getBytes(StandardCharsets.UTF_8)));
        }
    }
}
