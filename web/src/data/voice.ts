import { t } from '@lingui/core/macro';
import { Problem } from '../api/client';
import type { HowSaid } from '../api/types';

/** Plays a sound, or speaks: by the browser’s voice where it has one for the language, else by the stand-in voice the server ships. */

type Manner = HowSaid['manner'];

export interface Heard {
  /** What a voice says. */
  spoken: string;
  locale: string;
  manner?: Manner;
  /** A recording or another sound that is heard in place of the voice, with the vocabulary it stands in. */
  sound?: string;
  vocabulary?: number;
  /** 0 to 1. */
  loudness?: number;
  /** A factor of the usual rate. */
  rate?: number;
}

/** What a voice makes of a manner: factors of its usual rate, pitch and loudness. */
const MANNERS: Record<Manner, { rate: number; pitch: number; loudness: number }> = {
  PLAINLY: { rate: 1, pitch: 1, loudness: 1 },
  BRIGHTLY: { rate: 1.1, pitch: 1.35, loudness: 1 },
  CROSSLY: { rate: 1.05, pitch: 0.75, loudness: 1 },
  SLEEPILY: { rate: 0.7, pitch: 0.85, loudness: 0.7 },
  WHISPERED: { rate: 0.9, pitch: 0.9, loudness: 0.35 },
  SHOUTED: { rate: 1.05, pitch: 1.2, loudness: 1 },
};

const OWN = 'own/';

/** Where a sound is heard from: one that ships, or one of a vocabulary. */
const addressOf = (sound: string, vocabulary?: number) =>
  sound.startsWith(OWN) ? `/api/vocabularies/${vocabulary}/sounds/${sound.slice(OWN.length)}` : `/${sound.replace('effect/', 'effects/')}.wav`;
const VOICES_WAIT_MS = 400;
let silence: () => void = () => undefined;
let turns = 0;

/** Plays or speaks it. Done when it is over, or when something else is heard in its place. */
export async function hear(heard: Heard): Promise<void> {
  hush();
  if (heard.sound) {
    try {
      return await play(addressOf(heard.sound, heard.vocabulary), heard);
    } catch (error) {
      if (!heard.spoken) throw error;
    }
  }
  const voice = await browserVoice(heard.locale);
  return voice ? speakInBrowser(heard, voice) : speakStandIn(heard);
}

export const say = (text: string, locale: string) => hear({ spoken: text, locale });

export function hush(): void {
  silence();
  silence = () => undefined;
}

/** Silences what is heard, and whatever was to be heard after it. @returns whether nobody has taken a turn since. */
export function takeTurn(): () => boolean {
  hush();
  turns += 1;
  const mine = turns;
  return () => mine === turns;
}

async function browserVoice(locale: string): Promise<SpeechSynthesisVoice | undefined> {
  if (!('speechSynthesis' in window)) return undefined;
  const language = locale.slice(0, 2).toLowerCase();
  const voices = await loadedVoices();
  return voices.find((v) => v.lang.toLowerCase().startsWith(language) && v.localService) ?? voices.find((v) => v.lang.toLowerCase().startsWith(language));
}

let voices: Promise<SpeechSynthesisVoice[]> | undefined;

/** Browsers load their voices late, or have none: asked once, waited for a moment. */
function loadedVoices(): Promise<SpeechSynthesisVoice[]> {
  voices ??= new Promise((resolve) => {
    const now = window.speechSynthesis.getVoices();
    if (now.length > 0) return resolve(now);
    const timer = setTimeout(() => resolve(window.speechSynthesis.getVoices()), VOICES_WAIT_MS);
    window.speechSynthesis.addEventListener(
      'voiceschanged',
      () => {
        clearTimeout(timer);
        resolve(window.speechSynthesis.getVoices());
      },
      { once: true },
    );
  });
  return voices;
}

function speakInBrowser(heard: Heard, voice: SpeechSynthesisVoice): Promise<void> {
  const { rate = 1, loudness = 1, manner = 'PLAINLY' } = heard;
  return new Promise((resolve, reject) => {
    const utterance = new SpeechSynthesisUtterance(heard.spoken);
    utterance.voice = voice;
    utterance.lang = voice.lang;
    utterance.rate = rate * MANNERS[manner].rate;
    utterance.pitch = MANNERS[manner].pitch;
    utterance.volume = loudness * MANNERS[manner].loudness;
    utterance.onend = () => resolve();
    utterance.onerror = (e) => (e.error === 'canceled' || e.error === 'interrupted' ? resolve() : speakStandIn(heard).then(resolve, reject));
    silence = () => window.speechSynthesis.cancel();
    window.speechSynthesis.speak(utterance);
  });
}

function speakStandIn(heard: Heard): Promise<void> {
  const { rate = 1, loudness = 1, manner = 'PLAINLY' } = heard;
  return play(`/api/speech?text=${encodeURIComponent(heard.spoken)}`, {
    rate: rate * MANNERS[manner].rate,
    loudness: loudness * MANNERS[manner].loudness,
  });
}

async function play(address: string, how: Pick<Heard, 'loudness' | 'rate'>): Promise<void> {
  let silenced = false;
  silence = () => {
    silenced = true;
  };
  const response = await fetch(address);
  if (!response.ok) {
    const told = (await response.json().catch(() => ({}))) as { detail?: string };
    throw new Problem(response.status, told.detail ?? t`There is no voice for this here. The words are on the screen.`);
  }
  const bytes = await response.blob();
  if (!silenced) await playing(bytes, how);
}

/** Plays what is at hand, such as a recording that is not kept yet. */
export async function playBlob(sound: Blob): Promise<void> {
  hush();
  await playing(sound, {});
}

function playing(sound: Blob, { loudness = 1, rate = 1 }: Pick<Heard, 'loudness' | 'rate'>): Promise<void> {
  const made = URL.createObjectURL(sound);
  const audio = new Audio(made);
  audio.volume = loudness;
  audio.playbackRate = rate;
  return new Promise<void>((resolve, reject) => {
    const over = () => {
      URL.revokeObjectURL(made);
      resolve();
    };
    audio.onended = over;
    audio.onerror = () => reject(new Problem(0, t`This sound cannot be played here.`));
    // Another word tapped meanwhile takes its place: nothing went wrong, and nothing is to be told.
    silence = () => {
      audio.pause();
      over();
    };
    audio.play().catch((error: unknown) => (error instanceof DOMException && error.name === 'AbortError' ? over() : reject(error as Error)));
  });
}
