import { t } from '@lingui/core/macro';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { reachOf } from '../../data/boards';
import { hang, type LensRoom } from '../lens';
import { reach } from './reach';
import { ReachSide } from './ReachSide';

function useReachLens(room: LensRoom | undefined, on: boolean) {
  const { data } = useQuery({ ...reachOf(room?.view.id ?? 0, room?.view.version ?? 0, room?.board.id ?? ''), enabled: on && room !== undefined });
  const overlay = useMemo(() => (data ? reach(data.here) : undefined), [data]);
  return { overlay, beside: on && data && room && <ReachSide costliest={data.costliest} onShow={room.go} /> };
}

hang({
  name: t`Reach`,
  place: 3,
  about: t`What each word costs to say`,
  mark: <path d="M2 14 6 8l4 3 4-9" />,
  useLens: useReachLens,
});
