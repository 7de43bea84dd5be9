/** A step of a new desk; `done` says what is there already, and is empty while nothing is. */
export interface Step {
  title: string;
  what: string;
  done: string;
  act: string;
  /** Where it is done; empty where an earlier step leads there. */
  path: string;
  isNext: boolean;
}

const counted = (many: number, one: string) => `${many} ${one}${many === 1 ? '' : 's'} so far.`;

/** The steps to a first tier, with the first that is open marked; shops can be left out, since prices can be typed. */
export function steps(shops: number, parts: number): Step[] {
  const isNext = (step: number) => step === (shops === 0 && parts === 0 ? 0 : parts === 0 ? 1 : 2);
  return [
    {
      title: 'Shops',
      what: 'Where you buy, so that prices are refreshed. You can leave this out and type prices by hand.',
      done: shops ? counted(shops, 'shop') : '',
      act: shops ? 'Shops' : 'Add a shop',
      path: '/shops',
    },
    {
      title: 'Parts',
      what: 'Paste links of product pages, take in a file, or type them. Figures can come later.',
      done: parts ? counted(parts, 'part') : '',
      act: parts ? 'Catalogue' : 'Add parts',
      path: '/catalogue',
    },
    {
      title: 'Guide',
      what: 'Its name, region and currency; everything else has a default that you can change later.',
      done: '',
      act: 'Make a guide',
      path: '/new-guide',
    },
    {
      title: 'Tier',
      what: 'A price point with its band and promise, then a part for each slot. The guide’s desk asks for it.',
      done: '',
      act: '',
      path: '',
    },
  ].map((step, i) => ({ ...step, isNext: isNext(i) }));
}
