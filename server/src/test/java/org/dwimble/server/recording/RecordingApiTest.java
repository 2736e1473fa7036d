package org.dwimble.server.recording;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Collection;
import java.util.concurrent.atomic.AtomicInteger;
import org.dwimble.core.grant.Role;
import org.dwimble.core.student.Student;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.dwimble.server.library.Effects;
import org.dwimble.server.obf.Zips;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(TestServer.class)
class RecordingApiTest {
    private static final AtomicInteger HERTZ = new AtomicInteger(300);
    private final Account odile = TestServer.account("Odile");
    private final Account joris = TestServer.account("Joris");
    private final Http hers = Http.as(odile);
    private final Http his = Http.as(joris);
    private final Student wren = TestServer.student("Wren", odile);
    private final long vocabulary = TestServer.copy("first-choices", wren, odile);
    private final String words = "/api/vocabularies/" + vocabulary;

    private JsonNode recorded(String facts) {
        Http.Answer answer = hers.upload(words + "/recordings?word=more&" + facts, "voice.wav", Voices.wav(1, HERTZ.incrementAndGet()));
        assertThat(answer.status()).as(new String(answer.body(), StandardCharsets.UTF_8)).isEqualTo(200);
        return answer.json();
    }

    private JsonNode first() {
        return hers.get(words + "/boards/eat").json().get("buttons").get(0);
    }

    private Http.Answer give(Http http, String sound) {
        int version = hers.get(words).json().get("version").asInt();
        return http.post(words + "/edits",
            "{\"base\":" + version + ",\"edit\":{\"type\":\"give-sound\",\"board\":\"eat\",\"button\":\"" + first().get("id").asString()
                + "\",\"sound\":\"" + sound + "\"}}");
    }

    private int heard(Http http, String sound) {
        return http.get(words + "/sounds/" + sound.substring(4)).status();
    }

    @Test
    void aRecordingIsMadeReadyPutOnAButtonAndHeardByTheTeam() {
        JsonNode made = recorded("by=Joris");
        String id = made.get("id").asString();
        assertThat(made.get("seconds").asDouble()).isBetween(0.9, 1.0);
        assertThat(heard(hers, id)).as("no button has it yet").isEqualTo(404);
        assertThat(give(hers, id).status()).isEqualTo(200);
        assertThat(first().get("sound").asString()).isEqualTo(id);
        assertThat(heard(hers, id)).isEqualTo(200);
        assertThat(heard(his, id)).as("not of the team").isEqualTo(404);
        TestServer.join(wren, joris, Role.VIEWER);
        Http.Answer sound = his.get(words + "/sounds/" + id.substring(4));
        assertThat(sound.status()).isEqualTo(200);
        assertThat(sound.header("content-type")).isEqualTo("audio/mpeg");
        assertThat(Arrays.copyOf(sound.body(), 2)).isEqualTo(new byte[] {(byte) 0xff, (byte) 0xf3});
        assertThat(hers.get(words + "/sounds").json().valueStream().map(JsonNode::toString)).anyMatch(s -> s.contains("\"name\":\"more\",\"by\":\"Joris\""));
    }

    @Test
    void nobodyOutsideTheTeamRecordsListsOrUsesIt() {
        String id = recorded("by=Joris").get("id").asString();
        give(hers, id);
        assertThat(his.upload(words + "/recordings", "voice.wav", Voices.wav(1, 300)).status()).isEqualTo(404);
        assertThat(his.get(words + "/sounds").status()).isEqualTo(404);
        TestServer.join(wren, joris, Role.VIEWER);
        assertThat(his.upload(words + "/recordings", "voice.wav", Voices.wav(1, 300)).status()).as("who looks changes nothing").isEqualTo(403);
        Student other = TestServer.student("Sefa", joris);
        long elsewhere = TestServer.copy("first-choices", other, joris);
        String there = "/api/vocabularies/" + elsewhere;
        JsonNode button = his.get(there + "/boards/eat").json().get("buttons").get(0);
        Http.Answer stolen = his.post(there + "/edits", "{\"base\":" + his.get(there).json().get("version").asInt()
            + ",\"edit\":{\"type\":\"give-sound\",\"board\":\"eat\",\"button\":\"" + button.get("id").asString() + "\",\"sound\":\"" + id + "\"}}");
        assertThat(stolen.status()).as("a recording for Wren is for Wren").isEqualTo(422);
        assertThat(his.get(there + "/sounds").json().toString()).doesNotContain(id);
    }

    /** What is no recording, and the key of what is told of it. */
    enum Bad {
        TEXT("no sound Dwimble can read", "this is no sound, whatever it is called, and longer than a header".getBytes(StandardCharsets.UTF_8)),
        EMPTY("no sound Dwimble can read", new byte[0]),
        NO_SECONDS("nothing in that recording", Voices.wav(0, 300)),
        SILENCE("Nothing can be heard", Voices.wav(2, 300, 0)),
        LONG("up to 30 seconds", Voices.wav(31, 300)),
        MINUTES("up to 60 seconds", Voices.wav(120, 300)),
        VIDEO("no sound Dwimble can read", Arrays.copyOf(new byte[] {0, 0, 0, 24, 'f', 't', 'y', 'p', 'm', 'p', '4', '2'}, 900));

        private final String told;
        private final byte[] file;

        Bad(String told, byte[] file) {
            this.told = told;
            this.file = file;
        }
    }

    @ParameterizedTest
    @EnumSource
    void whatIsNoRecordingIsSaid(Bad bad) {
        Http.Answer answer = hers.upload(words + "/recordings", "call.mp3", bad.file);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().get("detail").asString()).contains(bad.told);
    }

    @Test
    void aSoundThatSaysItLastsADayIsAsLongAsItIs() {
        byte[] lying = Voices.wav(1, 350);
        Arrays.fill(lying, 40, 43, (byte) 0xff);
        assertThat(hers.upload(words + "/recordings?word=day", "voice.wav", lying).json().get("seconds").asDouble()).isLessThan(1.1);
    }

    private static boolean holds(Collection<byte[]> files, byte[] sound) {
        return files.stream().anyMatch(file -> Arrays.equals(file, sound));
    }

    @Test
    void aVoiceLeavesAsAPhotoDoes() throws IOException {
        String id = recorded("by=Joris&shows=OTHERS").get("id").asString();
        give(hers, id);
        byte[] sound = hers.get(words + "/sounds/" + id.substring(4)).body();
        assertThat(hers.get(words + "/carrying-away").json().get("others").asInt()).as("asked about").isEqualTo(1);
        assertThat(holds(Zips.files(hers.get(words + "/package.obz").body()).values(), sound)).isFalse();
        assertThat(holds(Zips.files(hers.get(words + "/package.obz?others=true").body()).values(), sound)).isTrue();
        give(hers, recorded("shows=STUDENT").get("id").asString());
        assertThat(hers.get(words + "/carrying-away").json().get("student").asInt()).as("the student’s own voice").isEqualTo(1);
        give(hers, recorded("shows=NOBODY").get("id").asString());
        JsonNode asked = hers.get(words + "/carrying-away").json();
        assertThat(asked.get("student").asInt() + asked.get("others").asInt()).as("a bell is nobody’s").isZero();
    }

    @Test
    void aSoundEffectGoesAlongInAPackageAndIsTheSameOneWhenItComesBack() throws IOException {
        give(hers, "effect/gull");
        byte[] away = hers.get(words + "/package.obz").body();
        assertThat(holds(Zips.files(away).values(), Effects.sound("effect/gull").orElseThrow())).isTrue();
        Student other = TestServer.student("Sefa", odile);
        Http.Answer came = hers.upload("/api/students/" + other.id() + "/packages", "words.obz", away);
        assertThat(came.status()).as(new String(came.body(), StandardCharsets.UTF_8)).isEqualTo(200);
        long there = came.json().get("vocabulary").asLong();
        JsonNode eat = hers.get("/api/vocabularies/" + there + "/boards").json().valueStream().filter(b -> b.get("name").asString().equals("Eat")).findFirst()
            .orElseThrow();
        assertThat(eat.get("buttons").valueStream().filter(b -> b.has("sound")).map(b -> b.get("sound").asString())).containsExactly("effect/gull");
    }
}
