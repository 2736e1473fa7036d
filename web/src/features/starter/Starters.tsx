import { plural, t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Alert, Button } from 'antd';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState, type DragEvent } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { sentence } from '../../api/client';
import type { StarterView, Student } from '../../api/types';
import { CameIn, useBringIn } from '../bringin';
import { BoardPicture } from '../../drawn/BoardPicture';
import { caseload, screenName, screens, student as studentQuery, vocabularies } from '../../data/students';
import { copyStarter, starters as startersQuery } from '../../data/starters';
import parts from '../../shell/parts.module.css';
import css from './starters.module.css';

/** The starters side by side, measured on this student's screen; or boards from a file. */
export default function Starters() {
  const id = useParams().student!;
  const queries = useQueryClient();
  const navigate = useNavigate();
  const { data: student, error } = useQuery(studentQuery(id));
  const { data: starters } = useQuery(startersQuery(id));
  const { data: usual = [] } = useQuery(screens);
  const { data: already = [] } = useQuery(vocabularies(id));
  const copying = useMutation({
    mutationFn: (starter: string) => copyStarter(id, starter),
    onSuccess: (copy) => {
      void queries.invalidateQueries({ queryKey: caseload.queryKey });
      void navigate(`/vocabularies/${copy.vocabulary}`);
    },
  });
  if (error)
    return (
      <main className={parts.lone}>
        <h1>{t`No student here`}</h1>
        <p role="alert">{sentence(error)}</p>
      </main>
    );
  if (!student || !starters) return null;
  const others = already.map((v, i) => (
    <span key={v.vocabulary}>
      {i > 0 && ', '}
      <Link to={`/vocabularies/${v.vocabulary}`}>{v.name}</Link>
    </span>
  ));
  return (
    <main className={parts.page} data-ready>
      <div className={parts.pageHead}>
        <h1>{t`Start ${student.name}’s vocabulary`}</h1>
        <span
          className={parts.quiet}
        >{t`on ${screenName(student.screen, usual)}, ${Math.round(student.screen.width / 1000)} x ${Math.round(student.screen.height / 1000)} mm`}</span>
      </div>
      <p>
        {t`Somebody who only begins needs two photos and a voice:`} <Link className={parts.dotted} to={`/students/${id}/first`}>{t`make a first board`}</Link>
      </p>
      {already.length > 0 && (
        <p className={parts.quiet}>
          <Trans>
            {student.name} has {others}{' '}
            {plural(already.length, {
              one: 'already. A new one stands beside it; nothing is replaced.',
              other: 'already. A new one stands beside them; nothing is replaced.',
            })}
          </Trans>
        </p>
      )}
      {already.some((v) => v.first) && (
        <p>
          {t`Or go on from one of these, each word kept as the same word:`}{' '}
          {already
            .filter((v) => v.first)
            .map((v) => (
              <Link key={v.vocabulary} className={`${parts.dotted} ${css.onFrom}`} to={`/students/${id}/first/${v.vocabulary}/on`}>
                {v.name}
              </Link>
            ))}
        </p>
      )}
      {copying.isError && <Alert type="error" showIcon title={sentence(copying.error)} className={parts.gapBelow} />}
      <div className={css.starters}>
        {starters.map((s) => (
          <StarterCard key={s.id} starter={s} student={student} busy={copying.isPending} onCopy={() => copying.mutate(s.starter)} />
        ))}
      </div>
      <BringIn student={id} name={student.name} />
    </main>
  );
}

function StarterCard({ starter, student, busy, onCopy }: { starter: StarterView; student: Student; busy: boolean; onCopy: () => void }) {
  const sheet = `/api/vocabularies/${starter.id}/boards/${encodeURIComponent(starter.home.id)}/sheet.pdf?student=${encodeURIComponent(student.id)}`;

  return (
    <article className={css.starter} aria-label={starter.name}>
      <BoardPicture board={starter.home} label={t`The home board of ${starter.name}`} />
      <div className={css.starterWords}>
        <h2>{starter.name}</h2>
        <p>{starter.about}</p>
        <dl>
          <div>
            <dt>{t`Grid`}</dt>
            <dd>{t`${starter.rows} x ${starter.columns}`}</dd>
          </div>
          <div>
            <dt>{t`Words`}</dt>
            <dd>{starter.words}</dd>
          </div>
          <div>
            <dt>{t`Boards`}</dt>
            <dd>{starter.boards}</dd>
          </div>
          <div>
            <dt>{t`Each cell`}</dt>
            <dd>{t`${Math.round(starter.cellWidthMm)} x ${Math.round(starter.cellHeightMm)} mm`}</dd>
          </div>
        </dl>
        {starter.small && <p className={parts.note}>{t`Cells this small are hard to hit for many hands.`}</p>}
      </div>
      <div className={css.starterDoors}>
        <Button type="primary" loading={busy} onClick={onCopy}>
          {t`Copy for ${student.name}`}
        </Button>
        <Link className={parts.door} to={`/vocabularies/${starter.id}/talk`}>{t`Try it`}</Link>
        <Link className={parts.door} to={`/vocabularies/${starter.id}`}>{t`Look inside`}</Link>
        <a
          className={parts.door}
          href={sheet}
          target="_blank"
          rel="noreferrer"
          title={t`Its home board on paper, as large as on ${student.name}’s screen, to point at before you choose`}
        >{t`Print its home board`}</a>
      </div>
    </article>
  );
}

/** Boards or a book from a file: chosen or dropped. */
function BringIn({ student, name }: { student: string; name: string }) {
  const [over, setOver] = useState(false);
  const { came, choose, take, parts: working } = useBringIn(student);
  const drop = (e: DragEvent) => {
    e.preventDefault();
    setOver(false);
    take([...e.dataTransfer.files]);
  };
  return (
    <section
      className={over ? `${css.bringIn} ${css.over}` : css.bringIn}
      aria-label={t`Boards from a file`}
      onDragOver={(e) => {
        e.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={drop}
    >
      <p>{t`Or bring in boards or a book from a file: drop an open-board package (.obz) or board (.obf) here, or`}</p>
      <Button onClick={choose}>{t`Choose a file`}</Button>
      {working}
      {came && <CameIn came={came} name={name} />}
    </section>
  );
}
