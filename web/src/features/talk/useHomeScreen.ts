import { useEffect } from 'react';

/** Lets a device put this talk on its home screen, where it opens by itself. */
export function useHomeScreen(vocabulary: number): void {
  useEffect(() => {
    const link = document.createElement('link');
    link.rel = 'manifest';
    // What it is called is for those alone who may talk with it.
    link.crossOrigin = 'use-credentials';
    link.href = `/api/vocabularies/${vocabulary}/talk.webmanifest`;
    document.head.append(link);
    return () => link.remove();
  }, [vocabulary]);
}
