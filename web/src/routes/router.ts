import { createRouter } from 'sv-router';
import Account from './Account.svelte';
import Catalogue from './Catalogue.svelte';
import Desk from './Desk.svelte';
import Frame from './Frame.svelte';
import Ladder from './Ladder.svelte';
import Guides from './Guides.svelte';
import NewGuide from './NewGuide.svelte';
import NotHere from './NotHere.svelte';
import People from './People.svelte';
import Press from './Press.svelte';
import PriceSheet from './PriceSheet.svelte';
import Prices from './Prices.svelte';
import Round from './Round.svelte';
import Settings from './Settings.svelte';
import Shops from './Shops.svelte';

// With the editor in it, the heaviest view; the desk comes up without it.
const Bench = () => import('./Bench.svelte');

/** Every view has its own address. */
export const { p, navigate, isActive, route } = createRouter({
  '/': Guides,
  '/new-guide': NewGuide,
  '/account': Account,
  '/link': NotHere,
  '/people': People,
  '/catalogue': Catalogue,
  '/shops': Shops,
  '/guides': {
    '/:guide': {
      '/': Desk,
      '/settings': Settings,
      '/round': Round,
      '/prices': Prices,
      '/press': Press,
      '/editions/:edition/ladder': Ladder,
      '/editions/:edition/price-sheet': PriceSheet,
      '/editions/:edition/builds/:build/lines/:line': Bench,
    },
  },
  '*': NotHere,
  layout: Frame,
});
