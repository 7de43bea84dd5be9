import type { Schemas } from '$lib/api/client';
import { newId } from '$lib/api/once';
import { typedMinor, writtenMinor } from '$lib/money';

type Extras = Schemas['ExtrasForm'];
type Line = Schemas['LineView'];

/** A discount, surcharge or service as it is typed. */
export interface TypedAdjustment {
  id: string;
  name: string;
  sum: string;
}

/** A package price as it is typed: of a shop's bundle, the price is the shop's. */
export interface TypedPackage {
  id: string;
  name: string;
  price: string;
  /** The price that was seen at that moment; another one is seen when it is saved. */
  was: string;
  shipping: string;
  shop: string;
  link: string;
  seenAt: string | undefined;
  bundleOf: string | undefined;
  members: { line: string; key: string | undefined; quantity: number | undefined; swap: string }[];
}

/** What stands beside the lines of a build, while it is typed. */
export class ExtrasDraft {
  adjustments = $state<TypedAdjustment[]>([]);
  packages = $state<TypedPackage[]>([]);

  constructor(
    from: Extras,
    private readonly currency: string,
  ) {
    this.adjustments = from.adjustments.map((a) => ({ id: a.id, name: a.name, sum: writtenMinor(a.minor, currency) }));
    this.packages = from.packages.map((p) => ({
      id: p.id,
      name: p.name,
      price: writtenMinor(p.priceMinor, currency),
      was: writtenMinor(p.priceMinor, currency),
      shipping: p.shippingMinor ? writtenMinor(p.shippingMinor, currency) : '',
      shop: p.shop ?? '',
      link: p.link ?? '',
      seenAt: p.seenAt ?? undefined,
      bundleOf: p.bundleOf ?? undefined,
      members: p.members.map((m) => ({
        line: m.line,
        key: m.key,
        quantity: m.quantity,
        swap: m.swapMinor ? writtenMinor(m.swapMinor, currency) : '',
      })),
    }));
  }

  addAdjustment(): void {
    this.adjustments.push({ id: newId(), name: '', sum: '' });
  }

  /** A price for the parts on some lines, as they stand. */
  addPackage(lines: string[] = []): void {
    const members = lines.map((line) => ({ line, key: undefined, quantity: undefined, swap: '' }));
    this.packages.push({
      id: newId(),
      name: '',
      price: '',
      was: '',
      shipping: '',
      shop: '',
      link: '',
      seenAt: undefined,
      bundleOf: undefined,
      members,
    });
  }

  /** Puts a line into a package, or takes it out. */
  toggle(pack: TypedPackage, line: string): void {
    const isIn = pack.members.some((m) => m.line === line);
    pack.members = isIn
      ? pack.members.filter((m) => m.line !== line)
      : [...pack.members, { line, key: undefined, quantity: undefined, swap: '' }];
  }

  /** From now on it is for the parts that stand in the build. */
  takeAgain(pack: TypedPackage): void {
    pack.members = pack.members.map((m) => ({ ...m, key: undefined, quantity: undefined }));
  }

  remove(id: string): void {
    this.adjustments = this.adjustments.filter((a) => a.id !== id);
    this.packages = this.packages.filter((p) => p.id !== id);
  }

  /** What is wrong with it, in a sentence; empty when nothing is. */
  get fault(): string {
    for (const { name, sum } of this.adjustments) {
      if (!name.trim()) return 'Name each discount, surcharge or service.';
      if (!typedMinor(sum, this.currency)) return `${name}: type a sum such as 39.90, or -50 for a discount; not zero.`;
    }
    for (const pack of this.packages) {
      if (!pack.name.trim()) return 'Name each package.';
      if (pack.members.length < 2) return `${pack.name}: tick the two parts or more that its price is for.`;
      if (!pack.bundleOf && !((typedMinor(pack.price, this.currency) ?? 0) > 0))
        return `${pack.name}: type what all of it costs, such as 649.`;
      if (pack.shipping && typedMinor(pack.shipping, this.currency) == null)
        return `${pack.name}: type shipping as a sum, or leave it empty.`;
      if (pack.members.some((m) => m.swap && typedMinor(m.swap, this.currency) == null))
        return `${pack.name}: type a surcharge such as 40, or a credit such as -25.`;
    }
    return '';
  }

  /** As the server takes it; what was typed without fault. */
  get form(): Extras {
    const minor = (text: string) => typedMinor(text, this.currency) ?? undefined;
    return {
      adjustments: this.adjustments.map((a) => ({ id: a.id, name: a.name.trim(), minor: minor(a.sum) ?? 0 })),
      packages: this.packages.map((p) => ({
        id: p.id,
        name: p.name.trim(),
        members: p.members.map((m) => ({
          line: m.line,
          key: m.key,
          quantity: m.quantity,
          ...(m.swap ? { swapMinor: minor(m.swap) } : {}),
        })),
        ...(p.bundleOf ? { bundleOf: p.bundleOf } : {}),
        ...(p.shop ? { shop: p.shop } : {}),
        ...(p.bundleOf
          ? {}
          : { priceMinor: minor(p.price), ...(p.seenAt && p.price === p.was ? { seenAt: p.seenAt } : {}) }),
        ...(p.shipping ? { shippingMinor: minor(p.shipping) } : {}),
        ...(p.link ? { link: p.link.trim() } : {}),
      })),
    };
  }
}

/** The extras of a build with a shop's bundle taken for its lines. */
export function withBundle(now: Extras, bundle: Schemas['BundleView']): Extras {
  return {
    ...now,
    packages: [
      ...now.packages,
      {
        id: newId(),
        name: `Bundle at ${bundle.seller}`.slice(0, 80),
        members: bundle.lines.map((line) => ({ line })),
        bundleOf: bundle.sellerId,
      },
    ],
  };
}

/** What can be in a package: parts in the total that no other package has. */
export function choosable(lines: Line[], draft: ExtrasDraft, pack: TypedPackage): Line[] {
  const taken = draft.packages.filter((p) => p.id !== pack.id).flatMap((p) => p.members.map((m) => m.line));
  return lines.filter((l) => l.counted && l.choice.type !== 'EMPTY' && !taken.includes(l.id));
}
