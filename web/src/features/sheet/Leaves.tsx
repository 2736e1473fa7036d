import { t } from '@lingui/core/macro';
import { Button } from 'antd';
import type { ReactNode } from 'react';
import type { Page } from '../../api/types';
import { PagePreview } from './PagePreview';
import { Ruler } from './Ruler';
import css from './print.module.css';

/** One sheet of several as it is printed, the others a click away; below it what can be done with them. */
export function Leaves({
  page,
  of,
  label,
  what = t`sheet`,
  onPage,
  over,
  children,
}: {
  page: Pick<Page, 'width' | 'height' | 'marks'> & { number: number };
  of: number;
  label: string;
  what?: string;
  onPage: (page: number) => void;
  /** What lies over the sheet, in the same units. */
  over?: ReactNode;
  children: ReactNode;
}) {
  return (
    <>
      <div className={css.paper}>
        <PagePreview page={page} label={label} />
        <svg
          role="presentation"
          viewBox={`0 0 ${page.width} ${page.height}`}
          style={{ aspectRatio: `${page.width} / ${page.height}` }}
          className={over ? css.over : `${css.over} ${css.through}`}
        >
          <Ruler width={page.width} />
          {over}
        </svg>
      </div>
      <div className={css.printFoot}>
        <span>{t`${what} ${page.number} of ${of}`}</span>
        <Button aria-label={t`The sheet before`} disabled={page.number === 1} onClick={() => onPage(page.number - 1)}>
          ‹
        </Button>
        <Button aria-label={t`The next sheet`} disabled={page.number === of} onClick={() => onPage(page.number + 1)}>
          ›
        </Button>
        {children}
      </div>
    </>
  );
}
