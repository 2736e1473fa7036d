/** The bench before its boards are there: everything in its place, nothing in it yet. */
export function Frame() {
  return (
    <div className="bench" aria-busy="true">
      <section className="path-bar" aria-label="This board"><span className="quiet" role="status">Opening the boards …</span></section>
      <div className="bench-body">
        <nav className="board-list" aria-label="Boards" />
        <main className="stage">
          <div className="stage-room" style={{ '--screen': 4 / 3 } as React.CSSProperties}><div className="mat bench-mat" /></div>
          <div className="word-line" />
        </main>
        <aside className="side" aria-label="What is marked" />
      </div>
    </div>
  );
}
