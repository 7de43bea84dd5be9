import { describe, expect, it, vi } from 'vitest';
import { passwordAgain, withPassword } from './passwordAgain.svelte';

const act = () => new Request('http://desk.example/api/people', { method: 'POST', body: '{"a":1}' });
const refused = (type = '/problems/password-again') =>
  new Response(JSON.stringify({ type }), { status: 403, headers: { 'Content-Type': 'application/problem+json' } });

describe('what needs the password again', () => {
  it('is sent again with its body once it was entered', async () => {
    const bodies: string[] = [];
    const answers = [refused(), new Response('{}')];
    const send = async (request: Request) => {
      bodies.push(await request.text());
      return answers.shift()!;
    };
    expect((await withPassword(act(), send, () => Promise.resolve(true))).status).toBe(200);
    expect(bodies).toEqual(['{"a":1}', '{"a":1}']);
  });

  it.each([
    ['not entered', refused(), false],
    ['refused for another reason', refused('/problems/forbidden'), true],
  ])('is left when %s', async (_, answer, entered) => {
    const send = vi.fn(() => Promise.resolve(answer));
    const response = await withPassword(act(), send, () => Promise.resolve(entered));
    expect(response.status).toBe(403);
    expect(await response.json()).toHaveProperty('type');
    expect(send).toHaveBeenCalledTimes(1);
  });

  it('is asked once at a time', async () => {
    const first = passwordAgain.ask();
    expect(await passwordAgain.ask()).toBe(false);
    passwordAgain.done(true);
    expect(await first).toBe(true);
    expect(passwordAgain.isAsking).toBe(false);
  });
});
