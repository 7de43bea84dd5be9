<script lang="ts">
  /** The five shapes: fits, note, caution, clash, not known; the word is told to those who cannot see it. */
  type Verdict = 'FITS' | 'NOTE' | 'CAUTION' | 'CLASH' | 'NOT_KNOWN';
  const words: Record<Verdict, string> = {
    FITS: 'fits',
    NOTE: 'note',
    CAUTION: 'caution',
    CLASH: 'clash',
    NOT_KNOWN: 'not known',
  };
  let { verdict }: { verdict: Verdict } = $props();
</script>

<svg class="inline-block size-3 shrink-0" viewBox="0 0 12 12" role="img" aria-label={words[verdict]}>
  <title>{words[verdict]}</title>
  {#if verdict === 'FITS'}<circle cx="6" cy="6" r="4" class="fill-moss" />
  {:else if verdict === 'NOTE'}<path d="M2 6h8" class="fill-none stroke-slate" stroke-width="2" />
  {:else if verdict === 'CAUTION'}<path d="M6 1.5 11 10.5H1Z" class="fill-none stroke-straw" stroke-width="1.6" />
  {:else if verdict === 'CLASH'}<rect x="2" y="2" width="8" height="8" class="fill-clay" />
  {:else}<circle cx="6" cy="6" r="4" class="fill-none stroke-slate" stroke-width="1.6" stroke-dasharray="2 1.6" />{/if}
</svg>
