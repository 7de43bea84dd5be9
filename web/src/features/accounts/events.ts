import type { Schemas } from '$lib/api/client';

type Line = Schemas['Line'];

const OTHERS: Record<Line['event'], (who: string, by: string, about: string) => string> = {
  FIRST_ACCOUNT: (who) => `${who} made the first account`,
  SIGNED_IN: (who) => `${who} signed in`,
  SIGN_IN_FAILED: (who) => `Someone failed to sign in as ${who}`,
  LINK_FAILED: () => 'Someone failed to use a link or token',
  REFUSED: (who) => `${who} asked for what only an owner may do`,
  PASSWORD_CHANGED: (who) => `${who} changed their password`,
  INVITED: (who, by) => `${by} invited ${who}`,
  LINK_MADE: (who, by) => `${by} made a link for ${who}`,
  LINK_USED: (who) => `${who} set a password by a link`,
  ROLE_CHANGED: (who, by, role) => `${by} made ${who} an ${role}`,
  REMOVED: (who, by) => `${by} removed ${who}`,
  CODE_FAILED: (who) => `Someone typed a wrong code as ${who}`,
  FACTOR_ON: (who) => `${who} turned their second factor on`,
  FACTOR_OFF: (who, by) =>
    who === by ? `${who} turned their second factor off` : `${by} turned off the second factor of ${who}`,
  CODES_MADE: (who) => `${who} made new recovery codes`,
  FACTOR_REQUIRED: (who) => `${who} made a second factor required`,
  FACTOR_OPTIONAL: (who) => `${who} made a second factor optional`,
  SESSIONS_ENDED: (who, by) =>
    who === by ? `${who} ended sessions of their own` : `${by} ended the sessions of ${who}`,
};

/** One line of the log as a sentence. An address that nobody here has is called by a mark, the same for the same address. */
export function sentence(line: Line): string {
  return OTHERS[line.event](
    line.name ?? (line.about ? `an unknown address (mark ${line.about})` : 'nobody'),
    line.by ?? 'the console',
    line.about,
  );
}
