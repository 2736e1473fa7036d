package org.dwimble.server.fuzz;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.dwimble.core.student.Student;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.dwimble.server.media.Photos;
import org.dwimble.server.obf.Zips;
import org.dwimble.server.recording.Voices;

/**
 * Where bytes from outside come in, each fed with well-formed things that were changed by chance. What comes back must be taken, or refused with a sentence.
 */
public final class Targets {
    private static final String SVG = "<svg xmlns='http://www.w3.org/2000/svg' xmlns:xlink='http://www.w3.org/1999/xlink' viewBox='0 0 9 9'><style>"
        + ".a{fill:url(#g)}</style>"
        + "<defs><linearGradient id='g'><stop offset='0' stop-color='#f00'/></linearGradient></defs><g id='b' transform='scale(2)'><rect class='a' "
        + "width='4' height='4'/>"
        + "<text x='1'>crab &amp; co</text></g><use xlink:href='#b' x='3'/><image href='data:image/png;base64,iVBORw0KGgo='/></svg>";

    private static final byte[] SOUND = Voices.wav(0.01, 300);
    private static final String BOARD = "{\"format\":\"open-board-0.1\",\"id\":\"b\",\"name\":\"N\",\"locale\":\"en\","
        + "\"buttons\":[{\"id\":\"1\",\"label\":\"a\",\"image_id\":\"i\",\"sound_id\":\"s\",\"vocalization\":\"x\","
        + "\"load_board\":{\"id\":\"b\",\"path\":\"b.obf\"},\"actions\":[\"+a\",\":space\"],\"background_color\":\"#fff\","
        + "\"ext_dwimble_span\":{\"rows\":1,\"columns\":1}},{\"id\":2}],"
        + "\"images\":[{\"id\":\"i\",\"path\":\"i.png\",\"width\":4}],\"sounds\":[{\"id\":\"s\",\"path\":\"s.wav\"}],"
        + "\"grid\":{\"rows\":1,\"columns\":2,\"order\":[[\"1\",2]]}}";

    private final Account odile = TestServer.account("Fuzz");
    private final Student student = TestServer.student("Ilse", odile);
    private final Http http = Http.as(odile);
    private final long vocabulary = TestServer.copy("starter-40", student, odile);
    private final List<String> edits;

    public Targets() {
        String word = http.get("/api/vocabularies/" + vocabulary + "/boards/home").json().get("buttons").get(0).get("id").asString();
        String of = "\"board\":\"home\",\"button\":\"" + word + "\"";
        edits = List.of("{\"type\":\"give-label\"," + of + ",\"label\":\"calm\"}", "{\"type\":\"give-picture\"," + of
            + ",\"layers\":[{\"picture\":\"base/kite\",\"x\":0,\"y\":0,\"size\":1000}]}",
            "{\"type\":\"add-step\",\"name\":\"First\",\"words\":{\"andOpened\":false,\"allBut\":false,\"words\":[\"" + word + "\"]}}",
            "{\"type\":\"move-button\"," + of + ",\"to\":\"play\",\"cell\":{\"row\":1,\"column\":6}}",
            "{\"type\":\"insert-line\",\"board\":\"play\",\"axis\":\"ROWS\",\"at\":1}",
            "{\"type\":\"several\",\"intentions\":[{\"type\":\"give-kind\"," + of + ",\"kind\":\"social\"},{\"type\":\"take-off\"," + of + "}]}");
    }

    public void packages(Random random) {
        answered(http.upload("/api/students/" + student.id() + "/packages", "x.obz", random.nextBoolean() ? Mutations.bytes(packed(board(random),
            SOUND), random) : packed(board(random), SOUND)));
    }

    public void drawings(Random random) {
        answered(http.upload("/api/own-pictures?words=x&audience=MINE", "x.svg", Mutations.bytes(Mutations.utf8(SVG), random)));
    }

    public void pictures(Random random) {
        byte[] file = random.nextBoolean() ? Photos.jpeg(40, 30) : Photos.png(40, 30);
        answered(http.upload("/api/own-pictures?words=x&audience=MINE", "x.png", Mutations.bytes(file, random)));
    }

    public void sounds(Random random) {
        byte[] file = Voices.wav(0.5, 300);
        answered(http.upload("/api/vocabularies/" + vocabulary + "/recordings?word=crab&by=Joris", "x.wav", Mutations.bytes(file, random)));
        answered(http.upload("/api/students/" + student.id() + "/packages", "x.obz", packed(BOARD, Mutations.bytes(file, random))));
    }

    public void edits(Random random) {
        String edit = edits.get(random.nextInt(edits.size()));
        answered(http.post("/api/vocabularies/" + vocabulary + "/edits", Mutations.json("{\"base\":1,\"edit\":" + edit + "}", random)));
    }

    private static void answered(Http.Answer answer) {
        if (answer.status() >= 500 || answer.status() >= 400 && answer.sentence().isEmpty()) {
            throw new AssertionError(answer.status() + " " + new String(answer.body()));
        }
    }

    private static String board(Random random) {
        return random.nextInt(4) == 0 ? BOARD : Mutations.json(BOARD, random);
    }

    private static byte[] packed(String board, byte[] sound) {
        Map<String, byte[]> files = new LinkedHashMap<>();
        files.put("manifest.json", Mutations.utf8("{\"format\":\"open-board-0.1\",\"root\":\"b.obf\",\"paths\":{\"boards\":{\"b\":\"b.obf\"}}}"));
        files.put("b.obf", Mutations.utf8(board));
        files.put("i.png", Photos.png(8, 8));
        files.put("s.wav", sound);
        return Zips.of(files);
    }
}
