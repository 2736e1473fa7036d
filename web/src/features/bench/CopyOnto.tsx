import { t } from '@lingui/core/macro';
import { Button as PlainButton, Dropdown } from 'antd';
import type { Button, Intention } from '../../api/types';
import { kinds } from '../../drawn/kindNames';

type Onto = Extract<Intention, { type: 'copy-onto' }>['onto'];

/** Copies a look, or what a button does, onto others. */
export function CopyOnto({
  what,
  button,
  board,
  chosen,
  onEdit,
  children,
}: {
  what: 'LOOK' | 'DOES';
  button: Button;
  board: string;
  chosen: Button[];
  onEdit: (edit: Intention) => void;
  children: React.ReactNode;
}) {
  const kind = kinds.find((k) => k.kind === button.kind)?.many;
  const items = [
    ...(chosen.length > 0 ? [{ key: 'CHOSEN', label: t`the ${chosen.length} chosen with it` }] : []),
    { key: 'BOARD', label: t`this board` },
    { key: 'ALL', label: t`all boards` },
    ...(kind ? [{ key: 'KIND', label: t`all ${kind}` }] : []),
  ];
  return (
    <Dropdown
      trigger={['click']}
      menu={{
        items: what === 'DOES' ? items.filter((i) => i.key === 'CHOSEN') : items,
        onClick: ({ key }) => onEdit({ type: 'copy-onto', board, button: button.id, what, onto: key as Onto, chosen: chosen.map((b) => b.id) }),
      }}
    >
      <PlainButton>{children}</PlainButton>
    </Dropdown>
  );
}
