import { useLayoutEffect, useRef, useState, type CSSProperties, type ReactNode } from 'react';
import { fitted } from '../../drawn/grid';
import bench from '../../shell/bench.module.css';

/**
 * The room a board has on the bench; the mat in it is as large as its proportions allow. The room is measured, not asked about by
 * container units: those would have every cell of a large board styled anew with each letter somebody types.
 */
export function StageRoom({ ratio, children }: { ratio: number; children: ReactNode }) {
  const room = useRef<HTMLDivElement>(null);
  const [size, setSize] = useState({ width: 0, height: 0 });
  useLayoutEffect(() => {
    const measure = () => setSize(fitted(room.current!.clientWidth, room.current!.clientHeight, ratio));
    measure();
    const observer = new ResizeObserver(measure);
    observer.observe(room.current!);
    return () => observer.disconnect();
  }, [ratio]);
  const shares = { '--mat-width': `${size.width}px`, '--mat-height': `${size.height}px` } as CSSProperties;
  return (
    <div ref={room} className={bench.stageRoom} style={shares}>
      {children}
    </div>
  );
}
