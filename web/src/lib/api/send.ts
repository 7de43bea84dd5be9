import { credentials, Problem } from './client';
import { newKey } from './once';

const TRIES = 3;

/**
 * Sends a file and tells how much of it has gone out. The server reads while it receives, so that this is also about how
 * much of it is read. It carries a key and is sent again when no answer comes, at most three times: it is taken in once.
 */
export async function send<T>(
  path: string,
  file: File,
  onprogress: (share: number) => void,
  signal: AbortSignal,
): Promise<T> {
  const key = newKey();
  for (let tried = 1; ; tried++) {
    try {
      return await sendNow<T>(key, path, file, onprogress, signal);
    } catch (problem) {
      if (tried === TRIES || (problem as Problem).type !== 'away') throw problem;
    }
  }
}

function sendNow<T>(
  key: string,
  path: string,
  file: File,
  onprogress: (share: number) => void,
  signal: AbortSignal,
): Promise<T> {
  return new Promise((done, failed) => {
    const request = new XMLHttpRequest();
    request.open('POST', path);
    request.responseType = 'json';
    request.setRequestHeader('Content-Type', 'application/octet-stream');
    request.setRequestHeader('Idempotency-Key', key);
    Object.entries(credentials()).forEach(([name, value]) => request.setRequestHeader(name, value));
    request.upload.onprogress = (event) => onprogress(event.total ? event.loaded / event.total : 0);
    request.onload = () => {
      const body = (request.response ?? {}) as Record<string, unknown>;
      if (request.status < 300) return done(body as T);
      const sentence = typeof body.detail === 'string' ? body.detail : 'The server gave no reason.';
      failed(new Problem(request.status, String(body.type ?? '').replace('/problems/', ''), sentence, body));
    };
    request.onerror = () =>
      failed(
        new Problem(
          0,
          'away',
          'The server cannot be reached; whether the file was taken in is not known. Look at the catalogue before you send it again.',
        ),
      );
    request.onabort = () => failed(new Problem(0, 'stopped', 'Stopped; nothing was taken in.'));
    signal.addEventListener('abort', () => request.abort());
    request.send(file);
  });
}
