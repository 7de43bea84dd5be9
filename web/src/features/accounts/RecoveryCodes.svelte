<script lang="ts">
  /** Codes that are shown this once. */
  let { codes }: { codes: string[] } = $props();
  let isCopied = $state(false);

  async function copy(): Promise<void> {
    await navigator.clipboard.writeText(codes.join('\n'));
    isCopied = true;
  }
</script>

<div class="max-w-xl border-l-2 border-moss py-1 pl-3" role="status">
  <p>Recovery codes. Print them or write them down: each signs you in once without the app, and none is shown again.</p>
  <ul class="my-2 grid grid-cols-2 gap-x-6 font-mono tabular-nums">
    {#each codes as code (code)}<li>{code}</li>{/each}
  </ul>
  <button type="button" class="btn" onclick={copy}>{isCopied ? 'Copied' : 'Copy all'}</button>
</div>
