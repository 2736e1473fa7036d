import { lazy, useState, type ComponentType } from 'react';

/**
 * A page that is loaded when it is first shown. One that was loaded before is there at once: what React waits for in the middle of drawing it holds back
 * for a third of a second, so that nothing flickers.
 */
export function page<P extends object>(load: () => Promise<{ default: ComponentType<P> }>) {
  let here: ComponentType<P> | undefined;
  const loaded = async () => {
    const module = await load();
    here = module.default;
    return module;
  };
  const Later = lazy(loaded);
  function Page(props: P) {
    const [Now] = useState(() => here);
    return Now ? <Now {...props} /> : <Later {...props} />;
  }
  return Object.assign(Page, { load: loaded });
}
