import { Modal } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { credits } from './pictures';
import parts from '../../shell/parts.module.css';
import css from './pictures.module.css';

/** Whose the pictures of a vocabulary are: computed from what stands on its boards. */
export function Credits({ vocabulary, name, onClose }: { vocabulary: number; name: string; onClose: () => void }) {
  const { data } = useQuery(credits(vocabulary));
  return (
    <Modal open title={`Whose the pictures of ${name} are`} onCancel={onClose} footer={null}>
      {data?.length === 0 && <p>There is no picture on these boards.</p>}
      <table className={css.credits}>
        <thead><tr><th>Source</th><th>Made by</th><th>Licence</th><th>Pictures</th></tr></thead>
        <tbody>{(data ?? []).map(({ credit, pictures }) => <tr
          key={credit.source + credit.author + credit.licence}><td>{credit.source}</td><td>{credit.author}</td><td>{credit.licence}{credit.onPaper && ' *'}</td><td>{pictures}</td></tr>)}</tbody>
      </table>
      <p className={parts.quiet}>* asks to be named wherever the pictures are shown; a printed sheet does so at its foot.</p>
    </Modal>
  );
}
