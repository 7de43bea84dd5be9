<script lang="ts">
  /** What happened, what was kept and what to do. */
  let { sentence, tone = 'clay' }: { sentence: string; tone?: 'clay' | 'moss' } = $props();
</script>

{#if sentence}<p
    role={tone === 'clay' ? 'alert' : 'status'}
    class="border-l-2 pl-3 {tone === 'clay' ? 'border-clay text-clay' : 'border-moss text-moss'}"
  >
    {sentence}
  </p>{/if}
