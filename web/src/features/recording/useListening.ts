import { useCallback, useEffect, useRef, useState } from 'react';
import { sentence } from '../../api/client';
import { done, heardPiece, silence, type Listening } from './listening';
import { openMicrophone, type Microphone } from './microphone';
import { joined, level, type Wave } from './wave';

/** So much of what was heard before the first word is kept: a soft beginning is soft. */
const BEFORE_MS = 400;
/** A button says no more. */
const MOST_MS = 30_000;
/** Nothing heard for so long, it is asked whether the microphone is on. */
const NOTHING_MS = 6000;

export type Microphoning = { what: 'opening' } | { what: 'open'; listening: Listening; nothingHeard: boolean } | { what: 'failed'; sentence: string };

/**
 * The microphone, open as long as this stands; each time somebody has spoken and is silent, what was said is handed on.
 *
 * @param on     another number opens it anew; 0 leaves it closed
 * @param onSaid may stop listening by what it returns
 */
export function useListening(on: number, onSaid: (said: Wave) => void) {
  const [state, setState] = useState<Microphoning>({ what: 'opening' });
  const pieces = useRef<Float32Array[]>([]);
  const heard = useRef<Listening>(silence);
  const rate = useRef(48_000);
  const said = useRef(onSaid);
  useEffect(() => {
    said.current = onSaid;
  });

  const cut = useCallback(() => {
    const all = pieces.current;
    pieces.current = [];
    heard.current = silence;
    return { samples: joined(all), rate: rate.current };
  }, []);

  useEffect(() => {
    if (!on) return undefined;
    let microphone: Microphone | undefined;
    let over = false;
    const waiting = { ms: 0 };
    pieces.current = [];
    heard.current = silence;
    function piece(samples: Float32Array) {
      if (over) return;
      const ms = (samples.length / rate.current) * 1000;
      const next = heardPiece(heard.current, level(samples), ms);
      pieces.current.push(samples);
      heard.current = next;
      waiting.ms = next.began === undefined ? waiting.ms + ms : 0;
      if (next.began === undefined) while (pieces.current.length * ms > BEFORE_MS) pieces.current.shift();
      if (done(next) || (next.began !== undefined && next.ms - next.began > MOST_MS)) said.current(cut());
      setState({ what: 'open', listening: heard.current, nothingHeard: waiting.ms > NOTHING_MS });
    }
    openMicrophone(piece).then(
      (opened) => {
        if (over) return opened.close();
        microphone = opened;
        rate.current = opened.rate;
      },
      (error: unknown) => setState({ what: 'failed', sentence: sentence(error) }),
    );
    return () => {
      over = true;
      microphone?.close();
      setState({ what: 'opening' });
    };
  }, [on, cut]);

  return { state, cut };
}
