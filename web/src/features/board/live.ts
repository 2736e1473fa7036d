import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { client, sayOnLeaving } from '../../api/client';
import type { Hello, Here, Revised, VocabularyView } from '../../api/types';
import { lookAgain, vocabulary } from './boards';

/** A connection the server closed for good is tried again after so long; one that was cut, the browser tries by itself. */
const AGAIN_MS = 4_000;

/** Who else has this vocabulary open, told live. Looks again whenever somebody changed something, also after the connection was cut. */
export function useLive(id: number, board: string): Here[] {
  const queries = useQueryClient();
  const [here, setHere] = useState<Here[]>([]);
  const connection = useRef<string>(undefined);
  const shown = useRef(board);
  shown.current = board;

  useEffect(() => {
    let source: EventSource | undefined;
    let again: ReturnType<typeof setTimeout> | undefined;

    const heard = (version: number) => {
      const known = queries.getQueryData<VocabularyView>(vocabulary(id).queryKey);
      if (!known || version > known.version) lookAgain(queries, id);
    };
    const open = () => {
      source = new EventSource(`/api/vocabularies/${id}/events?board=${encodeURIComponent(shown.current)}`);
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
      if (left) sayOnLeaving('DELETE', `/api/vocabularies/${id}/here?connection=${encodeURIComponent(left)}`);
    };
    open();
    window.addEventListener('pagehide', leave);
    return () => {
      window.removeEventListener('pagehide', leave);
      leave();
    };
  }, [id, queries]);

  useEffect(() => {
    if (connection.current) {
      void client.PUT('/api/vocabularies/{vocabulary}/here', { params: { path: { vocabulary: id } }, body: { connection: connection.current, board } }).catch(() => undefined);
    }
  }, [id, board]);

  return here;
}
