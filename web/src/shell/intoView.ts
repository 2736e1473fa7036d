/** As a `ref`: what appears is scrolled to, no further than it takes to see it. */
export const intoView = (element: HTMLElement | null) => element?.scrollIntoView({ block: 'nearest' });

/** As a `ref`: on a screen too narrow to show it beside what was chosen, what is told of it is scrolled to. */
export const belowIntoView = (element: HTMLElement | null) => {
  if (window.matchMedia('(max-width: 640px)').matches) element?.scrollIntoView({ block: 'start' });
};

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
