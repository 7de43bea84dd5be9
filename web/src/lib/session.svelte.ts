import { api, taken, type Schemas } from './api/client';

/** Who is signed in, for the whole window. */
class Session {
  person = $state<Schemas['Person'] | null>(null);
  isEmpty = $state(false);
  isKnown = $state(false);

  async load(): Promise<void> {
    this.take(await taken(api.GET('/api/session', {})));
  }

  async signIn(email: string, password: string): Promise<void> {
    this.take(await taken(api.POST('/api/session', { body: { email, password } })));
  }

  async first(token: string, email: string, name: string, password: string): Promise<void> {
    this.take(await taken(api.POST('/api/accounts/first', { body: { token, email, name, password } })));
  }

  async byLink(token: string, password: string): Promise<void> {
    this.take(await taken(api.POST('/api/links/use', { body: { token, password } })));
  }

  async signOut(): Promise<void> {
    await taken(api.DELETE('/api/session'));
    this.person = null;
  }

  private take(session: Schemas['Session']): void {
    this.person = session.person ?? null;
    this.isEmpty = session.empty;
    this.isKnown = true;
  }
}

export const session = new Session();
