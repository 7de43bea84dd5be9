<script lang="ts">
  import type { Schemas } from '$lib/api/client';

  /** Which line a line follows, and which follow it; a follower can let go and come back. */
  let {
    line,
    href,
    others,
    onothers,
    onfollow,
  }: {
    line: Schemas['LineView'];
    href: (build: string, line: string) => string;
    /** Lines of other builds that this one could follow; the tier's own lead among them is told first. */
    others: { line: string; where: string; isLead: boolean }[];
    /** Somebody wants to choose among them. */
    onothers: () => void;
    onfollow?: (line: string | null) => void;
  } = $props();
  const lead = $derived(others.find((o) => o.isLead));
</script>

{#if line.follows}
  <p class="small text-soft">
    Follows <a
      class="text-ink underline decoration-hairline underline-offset-2"
      href={href(line.follows.build, line.follows.line)}>{line.follows.where}</a
    >: a change there reaches here. Another choice here lets go.
    {#if onfollow}<button class="btn-quiet small" onclick={() => onfollow(null)}>Let go</button>{/if}
  </p>
{:else if onfollow}
  <p class="small flex flex-wrap items-baseline gap-x-2 text-soft">
    Stands by itself.
    {#if lead}<button class="btn-quiet small" onclick={() => onfollow(lead.line)}>Follow {lead.where}</button>{/if}
    <select
      class="max-w-72 border-b border-hairline bg-transparent"
      aria-label="Follow a line of another build"
      value=""
      onfocus={onothers}
      onchange={(e) => e.currentTarget.value && onfollow(e.currentTarget.value)}
    >
      <option value="">follow another build…</option>
      {#each others as other (other.line)}<option value={other.line}>{other.where}</option>{/each}
    </select>
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
