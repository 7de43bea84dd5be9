import { api, taken, type Schemas } from '$lib/api/client';

type Kind = Schemas['KindView']['kind'];
type ReadPart = Schemas['ReadPart'];

/** The addresses in a pasted text, each once. */
export function addresses(text: string): string[] {
  const words = text.split(/\s+/).filter((word) => /^https?:\/\/\S+$/.test(word));
  return words.filter((word, i) => words.indexOf(word) === i);
}

/** What is taken of a figure: which of its values, or none. */
export interface Taken {
  figure: Schemas['FigureRead'];
  /** The distinct values, each with where it was read first. */
  values: Schemas['ReadValue'][];
  chosen: number | null;
}

/** Distinct values by how a person reads them. */
function distinct(values: Schemas['ReadValue'][]): Schemas['ReadValue'][] {
  return values.filter((v, i) => values.findIndex((o) => o.shown === v.shown) === i);
}

/** One address: what was read there, and what the author takes of it. */
export class Link {
  state = $state<'reading' | 'read' | 'failed' | 'saving' | 'saved'>('reading');
  sentence = $state('');
  page = $state.raw<Schemas['PageRead']>();
  /** Which of several products is meant; absent until the author says so. */
  product = $state<number>();
  kind = $state<Kind | ''>('');
  maker = $state('');
  name = $state('');
  variant = $state('');
  takesPrice = $state(true);
  figures = $state<Taken[]>([]);
  /** What became of it. */
  kept = $state.raw<Schemas['KeptPart']>();

  constructor(readonly address: string) {}

  get part(): ReadPart | undefined {
    return this.product == null ? undefined : this.page?.products[this.product];
  }

  /** Figures that the catalogue does not have yet, or has otherwise. */
  get news(): Taken[] {
    const known = this.part?.known;
    return known ? this.figures.filter((f) => f.chosen != null && !isKnown(known, f)) : this.figures;
  }

  async read(kind?: Kind): Promise<void> {
    this.state = 'reading';
    this.sentence = '';
    try {
      this.page = await taken(api.POST('/api/intake/pages', { body: { address: this.address, kind } }));
      this.state = this.page.products.length ? 'read' : 'failed';
      this.sentence = this.page.sentence ?? '';
      if (this.page.products.length === 1 || this.product != null) this.choose(this.product ?? 0);
    } catch (problem) {
      this.state = 'failed';
      this.sentence = (problem as Error).message;
    }
  }

  choose(product: number): void {
    const part = this.page!.products[product]!;
    this.product = product;
    this.kind = part.kind ?? '';
    this.maker = part.maker;
    this.name = part.name;
    this.variant = part.version;
    this.takesPrice = part.offer != null;
    this.figures = part.figures.map((figure) => {
      const values = distinct(figure.values);
      return { figure, values, chosen: values.length === 1 ? 0 : null };
    });
  }

  /** The figures that are taken, as they are stored. */
  spec(of: Taken[] = this.figures): Record<string, unknown> {
    return Object.fromEntries(
      of.filter((f) => f.chosen != null).map((f) => [f.figure.field, f.values[f.chosen!]!.value]),
    );
  }

  /** Saves the part or its new figures, its page and its price: all of it or nothing. */
  async save(): Promise<void> {
    const part = this.part;
    if (!part || !this.kind) {
      this.sentence = part ? 'Choose what kind of part it is.' : 'Choose which of the products it is.';
      return;
    }
    this.state = 'saving';
    this.sentence = '';
    const figures = part.known ? this.news : this.figures;
    try {
      this.kept = await taken(
        api.POST('/api/intake/parts', {
          body: {
            address: this.address,
            known: part.known?.id,
            kind: this.kind,
            maker: this.maker,
            name: this.name,
            variant: this.variant,
            gtin: part.gtin,
            makerNumber: part.makerNumber,
            spec: this.spec(figures) as Schemas['ConfirmedPart']['spec'],
            wheres: Object.fromEntries(
              figures.filter((f) => f.chosen != null).map((f) => [f.figure.field, f.values[f.chosen!]!.where]),
            ),
            offer: this.takesPrice ? part.offer : undefined,
          },
        }),
      );
      this.state = 'saved';
    } catch (problem) {
      this.state = 'read';
      this.sentence = (problem as Error).message;
    }
  }
}

function isKnown(known: Schemas['KnownPart'], taken: Taken): boolean {
  const stands = (known.spec as Record<string, unknown>)[taken.figure.field];
  return stands != null && JSON.stringify(stands) === JSON.stringify(taken.values[taken.chosen!]!.value);
}

/** Several addresses, read one after the other; those that fail do not hold up the rest. */
export class Links {
  links = $state<Link[]>([]);

  /** Reads what is new in a pasted text; how many addresses that were. */
  async paste(text: string, most = 50): Promise<number> {
    const known = this.links.map((l) => l.address);
    const fresh = addresses(text)
      .filter((a) => !known.includes(a))
      .slice(0, most)
      .map((a) => new Link(a));
    this.links = [...this.links, ...fresh];
    for (const link of fresh) await link.read();
    return fresh.length;
  }

  /** Those that can be added at once; what the catalogue has is looked at one by one. */
  get ready(): Link[] {
    return this.links.filter((l) => l.state === 'read' && l.part && !l.part.known && l.kind && l.maker.trim());
  }

  async saveAll(): Promise<void> {
    for (const link of this.ready) await link.save();
  }
}
