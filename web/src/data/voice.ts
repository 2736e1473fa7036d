import { t } from '@lingui/core/macro';
import { answer, client, Problem } from '../api/client';
import type { components } from '../api/schema.gen';
import type { HowSaid } from '../api/types';
import { isPhonetic } from './phonetic';
import { wordAt, wordOfLetter, wordsIn } from './wordAt';
import { waysToSay, type StudentVoice } from './waysToSay';

/** Plays a sound, or speaks: by the voice chosen, the device’s, or Dwimble’s own. */

type Manner = HowSaid['manner'];

export interface Heard {
  /** What a voice says. */
  spoken: string;
  locale: string;
  manner?: Manner;
  /** A recording or another sound that is heard in place of the voice, with the vocabulary it stands in. */
  sound?: string;
  vocabulary?: number;
  /** Chosen for the student. */
  voice?: StudentVoice;
  /** 0 to 1. */
  loudness?: number;
  /** A factor of the usual rate. */
  rate?: number;
  /** Which of its words is spoken just now, by its place; voices that do not tell are followed by how long words take. */
  onWord?: (place: number) => void;
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
export const soundAddress = (sound: string, vocabulary?: number) =>
  sound.startsWith(OWN) ? `/api/vocabularies/${vocabulary}/sounds/${sound.slice(OWN.length)}` : `/${sound.replace('effect/', 'effects/')}.wav`;
const VOICES_WAIT_MS = 400;
let silence: () => void = () => undefined;
let turns = 0;
let hears = 0;
type OwnVoices = components['schemas']['OwnVoices'];
const own = new Map<string, Promise<OwnVoices>>();

let heardNow = 0;
const waiting = new Set<() => void>();

/** Done when nothing is heard any more, nor anything that was to come after it. */
export const whenQuiet = () => (heardNow === 0 ? Promise.resolve() : new Promise<void>((resolve) => waiting.add(resolve)));

function over() {
  heardNow -= 1;
  // The next piece of a message begins where one ends.
  setTimeout(() => {
    if (heardNow > 0) return;
    waiting.forEach((resolve) => resolve());
    waiting.clear();
  });
}

/** Plays or speaks it, by the first of the ways there are that works. Done when it is over, or when something else is heard in its place. */
export function hear(heard: Heard): Promise<void> {
  heardNow += 1;
  return byTheFirstWay(heard).finally(over);
}

async function byTheFirstWay(heard: Heard): Promise<void> {
  hush();
  const mine = hears;
  if (heard.sound) {
    try {
      return await play(soundAddress(heard.sound, heard.vocabulary), heard);
    } catch (error) {
      if (!heard.spoken) throw error;
    }
  }
  const there = await deviceVoices(heard.locale);
  const ours = await ownVoices(heard.locale);
  // Somebody tapped something else while the voices were looked for.
  if (mine !== hears) return;
  const ways = waysToSay({ sound: false, chosen: heard.voice, browser: there.map((v) => v.name), ours: ours.speaks, phonetic: isPhonetic(heard.spoken) });
  for (const way of ways) {
    const chosen = way === 'CHOSEN' ? heard.voice : undefined;
    const device = way === 'OURS' || chosen?.where === 'OURS' ? undefined : (there.find((v) => v.name === chosen?.name) ?? there[0]);
    try {
      return await (device ? speakInBrowser(heard, device, chosen) : speakOurs(heard, chosen));
    } catch (error) {
      if (way === ways.at(-1)) throw error;
    }
  }
  // The server says what is missing, and how to get it.
  return speakOurs(heard);
}

export const say = (text: string, locale: string, voice?: StudentVoice) => hear({ spoken: text, locale, voice });

/** What Dwimble’s own voices can do for a language; asked once. */
export function ownVoices(locale: string): Promise<OwnVoices> {
  const known = own.get(locale);
  if (known) return known;
  const asked = answer(client.GET('/api/voices', { params: { query: { language: locale } } })).catch((): OwnVoices => {
    own.delete(locale);
    return { speaks: true, variants: [], missing: false };
  });
  own.set(locale, asked);
  return asked;
}

export function hush(): void {
  hears += 1;
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

/** The device’s voices for a language, those that need no network first. */
export async function deviceVoices(locale: string): Promise<SpeechSynthesisVoice[]> {
  if (!('speechSynthesis' in window)) return [];
  const language = locale.slice(0, 2).toLowerCase();
  const all = (await loadedVoices()).filter((v) => v.lang.toLowerCase().startsWith(language));
  return [...all.filter((v) => v.localService), ...all.filter((v) => !v.localService)];
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

function speakInBrowser(heard: Heard, voice: SpeechSynthesisVoice, chosen?: StudentVoice): Promise<void> {
  const { rate = 1, loudness = 1, manner = 'PLAINLY' } = heard;
  return new Promise((resolve, reject) => {
    const utterance = new SpeechSynthesisUtterance(heard.spoken);
    utterance.voice = voice;
    utterance.lang = voice.lang;
    utterance.rate = (rate * MANNERS[manner].rate * (chosen?.rate ?? 100)) / 100;
    utterance.pitch = (MANNERS[manner].pitch * (chosen?.pitch ?? 50)) / 50;
    utterance.volume = loudness * MANNERS[manner].loudness;
    utterance.onboundary = (e) => e.name === 'word' && heard.onWord?.(wordOfLetter(heard.spoken, e.charIndex));
    utterance.onend = () => resolve();
    utterance.onerror = (e) =>
      e.error === 'canceled' || e.error === 'interrupted' ? resolve() : reject(new Problem(0, t`The voice of this device could not say that.`));
    silence = () => {
      window.speechSynthesis.cancel();
      resolve();
    };
    window.speechSynthesis.speak(utterance);
  });
}

async function speakOurs(heard: Heard, chosen?: StudentVoice): Promise<void> {
  const { rate = 1, loudness = 1, manner = 'PLAINLY', locale, spoken, onWord } = heard;
  const mine = hears;
  let before = 0;
  for (const text of breaths(spoken)) {
    if (mine !== hears) return;
    const first = before;
    before += wordsIn(text).length;
    const of = { locale, manner, rate };
    const say = async (spoken: string, before: number) => {
      const how = { loudness, onPart: onWord && ((part: number) => onWord(before + wordAt(spoken, part))) };
      try {
        await play(speechAddress({ ...of, spoken, voice: chosen }), how);
      } catch (error) {
        if (!isOffline(error) || rate === 1) throw error;
        // Beforehand it was spoken at the usual rate.
        await play(speechAddress({ ...of, rate: 1, spoken, voice: chosen }), { ...how, rate });
      }
    };
    try {
      await say(text, first);
    } catch (error) {
      if (!isOffline(error) || wordsIn(text).length < 2) throw error;
      // Without a network a sentence was spoken by nobody beforehand, but its words were.
      await wordByWord(text, first, say, () => mine === hears);
    }
  }
}

const isOffline = (error: unknown) => error instanceof Problem && error.status === 0;

/** So many words at most were spoken as one. */
const MOST_TOGETHER = 5;

/** What was spoken beforehand of a text, the longest pieces there are, one after the other. @throws Problem if there is nothing of it */
async function wordByWord(text: string, before: number, say: (piece: string, before: number) => Promise<void>, goesOn: () => boolean): Promise<void> {
  const words = wordsIn(text);
  let failed: Error | undefined;
  let said = 0;
  for (let at = 0; at < words.length && goesOn();) {
    let taken = 0;
    for (let count = Math.min(MOST_TOGETHER, words.length - at); count > 0 && !taken; count -= 1) {
      try {
        await say(words.slice(at, at + count).join(' '), before + at);
        taken = count;
        said += count;
      } catch (error) {
        failed = error as Error;
      }
    }
    at += Math.max(1, taken);
  }
  if (said === 0 && failed) throw failed;
}

/** Where a text is heard as Dwimble’s own voice says it. */
export function speechAddress({ spoken, locale, manner = 'PLAINLY', rate = 1, voice }: Omit<Heard, 'onWord'>): string {
  const asked = new URLSearchParams({ text: spoken, language: locale });
  const chosen = voice?.where === 'OURS' ? voice : undefined;
  if (manner !== 'PLAINLY') asked.set('manner', manner);
  if (chosen?.name) asked.set('variant', chosen.name);
  const percent = Math.round(rate * (chosen?.rate ?? 100));
  if (percent !== 100) asked.set('rate', String(percent));
  if (chosen && chosen.pitch !== 50) asked.set('pitch', String(chosen.pitch));
  return `/api/speech?${asked}`;
}

/** A long text in pieces that the server says at once, parted between words where it can be. */
export function breaths(text: string, most = 400): string[] {
  const pieces: string[] = [];
  let rest = text.trim();
  while (rest.length > most) {
    const gap = rest.lastIndexOf(' ', most);
    const cut = gap > 0 ? gap : most;
    pieces.push(rest.slice(0, cut));
    rest = rest.slice(cut).trim();
  }
  return rest ? [...pieces, rest] : pieces;
}

interface How {
  loudness?: number;
  rate?: number;
  /** How much of it has been heard, 0 to 1, told again and again. */
  onPart?: (part: number) => void;
}

async function play(address: string, how: How): Promise<void> {
  let silenced = false;
  silence = () => {
    silenced = true;
  };
  const response = await fetch(address).catch(() => {
    throw new Problem(0, t`The server cannot be reached, and this device has no voice of its own. The words are on the screen.`);
  });
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

function playing(sound: Blob, { loudness = 1, rate = 1, onPart }: How): Promise<void> {
  const made = URL.createObjectURL(sound);
  const audio = new Audio(made);
  audio.volume = loudness;
  audio.playbackRate = rate;
  return new Promise<void>((resolve, reject) => {
    let frame = 0;
    const follow = () => {
      if (audio.duration > 0) onPart?.(audio.currentTime / audio.duration);
      frame = requestAnimationFrame(follow);
    };
    if (onPart) follow();
    const over = () => {
      cancelAnimationFrame(frame);
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
