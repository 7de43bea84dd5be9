<script lang="ts">
  import { Dialog } from 'bits-ui';
  import type { Snippet } from 'svelte';

  /** A window over the page: the focus stays in it and goes back where it came from. */
  let {
    open = $bindable(false),
    title,
    wide = false,
    quiet = false,
    children,
  }: { open: boolean; title: string; wide?: boolean; quiet?: boolean; children: Snippet } = $props();
</script>

<Dialog.Root bind:open>
  <Dialog.Portal>
    <Dialog.Overlay class="fixed inset-0 z-40 bg-ink/25" />
    <Dialog.Content
      class="fixed left-1/2 top-20 z-50 flex max-h-[calc(100vh-112px)] w-[calc(100vw-32px)] -translate-x-1/2 flex-col rounded-sm border border-ink bg-sheet {wide
        ? 'max-w-[1060px]'
        : 'max-w-[560px]'}"
    >
      <Dialog.Title class={quiet ? 'label px-6 pt-4' : 'px-6 pt-4 text-[17px] leading-6 font-semibold'}
        >{title}</Dialog.Title
      >
      {@render children()}
    </Dialog.Content>
  </Dialog.Portal>
</Dialog.Root>
