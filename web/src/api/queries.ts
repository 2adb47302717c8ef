import { queryOptions } from '@tanstack/react-query';
import { api, got, type Schemas } from './client';
import { learn } from './clock';

/** Under what name what the server said is kept. A name alone stands for all that begins with it. */
export const keys = {
  bench: ['bench'],
  catalogue: ['catalogue'],
  cost: ['cost'],
  day: ['day'],
  device: ['device'],
  heat: ['heat'],
  heatOthers: ['heat-others'],
  backups: ['backups'],
  condition: ['condition'],
  house: ['house'],
  removed: ['removed'],
  jobs: ['jobs'],
  anyJob: ['job'],
  job: (id: string) => ['job', id],
  due: ['due'],
  today: ['today'],
  ladder: (id: string) => ['ladder', id],
  log: (id: string) => ['log', id],
  logbook: ['logbook'],
  names: (id: string) => ['job', id, 'names'],
  orders: ['orders'],
  outlook: ['outlook'],
  owned: ['owned'],
  pictures: ['pictures'],
  possible: ['possible'],
  printers: ['printers'],
  prints: ['prints'],
  proofs: (id: string) => ['job', id, 'proofs'],
  quotes: ['quotes'],
  rates: ['rates'],
  recipes: ['recipes'],
  run: (id: string | undefined) => ['run', id],
  settings: ['settings'],
  shelf: ['shelf'],
  stock: ['stock'],
} as const;

/** Which jobs and orders a list shows. */
export type JobsWanted = '' | 'late' | 'print' | 'bench' | 'finished' | 'handed' | 'archived';
export type OrdersWanted = '' | 'open' | 'late' | 'owing' | 'handed' | 'archived';

/** Nothing of it is shown again without a look at the server. */
const fresh = { staleTime: 0 };

/** All that the pages ask the server for, each with its name. */
export const server = {
  advice: (id: string, transfer: number, use: string, look: string) =>
    queryOptions({
      queryKey: [...keys.job(id), 'advice', transfer, use, look],
      queryFn: () =>
        got(
          api.GET('/api/jobs/{id}/advice', {
            params: { path: { id }, query: { transfer, use: use as '', look: look as '' } },
          }),
        ),
      ...fresh,
    }),
  bench: () => queryOptions({ queryKey: keys.bench, queryFn: () => got(api.GET('/api/bench')).then(learn), ...fresh }),
  catalogue: () => queryOptions({ queryKey: keys.catalogue, queryFn: () => got(api.GET('/api/catalogue')) }),
  cost: (id: string, pieces: string) =>
    queryOptions({
      queryKey: [...keys.cost, id, pieces],
      queryFn: () => got(api.GET('/api/jobs/{id}/cost', { params: { path: { id }, query: { pieces } } })),
      ...fresh,
    }),
  cutLine: (sha256: string, query: { width_mm: number; margin: string; easier: '1' | '0' }) =>
    queryOptions({
      queryKey: ['cut', sha256, query],
      queryFn: () => got(api.GET('/api/artwork/{sha256}/cut-line', { params: { path: { sha256 }, query } })),
    }),
  day: () => queryOptions({ queryKey: keys.day, queryFn: () => got(api.GET('/api/day')), ...fresh }),
  device: () => queryOptions({ queryKey: keys.device, queryFn: () => got(api.GET('/api/device')) }),
  devices: () => queryOptions({ queryKey: ['devices'], queryFn: () => got(api.GET('/api/print/devices')) }),
  /** The plan's id tells that something has changed. */
  heat: (id: string, picture: number, plan: string) =>
    queryOptions({
      queryKey: [...keys.heat, id, picture, plan],
      queryFn: () => got(api.GET('/api/jobs/{id}/heat/{picture}', { params: { path: { id, picture } } })),
    }),
  heatOthers: (id: string, picture: number, plan: string) =>
    queryOptions({
      queryKey: [...keys.heatOthers, id, picture, plan],
      queryFn: () => got(api.GET('/api/jobs/{id}/heat/{picture}/others', { params: { path: { id, picture } } })),
    }),
  due: () => queryOptions({ queryKey: keys.due, queryFn: () => got(api.GET('/api/print/due')), ...fresh }),
  offers: (group: string, device: string) =>
    queryOptions({
      queryKey: [...keys.due, 'offers', group, device],
      queryFn: () => got(api.GET('/api/print/offers', { params: { query: { group, device } } })),
      ...fresh,
    }),
  today: (person: number | undefined) =>
    queryOptions({
      queryKey: [...keys.today, person],
      queryFn: () =>
        got(api.GET('/api/today', { params: { query: person === undefined ? {} : { person } } })).then(learn),
      ...fresh,
    }),
  house: () => queryOptions({ queryKey: keys.house, queryFn: () => got(api.GET('/api/house')) }),
  job: (id: string) =>
    queryOptions({
      queryKey: keys.job(id),
      queryFn: () => got(api.GET('/api/jobs/{id}', { params: { path: { id } } })),
      refetchOnWindowFocus: false,
    }),
  jobs: (words = '', after = 0, which: JobsWanted = '') =>
    queryOptions({
      queryKey: [...keys.jobs, words, after, which],
      queryFn: () => got(api.GET('/api/jobs', { params: { query: { words, after, which } } })),
    }),
  ladder: (id: string) =>
    queryOptions({
      queryKey: keys.ladder(id),
      queryFn: () => got(api.GET('/api/ladders/{id}', { params: { path: { id } } })),
    }),
  ladders: () => queryOptions({ queryKey: ['ladders'], queryFn: () => got(api.GET('/api/ladders')), ...fresh }),
  lessons: () => queryOptions({ queryKey: ['lessons'], queryFn: () => got(api.GET('/api/logbook/lessons')), ...fresh }),
  log: (id: string) =>
    queryOptions({
      queryKey: keys.log(id),
      queryFn: () => got(api.GET('/api/logbook/{id}', { params: { path: { id: Number(id) } } })),
    }),
  logPair: (one: string, other: string) =>
    queryOptions({
      queryKey: ['log-pair', one, other],
      queryFn: () =>
        got(
          api.GET('/api/logbook/{one}/beside/{other}', {
            params: { path: { one: Number(one), other: Number(other) } },
          }),
        ),
    }),
  logbook: (search: string, query: Record<string, string>, after: number) =>
    queryOptions({
      queryKey: [...keys.logbook, search],
      queryFn: () => got(api.GET('/api/logbook', { params: { query: { ...query, after } } })),
      ...fresh,
    }),
  backups: () => queryOptions({ queryKey: keys.backups, queryFn: () => got(api.GET('/api/backups')), ...fresh }),
  condition: () => queryOptions({ queryKey: keys.condition, queryFn: () => got(api.GET('/api/condition')), ...fresh }),
  removed: () => queryOptions({ queryKey: keys.removed, queryFn: () => got(api.GET('/api/removed')), ...fresh }),
  order: (id: string) =>
    queryOptions({
      queryKey: [...keys.orders, 'one', id],
      queryFn: () => got(api.GET('/api/orders/{id}', { params: { path: { id } } })),
      ...fresh,
    }),
  orders: (words: string, which: OrdersWanted, after: number) =>
    queryOptions({
      queryKey: [...keys.orders, words, which, after],
      queryFn: () => got(api.GET('/api/orders', { params: { query: { words, which, after } } })),
      ...fresh,
    }),
  outlook: () => queryOptions({ queryKey: keys.outlook, queryFn: () => got(api.GET('/api/day/outlook')), ...fresh }),
  owned: () => queryOptions({ queryKey: keys.owned, queryFn: () => got(api.GET('/api/owned')), ...fresh }),
  possible: () => queryOptions({ queryKey: keys.possible, queryFn: () => got(api.GET('/api/possible')), ...fresh }),
  portraits: () =>
    queryOptions({ queryKey: [...keys.catalogue, 'portraits'], queryFn: () => got(api.GET('/api/blanks')) }),
  recognised: (answers: string) =>
    queryOptions({
      queryKey: ['recognised', answers],
      queryFn: () => got(api.GET('/api/recognise', { params: { query: { answers } } })),
    }),
  sums: () => queryOptions({ queryKey: ['sums'], queryFn: () => got(api.GET('/api/sums')) }),
  sum: (id: string, typed: Record<string, string>) =>
    queryOptions({
      queryKey: ['sums', id, typed],
      queryFn: () => got(api.GET('/api/sums/{id}', { params: { path: { id }, query: { typed } } })),
    }),
  pictures: () => queryOptions({ queryKey: keys.pictures, queryFn: () => got(api.GET('/api/pictures')) }),
  printers: () => queryOptions({ queryKey: keys.printers, queryFn: () => got(api.GET('/api/printers')) }),
  prints: () => queryOptions({ queryKey: keys.prints, queryFn: () => got(api.GET('/api/prints')) }),
  quotes: () => queryOptions({ queryKey: keys.quotes, queryFn: () => got(api.GET('/api/quotes')), ...fresh }),
  rates: () => queryOptions({ queryKey: keys.rates, queryFn: () => got(api.GET('/api/rates')) }),
  recipes: () => queryOptions({ queryKey: keys.recipes, queryFn: () => got(api.GET('/api/recipes')), ...fresh }),
  reckonedQuote: (wish: Schemas['QuoteWish']) =>
    queryOptions({
      queryKey: ['quote', wish],
      queryFn: () => got(api.POST('/api/quotes/reckoned', { body: wish })),
      ...fresh,
    }),
  routeForm: (route: string) =>
    queryOptions({
      queryKey: ['route-form', route],
      queryFn: () => got(api.GET('/api/routes/{id}/form', { params: { path: { id: route } } })),
    }),
  readyAtBench: () =>
    queryOptions({ queryKey: [...keys.bench, 'ready'], queryFn: () => got(api.GET('/api/bench/ready')), ...fresh }),
  run: (id: string | undefined) =>
    queryOptions({
      queryKey: keys.run(id),
      queryFn: () => got(api.GET('/api/runs/{id}', { params: { path: { id: id ?? '' } } })).then(learn),
      enabled: id !== undefined,
      ...fresh,
    }),
  // As they were when the session began: they never change.
  drawings: (run: string) =>
    queryOptions({
      queryKey: [...keys.run(run), 'drawings'],
      queryFn: () => got(api.GET('/api/runs/{id}/drawings', { params: { path: { id: run } } })),
      staleTime: Number.POSITIVE_INFINITY,
    }),
  rehearsalDrawings: (job: string) =>
    queryOptions({
      queryKey: [...keys.job(job), 'rehearsal'],
      queryFn: () => got(api.GET('/api/jobs/{job}/rehearsal/drawings', { params: { path: { job } } })),
    }),
  reach: (job: string, transfer: number, picture: string) =>
    queryOptions({
      queryKey: [...keys.job(job), 'reach', transfer, picture],
      queryFn: () => got(api.GET('/api/jobs/{id}/reach/{transfer}', { params: { path: { id: job, transfer } } })),
      enabled: picture !== '',
    }),
  names: (id: string) =>
    queryOptions({
      queryKey: keys.names(id),
      queryFn: () => got(api.GET('/api/jobs/{id}/names', { params: { path: { id } } })),
    }),
  proofs: (id: string) =>
    queryOptions({
      queryKey: keys.proofs(id),
      queryFn: () => got(api.GET('/api/jobs/{id}/proofs', { params: { path: { id } } })),
    }),
  offer: (job: string) =>
    queryOptions({
      queryKey: [...keys.job(job), 'offer'],
      queryFn: () => got(api.GET('/api/jobs/{job}/runs', { params: { path: { job } } })),
      ...fresh,
    }),
  runs: () => queryOptions({ queryKey: ['runs'], queryFn: () => got(api.GET('/api/runs')), ...fresh }),
  settings: () => queryOptions({ queryKey: keys.settings, queryFn: () => got(api.GET('/api/settings')) }),
  search: (words: string) =>
    queryOptions({
      queryKey: ['search', words],
      queryFn: () => got(api.GET('/api/search', { params: { query: { words } } })),
      ...fresh,
    }),
  sharedSheets: () =>
    queryOptions({ queryKey: [...keys.due, 'shared'], queryFn: () => got(api.GET('/api/print/shared')), ...fresh }),
  sheets: () => queryOptions({ queryKey: ['sheets'], queryFn: () => got(api.GET('/api/sheets')) }),
  shelf: () => queryOptions({ queryKey: keys.shelf, queryFn: () => got(api.GET('/api/shelf')) }),
  stock: () => queryOptions({ queryKey: keys.stock, queryFn: () => got(api.GET('/api/stock')), ...fresh }),
  trace: (body: Schemas['TraceMarks']) =>
    queryOptions({ queryKey: ['trace', body], queryFn: () => got(api.POST('/api/trace', { body })) }),
};
