import { t } from '@lingui/core/macro';
import { BoardPicture } from '../../drawn/BoardPicture';
import { hang, type LensRoom } from '../lens';
import { Arrows } from './Arrows';
import { ComparedBar, PlacesSide } from './PlacesSide';
import { usePlaces } from './usePlaces';
import bench from '../../shell/bench.module.css';

function usePlacesLens(room: LensRoom | undefined, on: boolean) {
  const placing = usePlaces(room?.view, room?.board, on);
  if (!room) return {};
  const { view, board } = room;
  return {
    overlay: placing.lens,
    over: on && <Arrows board={board} arrows={placing.arrows} />,
    instead: placing.flipped && placing.then && (
      <div className={`${bench.benchMat} ${bench.asItWas}`}>
        <BoardPicture board={placing.then} looks={{ look: view.look, papers: view.papers }} label={t`${board.name} as it was`} />
      </div>
    ),
    below: on && (
      <ComparedBar
        view={view}
        compared={placing.compared}
        onCompare={placing.onCompare}
        flipped={placing.flipped}
        onFlip={placing.flip}
        mayFlip={placing.then !== undefined}
      />
    ),
    side: on && (
      <PlacesSide
        board={board}
        compared={placing.comparison}
        other={placing.compared}
        mayEdit={room.mayEdit}
        onShow={room.showAt}
        onPutBack={(what) => void room.change({ what: 'put back', base: view.version, version: placing.compared.then!, ...what })}
      />
    ),
  };
}

hang({
  name: t`Places`,
  place: 2,
  about: t`What has moved`,
  mark: <path d="M2 4h8m0 0L7 1m3 3L7 7M14 12H6m0 0 3-3m-3 3 3 3" />,
  useLens: usePlacesLens,
});
