/** What was asked for before the application itself was there: each is taken once, by who asks for the same. */
const asked = new Map<string, Promise<Response>>();

export function askEarly(...addresses: string[]): void {
  for (const address of addresses) {
    const answer = fetch(address);
    // Whoever takes it hears of it.
    answer.catch(() => undefined);
    asked.set(address, answer);
  }
}

export function takeEarly({ method, url }: Request): Promise<Response> | undefined {
  const { pathname, search } = new URL(url);
  const answer = method === 'GET' ? asked.get(pathname + search) : undefined;
  asked.delete(pathname + search);
  return answer;
}
