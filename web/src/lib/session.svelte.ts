import { api, taken, type Schemas } from './api/client';

/** Who is signed in, for the whole window. */
class Session {
  person = $state<Schemas['Person'] | null>(null);
  isEmpty = $state(false);
  isKnown = $state(false);
  /** Whether a second factor must be set up before anything else. */
  needsFactor = $state(false);

  async load(): Promise<void> {
    this.take(await taken(api.GET('/api/session', {})));
  }

  /** Whether a code of the second factor is still asked for. */
  async signIn(email: string, password: string, code?: string): Promise<boolean> {
    return this.take(await taken(api.POST('/api/session', { body: { email, password, code } })));
  }

  async first(token: string, email: string, name: string, password: string): Promise<void> {
    this.take(await taken(api.POST('/api/accounts/first', { body: { token, email, name, password } })));
  }

  /** Whether a code of the second factor is still asked for, at the next sign-in. */
  async byLink(token: string, password: string): Promise<boolean> {
    return this.take(await taken(api.POST('/api/links/use', { body: { token, password } })));
  }

  async signOut(): Promise<void> {
    await taken(api.DELETE('/api/session'));
    this.person = null;
  }

  private take(session: Schemas['Session']): boolean {
    this.person = session.person ?? null;
    this.isEmpty = session.empty;
    this.isKnown = true;
    this.needsFactor = session.needsFactor;
    return session.needsCode;
  }
}

export const session = new Session();
