import { useEffect, useEffectEvent, useRef, useState } from 'react';
import { client, sayOnLeaving } from '../api/client';
import type { Hello, Here, Revised } from '../api/types';

/** A connection the server closed for good is tried again after so long; one that was cut, the browser tries by itself. */
const AGAIN_MS = 4_000;

/** What can be open on several screens, as its address names it. */
export type Thing = 'vocabularies' | 'lists';

/**
 * Who else has this open, told live. `onVersion` hears which version is in force whenever somebody changed something, also after the
 * connection was cut. `board`: that is shown; empty where there are none.
 */
export function useLive(thing: Thing, id: number, board: string, onVersion: (version: number) => void): Here[] {
  const [here, setHere] = useState<Here[]>([]);
  const connection = useRef<string>(undefined);
  const shown = useEffectEvent(() => board);
  const heard = useEffectEvent((version: number) => onVersion(version));

  useEffect(() => {
    let source: EventSource | undefined;
    let again: ReturnType<typeof setTimeout> | undefined;

    const open = () => {
      source = new EventSource(`/api/${thing}/${id}/events?board=${encodeURIComponent(shown())}`);
      source.addEventListener('hello', (e) => {
        const hello = JSON.parse((e as MessageEvent<string>).data) as Hello;
        connection.current = hello.connection;
        heard(hello.version);
      });
      source.addEventListener('changed', (e) => heard((JSON.parse((e as MessageEvent<string>).data) as Revised).version));
      source.addEventListener('here', (e) => setHere(JSON.parse((e as MessageEvent<string>).data) as Here[]));
      // The name of a connection is kept when it is cut, as that happens before a page that is left can say so.
      source.onerror = () => {
        setHere([]);
        if (source?.readyState === EventSource.CLOSED) again = setTimeout(open, AGAIN_MS);
      };
    };
    const leave = () => {
      source?.close();
      clearTimeout(again);
      const left = connection.current;
      connection.current = undefined;
      if (left) sayOnLeaving('DELETE', `/api/${thing}/${id}/here?connection=${encodeURIComponent(left)}`);
    };
    open();
    window.addEventListener('pagehide', leave);
    return () => {
      window.removeEventListener('pagehide', leave);
      leave();
    };
  }, [thing, id]);

  useEffect(() => {
    if (connection.current && thing === 'vocabularies') {
      void client
        .PUT('/api/vocabularies/{vocabulary}/here', { params: { path: { vocabulary: id } }, body: { connection: connection.current, board } })
        .catch(() => undefined);
    }
  }, [thing, id, board]);

  return here;
}
