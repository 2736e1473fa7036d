package org.dwimble.server.speech;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import org.dwimble.core.voice.Manner;
import org.dwimble.core.voice.Phonetic;
import org.dwimble.core.voice.Spoken;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

@ExtendWith(TestServer.class)
class SpeechApiTest {
    private final Http http = Http.as(TestServer.account("Odile"));

    private Http.Answer say(String text) {
        return http.get("/api/speech?text=" + URLEncoder.encode(text, StandardCharsets.UTF_8));
    }

    private static double seconds(byte[] wav) throws Exception {
        try (AudioInputStream in = AudioSystem.getAudioInputStream(new ByteArrayInputStream(wav))) {
            return in.getFrameLength() / in.getFormat().getFrameRate();
        }
    }

    @Test
    void wordsBecomeSoundAndMoreWordsMoreOfIt() throws Exception {
        double crab = seconds(say("crab").body());
        assertThat(crab).isBetween(0.2, 3.0);
        assertThat(seconds(say("I want to see the crab in the harbour").body())).isGreaterThan(2 * crab);
        assertThat(say("crab").header("Content-Type")).isEqualTo("audio/wav");
    }

    @Test
    void theSameWordsAlwaysSoundTheSameAlsoWhenManySpeakAtOnce() throws Exception {
        Voice voice = new StandInVoice();
        ExecutorService people = Executors.newFixedThreadPool(6);
        List<Future<byte[]>> spoken = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            String text = i % 2 == 0 ? "tide pool" : "lighthouse";
            spoken.add(people.submit(() -> voice.speak(Spoken.plainly(text, "en"))));
        }
        byte[] tidePool = TestServer.bean(StandInVoice.class).speak(Spoken.plainly("tide pool", "en"));
        for (int i = 0; i < 12; i += 2) {
            assertThat(spoken.get(i).get()).isEqualTo(tidePool);
        }
        people.shutdown();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"'  ' | There is nothing to say yet.", "🦀 | No voice here can say that"})
    void whatCannotBeSpokenIsSaidNotPlayedAsSilence(String text, String sentence) {
        Http.Answer answer = say(text);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.sentence()).startsWith(sentence);
    }

    private Http.Answer say(String text, String how) {
        return http.get("/api/speech?text=" + URLEncoder.encode(text, StandardCharsets.UTF_8) + how);
    }

    @ParameterizedTest
    @CsvSource({"Guten Morgen,de", "مرحبا,ar", "你好,zh", "Dobrý den,cs", "Olá,pt-BR", "Merhaba,tr", "Добрий день,uk"})
    void eachLanguageIsReadByAVoiceOfItsOwn(String text, String language) throws Exception {
        Http.Answer answer = say(text, "&language=" + language);
        assertThat(answer.status()).isEqualTo(200);
        assertThat(seconds(answer.body())).isBetween(0.2, 4.0);
        assertThat(say(text, "&language=en").body()).isNotEqualTo(answer.body());
    }

    @Test
    void mannersRateAndVariantsAreHeard() throws Exception {
        byte[] plain = say("wait for me", "&language=en").body();
        for (String how : List.of("&manner=CROSSLY", "&manner=WHISPERED", "&manner=SHOUTED", "&variant=f3", "&pitch=90")) {
            assertThat(say("wait for me", "&language=en" + how).body()).as(how).isNotEqualTo(plain);
        }
        assertThat(seconds(say("wait for me", "&language=en&manner=SLEEPILY").body())).isGreaterThan(1.2 * seconds(plain));
        assertThat(seconds(say("wait for me", "&language=en&rate=200").body())).isLessThan(0.7 * seconds(plain));
        assertThat(say("wait for me", "&language=en&variant=../x;ls").body()).as("no variant there is").isEqualTo(plain);
    }

    @Test
    void aWordWrittenAsItSoundsIsSaidSo() {
        byte[] canoe = say("canoe", "&language=en").body();
        assertThat(say("/kəˈnuː/", "&language=en").body()).isEqualTo(canoe);
        assertThat(say("/k@n'u:/", "&language=en").body()).as("its own signs are not ours").isNotEqualTo(canoe);
        assertThat(say("[[k@n'u:]]", "&language=en").body()).isNotEqualTo(canoe);
        assertThat(say("/ˈkanuː/", "&language=de").status()).isEqualTo(200);
        assertThat(EspeakSigns.read("/" + Phonetic.SIGNS.strip() + "/")).as("every sign is known to it").matches("\\[\\[\\p{ASCII}+]]");
        assertThat(say("/kəˈnuː/", "&language=xx").sentence()).startsWith("Words written as they sound are said by espeak-ng alone");
    }

    @Test
    void aLanguageNoVoiceReadsIsSaidWithTheWayOn() {
        assertThat(say("nuqneH", "&language=xx").sentence()).startsWith("No voice here reads this language.").contains("espeak-ng");
        assertThat(http.get("/api/voices?language=xx").json().get("speaks").asBoolean()).isFalse();
        assertThat(http.get("/api/voices?language=de").json().get("variants").size()).isGreaterThan(5);
    }

    /** A program in the place of espeak-ng. */
    private EspeakVoice played(Path folder, String script) throws IOException {
        Path program = Files.writeString(folder.resolve("espeak"),
            "#!/bin/sh\n[ \"$1\" = --voices ] && { printf 'Pty\\n 5  en  --/M  English  gmw/en\\n'; exit 0; }\n"
                + script + "\n");
        Files.setPosixFilePermissions(program, PosixFilePermissions.fromString("rwx------"));
        return new EspeakVoice(program.toString());
    }

    @Test
    void aVoiceThatIsMissingHangsOrDiesStopsNothingElse(@TempDir Path folder) throws Exception {
        StandInVoice standIn = new StandInVoice();
        EspeakVoice missing = new EspeakVoice("/no/such/program");
        assertThat(missing.isThere()).isFalse();
        assertThat(new Voices(missing, standIn).speak(Spoken.plainly("crab", "en"))).isNotEmpty();
        assertThatThrownBy(() -> new Voices(missing, standIn).speak(Spoken.plainly("Krabbe", "de"))).hasMessage("voice-no-language");
        assertThatThrownBy(() -> played(folder, "kill -9 $$").speak(Spoken.plainly("crab", "en"))).hasMessage("voice-broken");
        assertThatThrownBy(() -> played(folder, "exec sleep 600").speak(Spoken.plainly("crab", "en"))).hasMessage("voice-broken");
        assertThatThrownBy(() -> played(folder, "echo no sound").speak(Spoken.plainly("crab", "en"))).hasMessage("voice-broken");
        assertThatThrownBy(() -> played(folder, "espeak-ng \"$@\" | head -c 9000; kill -9 $$").speak(Spoken.plainly("crab", "en"))).as("half a word")
            .hasMessage("voice-broken");
    }

    @Test
    void whatWasSaidIsKept(@TempDir Path folder) throws Exception {
        EspeakVoice voice = played(folder, "echo x >> " + folder.resolve("times") + "; exec espeak-ng \"$@\"");
        byte[] once = voice.speak(Spoken.plainly("ferry", "en"));
        assertThat(voice.speak(Spoken.plainly(" ferry ", "en"))).isSameAs(once);
        voice.speak(new Spoken("ferry", "en", Manner.SHOUTED, null, 100, 50));
        assertThat(Files.readAllLines(folder.resolve("times"))).hasSize(2);
    }

    @Test
    void accentsAndCurlyQuotesAreFoldedAndLongTextsRefused() {
        assertThat(StandInVoice.plain("“Café” – it’s")).isEqualTo("\"Cafe\" ,  it's");
        assertThat(say("a".repeat(501)).sentence()).contains("up to 500 characters");
    }
}
