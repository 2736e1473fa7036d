import { t } from '@lingui/core/macro';
import { useQuery } from '@tanstack/react-query';
import { useRef } from 'react';
import { useLocation, useNavigate, useParams, useSearchParams } from 'react-router';
import { sentence } from '../../api/client';
import { showing } from '../../data/showing';
import { Scanner, USUAL_PER_MM, USUAL_TOUCHING, useTouching } from '../access';
import { Shown } from './Shown';
import { isAs } from './as';
import css from './showing.module.css';
import parts from '../../shell/parts.module.css';

const byCss = { perMm: () => USUAL_PER_MM };

/** A list on the whole screen, as a day, a walk or a book. */
export default function ShowPage() {
  const id = Number(useParams().list);
  const wanted = useSearchParams()[0].get('as');
  const back = (useLocation().state as { back?: string } | null)?.back;
  const navigate = useNavigate();
  const { data, error } = useQuery(showing(id));
  const root = useRef<HTMLElement>(null);
  useTouching(root, data?.access?.touching ?? USUAL_TOUCHING, byCss);
  if (error && !data)
    return (
      <main className={parts.lone}>
        <h1>{t`This cannot be shown`}</h1>
        <p role="alert">{sentence(error)}</p>
      </main>
    );
  if (!data) return null;
  const { access } = data;
  const looks = data.may.includes('LOOK');
  return (
    <main className={css.whole} ref={root} data-ready>
      <h1 className={parts.unseen}>{data.name}</h1>
      <Shown
        shown={data}
        as={isAs(wanted) ? wanted : (data.showing.as ?? 'BOOK')}
        onLeave={() => void navigate(back ?? (looks ? `/lists/${id}/pages` : '/caseload'))}
      />
      {access?.scanning && <Scanner scanning={access.scanning} root={root} locale={data.language} voice={data.voice} />}
    </main>
  );
}
