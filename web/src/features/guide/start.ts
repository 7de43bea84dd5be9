import { api, taken, type Schemas } from '$lib/api/client';

/** Where a new tier's parts come from. */
export interface TierStart {
  how: 'EMPTY' | 'FOLLOW' | 'COPY' | 'REOPEN';
  edition: string;
  build: string;
  /** The tier that is brought back. */
  tier: string;
}

export const emptyStart = (edition: string): TierStart => ({ how: 'EMPTY', edition, build: '', tier: '' });

/**
 * Makes the tier; a tier that is brought back has its own name and band, and needs no form. The tier, where it has parts from
 * the start.
 */
export async function addTier(
  slug: string,
  edition: string,
  start: TierStart,
  form: () => Schemas['TierForm'],
): Promise<string | undefined> {
  const params = { path: { slug, edition } };
  if (start.how === 'REOPEN') {
    if (!start.tier) throw new Error('Choose the tier to bring back.');
    const body = { edition: start.edition, tier: start.tier };
    await taken(api.POST('/api/guides/{slug}/editions/{edition}/tiers/reopened', { params, body }));
  } else if (start.how === 'EMPTY') {
    await taken(api.POST('/api/guides/{slug}/editions/{edition}/tiers', { params, body: form() }));
  } else {
    if (!start.build) throw new Error('Choose the build whose parts it takes.');
    const source = { edition: start.edition, build: start.build, how: start.how };
    const body = { form: form(), source };
    return (await taken(api.POST('/api/guides/{slug}/editions/{edition}/tiers/from-build', { params, body }))).tier;
  }
  return undefined;
}
