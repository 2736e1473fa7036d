package org.dwimble.server.speech;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
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
            spoken.add(people.submit(() -> voice.speak(text)));
        }
        byte[] tidePool = TestServer.bean(Voice.class).speak("tide pool");
        for (int i = 0; i < 12; i += 2) {
            assertThat(spoken.get(i).get()).isEqualTo(tidePool);
        }
        people.shutdown();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"'  ' | There is nothing to say yet.", "🦀 | The stand-in voice speaks English letters",
        "蟹 | The stand-in voice speaks English letters"})
    void whatCannotBeSpokenIsSaidNotPlayedAsSilence(String text, String sentence) {
        Http.Answer answer = say(text);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.sentence()).startsWith(sentence);
    }

    @Test
    void accentsAndCurlyQuotesAreFoldedAndLongTextsRefused() {
        assertThat(StandInVoice.plain("“Café” – it’s")).isEqualTo("\"Cafe\" ,  it's");
        assertThat(say("a".repeat(501)).sentence()).contains("up to 500 characters");
    }
}
