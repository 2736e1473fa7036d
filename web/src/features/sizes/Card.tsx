import { t } from '@lingui/core/macro';
import { Slider } from 'antd';
import css from './sizes.module.css';

/** Height to width of a bank card (ISO/IEC 7810, ID-1: 85.60 x 53.98 mm). */
const PROPORTION = 85.6 / 53.98;
const LEAST = 120;
const MOST = 800;

/** A card drawn on the screen, made as large as the one that is held against it. */
export function Card({ width, onChange }: { width: number; onChange: (width: number) => void }) {
  return (
    <div>
      <p>{t`Hold a bank card against the screen and make the drawn one as large. Keep the zoom of the browser at 100 %.`}</p>
      <Slider
        min={LEAST}
        max={MOST}
        value={width}
        onChange={onChange}
        tooltip={{ open: false }}
        ariaLabelForHandle={t`How wide the drawn card is`}
        aria-label={t`How wide the drawn card is`}
      />
      <div className={css.shown}>
        <div className={css.bankCard} style={{ inlineSize: `${width}px`, aspectRatio: PROPORTION }} />
      </div>
    </div>
  );
}
