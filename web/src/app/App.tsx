import { notifyManager, QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { ToggleGroup } from 'radix-ui';
import { lazy, Suspense, useEffect, useRef, useState } from 'react';
import { BrowserRouter, Link, Navigate, Outlet, Route, Routes, useLocation } from 'react-router';
import { leftAt, Tour } from '../help/Tour';
import { SettingsProvider, useSettings } from '../measure/settings';
import { Waiting } from '../parts/Notice';
import { JobPage } from '../plan/JobPage';
import { TodayPage } from '../today/TodayPage';
import { Keys } from './Keys';
import { GROUPS, groupOf } from './rooms';
import { Search } from './Search';

const HelpPanel = lazy(() => import('../help/HelpPanel').then((m) => ({ default: m.HelpPanel })));
const JobList = lazy(() => import('../job/JobList').then((m) => ({ default: m.JobList })));
const NewJob = lazy(() => import('../job/NewJob').then((m) => ({ default: m.NewJob })));
const BenchList = lazy(() => import('../run/BenchList').then((m) => ({ default: m.BenchList })));
const ScanPage = lazy(() => import('../run/ScanPage').then((m) => ({ default: m.ScanPage })));
const BoardPage = lazy(() => import('../today/BoardPage').then((m) => ({ default: m.BoardPage })));
const BenchPage = lazy(() => import('../run/BenchPage').then((m) => ({ default: m.BenchPage })));
const RehearsalPage = lazy(() => import('../run/RehearsalPage').then((m) => ({ default: m.RehearsalPage })));
const Logbook = lazy(() => import('../log/Logbook').then((m) => ({ default: m.Logbook })));
const LogPage = lazy(() => import('../log/LogPage').then((m) => ({ default: m.LogPage })));
const ComparePage = lazy(() => import('../log/ComparePage').then((m) => ({ default: m.ComparePage })));
const LessonsPage = lazy(() => import('../log/LessonsPage').then((m) => ({ default: m.LessonsPage })));
const PartsPage = lazy(() => import('./PartsPage').then((m) => ({ default: m.PartsPage })));
const StartPage = lazy(() => import('../start/StartPage').then((m) => ({ default: m.StartPage })));
const CanPage = lazy(() => import('../start/CanPage').then((m) => ({ default: m.CanPage })));
const SumsPage = lazy(() => import('../sums/SumsPage').then((m) => ({ default: m.SumsPage })));
const DoctorPage = lazy(() => import('../log/DoctorPage').then((m) => ({ default: m.DoctorPage })));
const LaddersPage = lazy(() => import('../ladder/LaddersPage').then((m) => ({ default: m.LaddersPage })));
const LadderPage = lazy(() => import('../ladder/LadderPage').then((m) => ({ default: m.LadderPage })));
const NewLadder = lazy(() => import('../ladder/NewLadder').then((m) => ({ default: m.NewLadder })));
const DayPage = lazy(() => import('../day/DayPage').then((m) => ({ default: m.DayPage })));
const OrdersPage = lazy(() => import('../order/OrdersPage').then((m) => ({ default: m.OrdersPage })));
const OrderPage = lazy(() => import('../order/OrderPage').then((m) => ({ default: m.OrderPage })));
const PrintPage = lazy(() => import('../sheet/PrintPage').then((m) => ({ default: m.PrintPage })));
const NewOrder = lazy(() => import('../order/NewOrder').then((m) => ({ default: m.NewOrder })));
const OrderTable = lazy(() => import('../order/OrderTable').then((m) => ({ default: m.OrderTable })));
const StockPage = lazy(() => import('../cost/StockPage').then((m) => ({ default: m.StockPage })));
const ReadyPage = lazy(() => import('../ready/ReadyPage').then((m) => ({ default: m.ReadyPage })));
const NamesPage = lazy(() => import('../ready/NamesPage').then((m) => ({ default: m.NamesPage })));
const ProofPage = lazy(() => import('../proof/ProofPage').then((m) => ({ default: m.ProofPage })));
const CostPage = lazy(() => import('../cost/CostPage').then((m) => ({ default: m.CostPage })));
const NewQuote = lazy(() => import('../cost/NewQuote').then((m) => ({ default: m.NewQuote })));
const QuotesPage = lazy(() => import('../cost/QuotesPage').then((m) => ({ default: m.QuotesPage })));
const AdvicePage = lazy(() => import('../advice/AdvicePage').then((m) => ({ default: m.AdvicePage })));
const RecipesPage = lazy(() => import('../route/RecipesPage').then((m) => ({ default: m.RecipesPage })));
const HousePage = lazy(() => import('../job/HousePage').then((m) => ({ default: m.HousePage })));
const GangPage = lazy(() => import('../sheet/GangPage').then((m) => ({ default: m.GangPage })));
const TracePage = lazy(() => import('../blank/TracePage').then((m) => ({ default: m.TracePage })));
const ShelfPage = lazy(() => import('../route/ShelfPage').then((m) => ({ default: m.ShelfPage })));
const SettingsPage = lazy(() => import('../measure/SettingsPage').then((m) => ({ default: m.SettingsPage })));

const BackupPage = lazy(() => import('../keep/BackupPage').then((m) => ({ default: m.BackupPage })));
const DeviceSetUp = lazy(() => import('../heat/Device').then((m) => ({ default: m.DeviceSetUp })));
const PrintersPage = lazy(() => import('../sheet/PrintersPage').then((m) => ({ default: m.PrintersPage })));
const QueuePage = lazy(() => import('../sheet/QueuePage').then((m) => ({ default: m.QueuePage })));
const PicturesPage = lazy(() => import('../artwork/PicturesPage').then((m) => ({ default: m.PicturesPage })));

// A box that was ticked is ticked before the page is drawn again: not in the turn after.
notifyManager.setScheduler(queueMicrotask);
const queries = new QueryClient({ defaultOptions: { queries: { retry: false, staleTime: 2000 } } });

function UnitToggle() {
  const { settings, change } = useSettings();
  return (
    <ToggleGroup.Root
      type="single"
      aria-label="Units"
      className="flex text-sm whitespace-nowrap"
      value={settings.units}
      onValueChange={(units) => {
        if (units === 'metric' || units === 'us') {
          change({ units });
        }
      }}
    >
      {(
        [
          ['metric', 'mm · °C', 'rounded-l-sm'],
          ['us', 'in · °F', 'rounded-r-sm -ml-px'],
        ] as const
      ).map(([id, label, corner]) => (
        <ToggleGroup.Item
          key={id}
          value={id}
          className={`border border-line px-2.5 py-1 data-[state=on]:border-ink data-[state=on]:bg-ink data-[state=on]:text-ground ${corner}`}
        >
          {label}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  );
}

function Frame() {
  const { pathname } = useLocation();
  const [helped, setHelped] = useState(false);
  const [tour, setTour] = useState<number>();
  const names = useRef<HTMLElement>(null);
  // On a phone the names of a group's rooms run off the screen: the one that is open is brought to sight.
  // biome-ignore lint/correctness/useExhaustiveDependencies: another room is open
  useEffect(() => {
    names.current?.querySelector('[aria-current]')?.scrollIntoView({ inline: 'center', block: 'nearest' });
  }, [pathname]);
  const here = groupOf(pathname);
  const rooms = here?.rooms.some(([to]) => to === pathname) ? here.rooms : [];
  return (
    <div className="flex h-full flex-col">
      <header className="flex min-h-12 shrink-0 flex-wrap items-stretch gap-x-4 border-b border-ink px-5 xl:gap-x-6 print:hidden">
        <Link to="/" className="self-center text-xl font-extrabold tracking-tight">
          wubbin
        </Link>
        <nav aria-label="Rooms" className="flex items-stretch overflow-x-auto whitespace-nowrap xl:gap-1">
          {GROUPS.map((group) => {
            const on = group === here;
            return (
              <Link
                key={group.label}
                to={group.rooms[0]?.[0] ?? '/'}
                aria-current={on ? 'page' : undefined}
                className={`flex min-h-12 items-center border-y-3 border-t-transparent px-2 xl:px-3 ${on ? 'border-b-ink font-bold' : 'border-b-transparent text-soft hover:text-ink'}`}
              >
                {group.label}
              </Link>
            );
          })}
        </nav>
        <div className="ml-auto flex items-center gap-3 py-1">
          <Search />
          <UnitToggle />
          <Keys />
          <button
            type="button"
            className="text-soft hover:text-ink"
            aria-expanded={helped}
            onClick={() => setHelped(!helped)}
          >
            Help
          </button>
        </div>
      </header>
      {rooms.length > 1 && (
        <nav
          ref={names}
          aria-label={here?.label}
          className="flex shrink-0 gap-x-5 overflow-x-auto border-b border-rule bg-shade px-5 whitespace-nowrap print:hidden"
        >
          {rooms.map(([to, label]) => (
            <Link
              key={to}
              to={to}
              aria-current={to === pathname ? 'page' : undefined}
              className={`border-b-2 py-1.5 ${to === pathname ? 'border-ink font-bold' : 'border-transparent text-soft hover:text-ink'}`}
            >
              {label}
            </Link>
          ))}
        </nav>
      )}
      <div className="relative flex min-h-0 flex-1">
        <main className="min-w-0 flex-1 overflow-auto">
          <Suspense fallback={<Waiting error={null} />}>
            <Outlet context={{ tour: () => setTour(leftAt()) }} />
          </Suspense>
        </main>
        {helped && (
          <Suspense>
            <HelpPanel onClose={() => setHelped(false)} onTour={() => setTour(leftAt())} />
          </Suspense>
        )}
      </div>
      {tour !== undefined && <Tour at={tour} onAt={setTour} onLeave={() => setTour(undefined)} />}
    </div>
  );
}

export function App() {
  return (
    <QueryClientProvider client={queries}>
      <SettingsProvider>
        <BrowserRouter>
          <Routes>
            <Route
              path="/bench/:id"
              element={
                <Suspense fallback={<Waiting error={null} />}>
                  <BenchPage />
                </Suspense>
              }
            />
            <Route
              path="/rehearsal/:id"
              element={
                <Suspense fallback={<Waiting error={null} />}>
                  <RehearsalPage />
                </Suspense>
              }
            />
            <Route
              path="/board"
              element={
                <Suspense fallback={<Waiting error={null} />}>
                  <BoardPage />
                </Suspense>
              }
            />
            <Route element={<Frame />}>
              <Route index element={<TodayPage />} />
              <Route path="/scan/run/:run" element={<ScanPage />} />
              <Route path="/scan/run/:run/:piece" element={<ScanPage />} />
              <Route path="/scan/order/:id" element={<OrderPage />} />
              <Route path="/print" element={<PrintPage />} />
              <Route path="/jobs" element={<JobList />} />
              <Route path="/jobs/new" element={<NewJob />} />
              <Route path="/jobs/:id" element={<JobPage />} />
              <Route path="/jobs/:id/routes" element={<AdvicePage />} />
              <Route path="/start" element={<StartPage />} />
              <Route path="/parts" element={<PartsPage />} />
              <Route path="/can" element={<CanPage />} />
              <Route path="/sums" element={<SumsPage />} />
              <Route path="/house" element={<HousePage />} />
              <Route path="/recipes" element={<RecipesPage />} />
              <Route path="/bench" element={<BenchList />} />
              <Route path="/logbook" element={<Logbook />} />
              <Route path="/logbook/lessons" element={<LessonsPage />} />
              <Route path="/logbook/compare/:one/:other" element={<ComparePage />} />
              <Route path="/ladders" element={<LaddersPage />} />
              <Route path="/ladders/new/:job/:picture" element={<NewLadder />} />
              <Route path="/ladders/:id" element={<LadderPage />} />
              <Route path="/orders" element={<OrdersPage />} />
              <Route path="/orders/new" element={<NewOrder />} />
              <Route path="/orders/table" element={<OrderTable />} />
              <Route path="/orders/:id" element={<OrderPage />} />
              <Route path="/quotes" element={<QuotesPage />} />
              <Route path="/quotes/new" element={<NewQuote />} />
              <Route path="/stock" element={<StockPage />} />
              <Route path="/jobs/:id/cost" element={<CostPage />} />
              <Route path="/jobs/:id/ready" element={<ReadyPage />} />
              <Route path="/jobs/:id/names" element={<NamesPage />} />
              <Route path="/jobs/:id/proof" element={<ProofPage />} />
              <Route path="/day" element={<DayPage />} />
              <Route path="/doctor" element={<DoctorPage />} />
              <Route path="/logbook/:id" element={<LogPage />} />
              <Route path="/pictures" element={<PicturesPage />} />
              <Route path="/backup" element={<BackupPage />} />
              <Route path="/shelf" element={<ShelfPage />} />
              <Route path="/shelf/trace" element={<TracePage />} />
              <Route path="/sheets" element={<GangPage />} />
              <Route path="/sheets/queue" element={<QueuePage />} />
              <Route path="/printers" element={<PrintersPage />} />
              <Route path="/sheets/printers" element={<Navigate to="/printers" replace />} />
              <Route
                path="/settings"
                element={
                  <SettingsPage>
                    <DeviceSetUp />
                  </SettingsPage>
                }
              />
              <Route
                path="*"
                element={
                  <div className="p-8">
                    <h1 className="text-2xl">There is nothing here</h1>
                    <p className="mt-2">
                      <Link to="/" className="link">
                        Go to the first page
                      </Link>
                    </p>
                  </div>
                }
              />
            </Route>
          </Routes>
        </BrowserRouter>
      </SettingsProvider>
    </QueryClientProvider>
  );
}
