import { Problem } from './api/client';
import { newKey } from './api/once';

const RETRY_MS = 2000;

/**
 * Sends edits one after the other, each with a key of its own, and again while the server or its database is away: none is
 * dropped or done twice. An edit is composed when its turn comes, on what stands then.
 */
export class EditQueue {
  /** How many are on their way or wait for their turn. */
  waiting = $state(0);
  isAway = $state(false);
  /** Why the last edit failed; empty when it did not. */
  sentence = $state('');
  /** What the last edit did, where that wants saying. */
  told = $state('');
  private last: Promise<void> = Promise.resolve();

  /** `settled` is called after each edit. */
  constructor(private readonly settled: () => void = () => {}) {}

  /** Does some work when its turn comes; what it needs to send is named by a key. */
  add(work: (key: Record<string, string>) => Promise<void>): Promise<void> {
    this.waiting++;
    this.told = '';
    this.last = this.last.then(async () => {
      try {
        await work({ 'Idempotency-Key': newKey() });
        this.sentence = '';
      } catch (problem) {
        this.sentence = (problem as Error).message;
      } finally {
        this.waiting--;
        this.settled();
      }
    });
    return this.last;
  }

  /** Asks again while the server or its database is away. */
  async patiently<T>(ask: () => Promise<T>): Promise<T> {
    for (;;) {
      try {
        const answer = await ask();
        this.isAway = false;
        return answer;
      } catch (problem) {
        if (!(problem instanceof Problem) || !problem.isPassing) throw problem;
        this.isAway = true;
        await new Promise((later) => setTimeout(later, RETRY_MS));
      }
    }
  }
}
