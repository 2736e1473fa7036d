/** As a `ref`: what appears is scrolled to, no further than it takes to see it. */
export const intoView = (element: HTMLElement | null) => element?.scrollIntoView({ block: 'nearest' });
