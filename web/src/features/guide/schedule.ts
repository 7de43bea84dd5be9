/** When a guide appears: a period and a day of its own, kept as the words that readers see. */

export const PERIODS = ['monthly', 'every two months', 'every quarter', 'twice a year', 'once a year'] as const;
export const WEEKS = ['first', 'second', 'third', 'fourth', 'last'] as const;
export const DAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'] as const;

export interface Schedule {
  period: string;
  /** Which of those days; empty for no day of its own. */
  week: string;
  day: string;
}

const OTHER = { period: '', week: '', day: '' };

/** What the words say; all empty where they are of the author's own making. */
export function read(words: string): Schedule {
  const found = /^([a-z ]+?)(?:, (\w+) (\w+))?$/.exec(words.trim());
  const [, period = '', week = '', day = ''] = found ?? [];
  const isKnown =
    (PERIODS as readonly string[]).includes(period) &&
    (!week || ((WEEKS as readonly string[]).includes(week) && (DAYS as readonly string[]).includes(day)));
  return isKnown ? { period, week, day } : OTHER;
}

export function written({ period, week, day }: Schedule): string {
  return week ? `${period}, ${week} ${day || 'Thursday'}` : period;
}
