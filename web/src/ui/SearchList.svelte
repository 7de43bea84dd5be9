<script lang="ts">
  import { Combobox } from 'bits-ui';

  /** A labelled choice of one among many: what is typed narrows the list, arrows and Enter choose. */
  let {
    label,
    value = $bindable(),
    options,
    hint = '',
    disabled = false,
  }: {
    label: string;
    value: string;
    options: { value: string; label: string }[];
    hint?: string;
    disabled?: boolean;
  } = $props();
  const MOST = 60;
  const id = $props.id();
  let typed = $state<string | null>(null);
  let open = $state(false);
  const named = (of: string) => options.find((o) => o.value === of)?.label ?? of;
  const shown = $derived.by(() => {
    const words = (typed ?? '').toLowerCase().split(/\s+/).filter(Boolean);
    const fits = (text: string) => words.every((w) => text.toLowerCase().includes(w));
    const found = options.filter((o) => fits(`${o.value} ${o.label}`));
    // What is typed in full comes first: "CET" before every zone whose name holds it.
    const exact = (o: { value: string }) => (o.value.toLowerCase() === typed?.trim().toLowerCase() ? 0 : 1);
    return found.sort((a, b) => exact(a) - exact(b)).slice(0, MOST);
  });
</script>

<div>
  <label for={id} class="label mb-1 block">{label}</label>
  <Combobox.Root
    type="single"
    {disabled}
    inputValue={typed ?? named(value)}
    bind:value={
      () => value,
      (chosen) => {
        if (chosen) value = chosen;
        typed = null;
      }
    }
    bind:open={
      () => open,
      (is) => {
        open = is;
        if (!is) typed = null;
      }
    }
  >
    <Combobox.Input
      {id}
      class="field"
      aria-describedby={hint ? `${id}-hint` : undefined}
      clearOnDeselect={false}
      oninput={(e) => {
        typed = e.currentTarget.value;
        open = true;
      }}
      onclick={() => (open = true)}
      onfocus={(e) => e.currentTarget.select()}
    />
    <Combobox.Portal>
      <Combobox.Content
        class="z-50 max-h-72 w-[var(--bits-combobox-anchor-width)] overflow-y-auto rounded-sm border border-ink bg-sheet py-1"
        sideOffset={2}
      >
        {#each shown as option (option.value)}
          <Combobox.Item
            value={option.value}
            label={option.label}
            class="min-h-6 cursor-pointer px-3 py-1 data-highlighted:bg-tint"
          >
            {#snippet children({ selected })}<span class={selected ? 'font-semibold' : ''}>{option.label}</span
              >{/snippet}
          </Combobox.Item>
        {:else}<p class="px-3 py-1 text-soft">Nothing of that name.</p>{/each}
      </Combobox.Content>
    </Combobox.Portal>
  </Combobox.Root>
  {#if hint}<p id="{id}-hint" class="small mt-1 text-soft">{hint}</p>{/if}
</div>
