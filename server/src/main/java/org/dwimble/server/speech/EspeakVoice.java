package org.dwimble.server.speech;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.dwimble.core.recording.WaveFile;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.voice.Manner;
import org.dwimble.core.voice.Spoken;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;

/**
 * The voices of espeak-ng, a program of Debian's that reads more than a hundred languages: a process of its own for each text, which is given the text and
 * nothing else, and ended if it hangs. What was said is kept, so that a word said before takes no process.
 */
@Component
class EspeakVoice implements Voice {
    private static final Logger LOG = LoggerFactory.getLogger(EspeakVoice.class);
    private static final long REMEMBERED_BYTES = 48L << 20;
    private static final long HANGS_SECONDS = 5;
    private static final int AT_ONCE = 4;
    /** Of one text: half a minute of sound and more. */
    private static final int MOST_BYTES = 8 << 20;
    private static final int USUAL_WORDS_A_MINUTE = 150;
    private static final String BUSY = "voice-busy";
    private static final String WHISPERING = "whisper";
    /** Those of its variants that sound like people, as it calls them. */
    private static final List<String> VARIANTS = List.of("f1", "f2", "f3", "f4", "f5", "m1", "m2", "m3", "m4", "m5", "m6", "m7", "m8", "klatt", "klatt4");

    /** How it says what is said in a manner. @param rate factor @param pitch added @param loud of 200 */
    private record Made(double rate, int pitch, int loud, boolean whispered) {
        static Made of(Manner manner) {
            return switch (manner) {
                case PLAINLY -> new Made(1, 0, 100, false);
                case BRIGHTLY -> new Made(1.1, 25, 110, false);
                case CROSSLY -> new Made(1.05, -20, 150, false);
                case SLEEPILY -> new Made(0.65, -15, 70, false);
                case WHISPERED -> new Made(0.9, 0, 90, true);
                case SHOUTED -> new Made(1, 15, 190, false);
            };
        }
    }

    private final String program;
    private final Semaphore processes = new Semaphore(AT_ONCE, true);
    private final Cache<Spoken, byte[]> said = Caffeine.newBuilder().maximumWeight(REMEMBERED_BYTES)
        .weigher((Spoken spoken, byte[] wav) -> wav.length + 2 * spoken.text().length() + 100).build();
    /** What it calls each language it reads, by BCP 47 tag in small letters. */
    private final Map<String, String> languages;

    @Autowired
    EspeakVoice() {
        this("espeak-ng");
    }

    /** @param program by its name or path */
    EspeakVoice(String program) {
        this.program = program;
        this.languages = languages(program);
    }

    /** Whether the program is on this machine. */
    boolean isThere() {
        return !languages.isEmpty();
    }

    private Map<String, String> languages(String program) {
        Map<String, String> found = new LinkedHashMap<>();
        try {
            String listed = new String(run(List.of(program, "--voices"), ""), StandardCharsets.UTF_8);
            for (String line : listed.lines().skip(1).toList()) {
                String[] columns = line.trim().split("\\s+");
                if (columns.length > 4) {
                    found.putIfAbsent(columns[1].toLowerCase(Locale.ROOT), columns[1]);
                }
            }
        } catch (IOException | Unacceptable missing) {
            LOG.info("espeak-ng is not on this machine: only English can be said by Dwimble's own voice. Debian has it in the package espeak-ng.");
        }
        return found;
    }

    private @Nullable String voiceOf(String language) {
        String tag = language.equals("zh") || language.startsWith("zh-") ? "cmn" : language;
        String plain = tag.split("-")[0];
        String there = languages.getOrDefault(tag, languages.get(plain));
        return there != null ? there
            : languages.entrySet().stream().filter(e -> e.getKey().startsWith(plain + "-")).map(Map.Entry::getValue).findFirst().orElse(null);
    }

    @Override
    public boolean speaks(String language) {
        return voiceOf(language) != null;
    }

    @Override
    public List<String> variants(String language) {
        return speaks(language) ? VARIANTS : List.of();
    }

    @Override
    public byte[] speak(Spoken spoken) {
        if (spoken.text().codePoints().noneMatch(Character::isLetterOrDigit)) {
            return new byte[0];
        }
        byte[] known = said.getIfPresent(spoken);
        if (known != null) {
            return known;
        }
        String voice = voiceOf(spoken.language());
        if (voice == null) {
            return new byte[0];
        }
        Made made = Made.of(spoken.manner());
        String variant = made.whispered ? WHISPERING : spoken.variant() != null && VARIANTS.contains(spoken.variant()) ? spoken.variant() : null;
        List<String> command = new ArrayList<>(List.of(program, "-v", variant == null ? voice : voice + "+" + variant,
            "-s", String.valueOf(Math.round(USUAL_WORDS_A_MINUTE * made.rate * spoken.rate() / 100)),
            "-p", String.valueOf(Math.max(0, Math.min(99, spoken.pitch() + made.pitch))), "-a", String.valueOf(made.loud), "-z", "--stdin", "--stdout"));
        byte[] whole;
        try {
            // What it writes as it goes says nothing true of its length.
            whole = WaveFile.write(WaveFile.read(run(command, EspeakSigns.read(spoken.text())), MOST_BYTES));
        } catch (IOException | Unacceptable broken) {
            throw broken instanceof Unacceptable busy && busy.told().key().equals(BUSY) ? busy : new Unacceptable("voice-broken");
        }
        said.put(spoken, whole);
        return whole;
    }

    /** What it writes. @throws Unacceptable if it hangs, or has more to do than it can */
    private byte[] run(List<String> command, String text) throws IOException {
        try {
            if (!processes.tryAcquire(HANGS_SECONDS, TimeUnit.SECONDS)) {
                throw new Unacceptable(BUSY);
            }
        } catch (InterruptedException ending) {
            Thread.currentThread().interrupt();
            throw new Unacceptable(BUSY);
        }
        try {
            ProcessBuilder builder = new ProcessBuilder(command).redirectError(ProcessBuilder.Redirect.DISCARD);
            Process process = builder.start();
            // Ended from beside: whoever reads what it writes waits for that.
            process.onExit().orTimeout(HANGS_SECONDS, TimeUnit.SECONDS).exceptionally(hanging -> {
                process.destroyForcibly();
                return process;
            });
            try (OutputStream in = process.getOutputStream()) {
                in.write(text.getBytes(StandardCharsets.UTF_8));
            } catch (IOException ended) {
                LOG.debug("it did not read its text", ended);
            }
            try (InputStream out = process.getInputStream()) {
                byte[] written = out.readNBytes(MOST_BYTES);
                // Half a word is none: only what it ended by itself counts.
                if (written.length == MOST_BYTES || process.waitFor() != 0) {
                    throw new Unacceptable("voice-broken");
                }
                return written;
            } finally {
                process.destroyForcibly();
            }
        } catch (InterruptedException ending) {
            Thread.currentThread().interrupt();
            throw new Unacceptable("voice-broken");
        } finally {
            processes.release();
        }
    }
}
