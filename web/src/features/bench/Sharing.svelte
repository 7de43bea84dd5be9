<script lang="ts">
  import type { Schemas } from '$lib/api/client';

  /** Which line a line follows, and which follow it; a follower can let go and come back. */
  let {
    line,
    href,
    lead,
    onfollow,
  }: {
    line: Schemas['LineView'];
    href: (build: string, line: string) => string;
    /** The same slot of the tier's lead build, which a line of its own could follow. */
    lead?: { line: string; where: string };
    onfollow?: (line: string | null) => void;
  } = $props();
</script>

{#if line.follows}
  <p class="small text-soft">
    Follows <a
      class="text-ink underline decoration-hairline underline-offset-2"
      href={href(line.follows.build, line.follows.line)}>{line.follows.where}</a
    >: a change there reaches here. Another choice here lets go.
    {#if onfollow}<button class="btn-quiet small" onclick={() => onfollow(null)}>Let go</button>{/if}
  </p>
{:else if lead && onfollow}
  <p class="small text-soft">
    Stands by itself. <button class="btn-quiet small" onclick={() => onfollow(lead.line)}>Follow {lead.where}</button>
  </p>
{/if}
{#if line.followers.length}
  <p class="small text-soft">
    Followed by {#each line.followers as follower, i (follower.line)}{i ? ', ' : ''}<a
        class="text-ink underline decoration-hairline underline-offset-2"
        href={href(follower.build, follower.line)}>{follower.where}</a
      >{/each}: what changes here reaches there.
  </p>
{/if}
