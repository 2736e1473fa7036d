/** As a `ref`: what appears is scrolled to, no further than it takes to see it. */
export const intoView = (element: HTMLElement | null) => element?.scrollIntoView({ block: 'nearest' });

/** As a `ref`: what is chosen is scrolled to within its own part of the page; the page stays where the person has it. */
export function intoList(element: HTMLElement | null) {
  const list = element?.closest('section');
  if (!element || !list) {
    return;
  }
  const there = element.getBoundingClientRect();
  const seen = list.getBoundingClientRect();
  list.scrollTop += Math.max(0, there.bottom - seen.bottom) || Math.min(0, there.top - seen.top);
}
