import { t } from '@lingui/core/macro';
import { useQuery } from '@tanstack/react-query';
import type { Layer } from '../../api/types';
import { arrangements } from '../../data/pictures';
import { arranged } from '../../drawn/layers';
import { Pic } from '../../drawn/art';
import parts from '../../shell/parts.module.css';
import css from './pictures.module.css';

type Place = Omit<Layer, 'picture'>;

/** Ways to make one picture of several. What is missing is chosen next, from the pictures beside it. */
export function PutTogether({ layers, at, onArrange }: { layers: Layer[]; at: number; onArrange: (layers: Layer[], next?: Place) => void }) {
  const { data = [] } = useQuery(arrangements);
  return (
    <div className={css.putTogether} role="group" aria-label={t`Put together`}>
      <span className={parts.quiet}>{t`Put together:`}</span>
      {data.map((how) => (
        <button
          key={how.words}
          type="button"
          className={css.chip}
          onClick={() => {
            const next = arranged(layers[at]?.picture, how);
            onArrange(next.layers, next.next);
          }}
        >
          <Pic id={how.sign} /> {how.words}
        </button>
      ))}
    </div>
  );
}
