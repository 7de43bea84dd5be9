<script lang="ts">
  import Dialog from '$ui/Dialog.svelte';
  import type { BenchState } from './bench.svelte';

  /** An edit met another one: both are shown, and one is taken; neither is lost before that. */
  let { state: bench }: { state: BenchState } = $props();
  const clash = $derived(bench.clash);
  const mine = $derived(clash?.patch.reason ?? (clash ? 'your edit of the choice, its quantity or its options' : ''));
  const theirs = $derived(
    clash ? (clash.patch.reason != null ? (clash.theirs?.reason ?? '') : (bench.line(clash.line)?.label ?? '')) : '',
  );

  function takeMine(): void {
    const { line, patch } = clash!;
    bench.clash = null;
    void bench.edit(line, patch);
  }
</script>

<Dialog
  bind:open={
    () => clash !== null,
    (open) => {
      if (!open) bench.clash = null;
    }
  }
  title="Somebody else changed this meanwhile"
  wide
>
  <div class="space-y-4 overflow-y-auto px-6 py-4">
    <p>{clash?.sentence}</p>
    <div class="grid grid-cols-2 gap-6">
      <div>
        <p class="label">Theirs, as it stands now</p>
        <p class="reason whitespace-pre-wrap">{theirs}</p>
      </div>
      <div>
        <p class="label">Yours</p>
        <p class="reason whitespace-pre-wrap">{mine}</p>
      </div>
    </div>
    <div class="flex gap-2">
      <button class="btn" onclick={() => (bench.clash = null)}>Keep theirs</button><button
        class="btn btn-main"
        onclick={takeMine}>Take mine</button
      >
    </div>
  </div>
</Dialog>
