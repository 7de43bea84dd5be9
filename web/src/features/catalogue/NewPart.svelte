<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { api, taken, type Schemas } from '$lib/api/client';
  import Choose from '$ui/Choose.svelte';
  import Dialog from '$ui/Dialog.svelte';
  import TextField from '$ui/TextField.svelte';
  import Told from '$ui/Told.svelte';
  import { hint, shown, typed as typedFigure } from './figures';
  import { proposedName, proposedVersion } from './siblings';

  /** Adds a part of a kind; a figure left empty is not known. */
  let {
    open = $bindable(),
    kind,
    like = null,
  }: {
    open: boolean;
    kind: Schemas['KindView'];
    /** The part that it is a sibling of; its figures stand until they are changed. */
    like?: Schemas['PartSheet'] | null;
  } = $props();
  const queries = useQueryClient();
  let words = $state({ maker: '', name: '', variant: '', gtin: '' });
  let figures = $state<Record<string, string>>({});
  let sentence = $state('');
  let copied: Record<string, string> = {};

  let wasOpen = false;
  $effect(() => {
    if (open && !wasOpen && like) begin(like);
    wasOpen = open;
  });

  function begin(from: Schemas['PartSheet']): void {
    const spec = from.part.spec as Record<string, unknown>;
    copied = Object.fromEntries(kind.fields.map((f) => [f.name, shown(f, spec[f.name])]));
    figures = { ...copied };
    words = { maker: from.maker, name: from.identity.product, variant: '', gtin: '' };
  }

  function type(field: string, value: string): void {
    figures[field] = value;
    if (!like) return;
    words.name = proposedName(like.identity.product, kind.fields, copied, figures);
    words.variant = proposedVersion(like.part.variant, copied, figures);
  }

  async function add(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    const typed = kind.fields.filter((f) => (figures[f.name] ?? '').trim() !== '');
    const spec = Object.fromEntries(typed.map((f) => [f.name, typedFigure(f, figures[f.name]!)])) as Record<
      string,
      Record<string, never>
    >;
    try {
      await taken(
        api.POST('/api/parts', {
          body: { kind: kind.kind, family: '', ...words, gtin: words.gtin || undefined, spec },
        }),
      );
      await queries.invalidateQueries({ queryKey: ['parts'] });
      words = { maker: '', name: '', variant: '', gtin: '' };
      figures = {};
      sentence = '';
      open = false;
    } catch (problem) {
      sentence = (problem as Error).message;
    }
  }
</script>

<Dialog bind:open title={like ? `A sibling of ${like.part.fullName}` : `A new part: ${kind.label}`}>
  <form class="space-y-4 overflow-y-auto px-6 py-4" onsubmit={add}>
    <div class="grid gap-4 sm:grid-cols-2">
      <TextField label="Maker" bind:value={words.maker} required maxlength={80} />
      <TextField label="Product" bind:value={words.name} required maxlength={160} />
      <TextField
        label="Version"
        bind:value={words.variant}
        maxlength={80}
        hint="Colour, size or connector, if there are several"
      />
      <TextField label="EAN/UPC" bind:value={words.gtin} maxlength={14} inputmode="numeric" />
    </div>
    <fieldset class="grid gap-4 sm:grid-cols-2 border-t border-hairline pt-3">
      <legend class="label">Figures; what is left empty is not known, "n/a" is not applicable</legend>
      {#each kind.fields as field (field.name)}
        {#if field.holds === 'YES_NO'}<Choose
            label={field.label}
            bind:value={() => figures[field.name] ?? '', (v) => type(field.name, v)}
            options={[
              { value: '', label: 'not known' },
              { value: 'yes', label: 'yes' },
              { value: 'no', label: 'no' },
            ]}
          />
        {:else}<TextField
            label={field.unit ? `${field.label}, ${field.unit}` : field.label}
            bind:value={() => figures[field.name] ?? '', (v) => type(field.name, v)}
            hint={hint(field)}
          />{/if}
      {/each}
    </fieldset>
    <Told {sentence} />
    <button class="btn btn-main">Add the part</button>
  </form>
</Dialog>
