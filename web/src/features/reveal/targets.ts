/** How many words each step shows, from “8 words, then 20, then all”; 0 stands for all. Undefined if they do not grow. */
export function targetsOf(text: string): number[] | undefined {
  const found = [...text.matchAll(/\d+|\ball\b/gi)].map(([n]) => (/\d/.test(n) ? Number(n) : 0));
  const grow = found.every((n, i) => (n === 0 ? i === found.length - 1 && /all\b/i.test(text) : i === 0 || n > found[i - 1]));
  return found.length > 0 && grow ? found : undefined;
}
