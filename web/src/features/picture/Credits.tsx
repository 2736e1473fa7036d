import { t } from '@lingui/core/macro';
import { Modal } from 'antd';
import { useQuery, type UseQueryOptions } from '@tanstack/react-query';
import type { Credited } from '../../api/types';
import type { credits, creditsOfList } from '../../data/pictures';
import parts from '../../shell/parts.module.css';
import css from './pictures.module.css';

/** Whose the pictures of something are: computed from what stands there. */
export function Credits({ of, name, onClose }: { of: ReturnType<typeof credits | typeof creditsOfList>; name: string; onClose: () => void }) {
  const { data } = useQuery<Credited[]>(of as UseQueryOptions<Credited[]>);
  return (
    <Modal open title={t`Whose the pictures of ${name} are`} onCancel={onClose} footer={null}>
      {data?.length === 0 && <p>{t`There is no picture here.`}</p>}
      <table className={css.credits}>
        <thead>
          <tr>
            <th>{t`Source`}</th>
            <th>{t`Made by`}</th>
            <th>{t`Licence`}</th>
            <th>{t`Pictures`}</th>
          </tr>
        </thead>
        <tbody>
          {(data ?? []).map((credit) => (
            <tr key={credit.source + credit.author + credit.licence}>
              <td>{credit.source}</td>
              <td>{credit.author}</td>
              <td>
                {credit.licence}
                {credit.onPaper && ' *'}
              </td>
              <td>{credit.pictures}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className={parts.quiet}>{t`* asks to be named wherever the pictures are shown; a printed sheet does so at its foot.`}</p>
    </Modal>
  );
}
