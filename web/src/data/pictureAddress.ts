/** How pictures look here: to which student, and of which vocabulary the own ones are. */
export interface Art {
  /** The part of a library picture's address that gives look, skin tone and hair. */
  art: string;
  vocabulary?: number;
  /** The word list the own ones are of, if they are of one. */
  list?: number;
}

/** True of one that is of no library: it is seen by who may. */
export const isOwn = (picture: string) => picture.startsWith('own/');

/**
 * Where a picture is served: the library's from the art of this student, own ones from the vocabulary or the list that has them, else from
 * the collection. What was put together of the library's follows the look as well.
 */
export function pictureAddress(picture: string, { art, vocabulary, list }: Art): string {
  if (!isOwn(picture)) return `/art/${art}/${picture}.svg`;
  const hash = picture.slice('own/'.length);
  if (list !== undefined) return `/api/lists/${list}/pictures/${hash}?look=${art}`;
  return vocabulary === undefined ? `/api/own-pictures/images/${hash}?look=${art}` : `/api/vocabularies/${vocabulary}/pictures/${hash}?look=${art}`;
}
