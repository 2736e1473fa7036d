import { createContext, useContext, type ReactNode } from 'react';
import type { Appearance, Layer } from '../api/types';
import { isWhole } from './layers';
import { pictureAddress, type Art } from '../data/pictureAddress';
import css from './art.module.css';

const Looks = createContext<Art>({ art: 'colour.yellow.usual' });

export function ArtOf({ art, vocabulary, list, children }: Art & { children: ReactNode }) {
  return <Looks.Provider value={{ art, vocabulary, list }}>{children}</Looks.Provider>;
}

/** The part of an address that says how pictures look to a student; core’s `Appearance.slug`. */
export const artOf = ({ look, tone, hair }: Appearance) => `${look}.${tone}.${hair}`.toLowerCase();

export const useArt = () => useContext(Looks);

/** A picture as it looks here. `collected`: an own one that may not be on any board yet. */
export function Pic({ id, collected, className, style }: { id: string; collected?: boolean; className?: string; style?: React.CSSProperties }) {
  const art = useArt();
  const address = pictureAddress(id, collected ? { art: art.art } : art);
  return (
    // Another picture is another image: none is seen beside words that are not its own while it is on its way.
    <img key={address} src={address} alt="" draggable={false} className={className} style={style} loading={collected ? 'lazy' : undefined} />
  );
}

/** All the pictures of a button: one that takes all the room, or several drawn over each other in a square. */
export function ButtonPicture({ layers, collected }: { layers: Layer[]; collected?: boolean }) {
  if (layers.length === 0) return null;
  if (layers.length === 1 && isWhole(layers[0])) return <Pic id={layers[0].picture} collected={collected} />;
  return (
    <span className={css.layers}>
      <span className={css.layersSquare}>
        {layers.map((l, i) => (
          <Pic
            key={i}
            id={l.picture}
            collected={collected}
            style={{ left: `${l.x / 10}%`, top: `${l.y / 10}%`, width: `${l.size / 10}%`, height: `${l.size / 10}%` }}
          />
        ))}
      </span>
    </span>
  );
}
