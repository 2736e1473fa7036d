/** Which vocabulary is talked with at an address; none if it is no talk. */
export function talkAt(pathname: string): number | undefined {
  const [, vocabulary] = /^\/vocabularies\/(\d+)\/talk$/.exec(pathname) ?? [];
  return vocabulary === undefined ? undefined : Number(vocabulary);
}
