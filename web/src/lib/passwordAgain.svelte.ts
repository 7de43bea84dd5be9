/** Asks whoever sits here for their password when the server wants it again; one question at a time. */
class PasswordAgain {
  private answer: ((entered: boolean) => void) | null = null;
  isAsking = $state(false);

  /** Whether it was entered rightly; a second request that needs it while one waits is told no. */
  ask(): Promise<boolean> {
    if (this.isAsking) return Promise.resolve(false);
    this.isAsking = true;
    return new Promise((answer) => (this.answer = answer));
  }

  done(entered: boolean): void {
    this.isAsking = false;
    this.answer?.(entered);
    this.answer = null;
  }
}

export const passwordAgain = new PasswordAgain();

const NEEDED = '/problems/password-again';

/** Sends a request, and once more when the password was entered that the server asked for. */
export async function withPassword(
  request: Request,
  send: (request: Request) => Promise<Response>,
  ask: () => Promise<boolean> = () => passwordAgain.ask(),
): Promise<Response> {
  const again = request.method === 'GET' ? null : request.clone();
  const response = await send(request);
  if (!again || response.status !== 403) return response;
  const body = (await response
    .clone()
    .json()
    .catch(() => ({}))) as { type?: string };
  return body.type === NEEDED && (await ask()) ? send(again) : response;
}
