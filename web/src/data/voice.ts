import { t } from '@lingui/core/macro';
import { Problem } from '../api/client';

/** Speaks by the browser's voice where it has one for the language, else by the stand-in voice the server ships. */

const VOICES_WAIT_MS = 400;
let playing: HTMLAudioElement | undefined;

export async function say(text: string, locale: string): Promise<void> {
  hush();
  const voice = await browserVoice(locale);
  if (voice) return speakInBrowser(text, voice);
  return speakStandIn(text);
}

export function hush(): void {
  if ('speechSynthesis' in window) window.speechSynthesis.cancel();
  playing?.pause();
  playing = undefined;
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

function speakInBrowser(text: string, voice: SpeechSynthesisVoice): Promise<void> {
  return new Promise((resolve, reject) => {
    const utterance = new SpeechSynthesisUtterance(text);
    utterance.voice = voice;
    utterance.lang = voice.lang;
    utterance.onend = () => resolve();
    utterance.onerror = (e) => (e.error === 'canceled' || e.error === 'interrupted' ? resolve() : speakStandIn(text).then(resolve, reject));
    window.speechSynthesis.speak(utterance);
  });
}

async function speakStandIn(text: string): Promise<void> {
  const response = await fetch(`/api/speech?text=${encodeURIComponent(text)}`);
  if (!response.ok) {
    const told = (await response.json().catch(() => ({}))) as { detail?: string };
    throw new Problem(response.status, told.detail ?? t`There is no voice for this here. The words are on the screen.`);
  }
  const address = URL.createObjectURL(await response.blob());
  const audio = new Audio(address);
  playing = audio;
  audio.onended = () => URL.revokeObjectURL(address);
  // Another word tapped meanwhile takes its place: nothing went wrong, and nothing is to be told.
  await audio.play().catch((error: unknown) => {
    if (!(error instanceof DOMException && error.name === 'AbortError')) throw error;
  });
}
