/** Lengths are whole micrometres; people see millimetres, or inches where those are used. An inch is 25.4 mm exactly. */
export type Unit = 'mm' | 'in';

const PER: Record<Unit, number> = { mm: 1000, in: 25_400 };
/** Paper and the unit of lengths belong together: where a school prints on Letter, people measure in inches. */
export const unitOn = (paper: string | undefined): Unit => (paper && ['LETTER', 'LEGAL', 'TABLOID'].includes(paper) ? 'in' : 'mm');

/** "45", "45.5", "1.75": as many digits as are needed, at most one behind the point in mm and three in inches. */
export const shown = (micrometres: number, unit: Unit): string => String(Number((micrometres / PER[unit]).toFixed(unit === 'mm' ? 1 : 3)));

export const withUnit = (micrometres: number, unit: Unit): string => `${shown(micrometres, unit)} ${unit}`;

/** What was typed, in micrometres: "45", "4.5 cm", "45,5 mm", "1 3/4 in". Undefined if it is no length. */
export function typed(text: string, unit: Unit): number | undefined {
  const [, whole, over, under, decimal, named] = /^\s*(?:(?:(\d+)\s+)?(\d+)\/(\d+)|(\d+(?:[.,]\d+)?))\s*(mm|cm|in|inch|inches|")?\s*$/i.exec(text) ?? [];
  const number = decimal !== undefined ? Number(decimal.replace(',', '.')) : over !== undefined ? Number(whole ?? 0) + Number(over) / Number(under) : undefined;
  if (number === undefined || !Number.isFinite(number)) return undefined;
  const per = !named ? PER[unit] : named.toLowerCase() === 'cm' ? 10_000 : named.toLowerCase() === 'mm' ? PER.mm : PER.in;
  return Math.round(number * per);
}

/** Minutes after midnight as a clock shows them: 545 is "9:05". */
export const clock = (minutes: number): string => `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, '0')}`;

/** "9:05", "9.05", "9", "0905"; undefined if it is no time of a day. */
export function minutesOf(text: string): number | undefined {
  const [, hours, minutes = '0'] = /^\s*(\d{1,2})(?:[:.]?(\d{2}))?\s*$/.exec(text) ?? [];
  const all = Number(hours) * 60 + Number(minutes);
  return hours !== undefined && Number(minutes) < 60 && all < 24 * 60 ? all : undefined;
}
