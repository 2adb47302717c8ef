<?php

declare(strict_types=1);

namespace Wubbin\Demo;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Wubbin\Artwork\ArtworkStore;
use Wubbin\Core\Job\JobFile;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Measure\Currency;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Route\Recipe;
use Wubbin\Core\Run\Defect;
use Wubbin\Core\Run\Outcome;
use Wubbin\Job\JobPlanner;
use Wubbin\Job\StoredJob;
use Wubbin\Log\LogCsv;
use Wubbin\Measure\SettingsStore;
use Wubbin\Order\OrderBook;
use Wubbin\Order\OrderHead;
use Wubbin\Route\RecipeStore;
use Wubbin\Shelf\ShelfStore;
use Wubbin\Stock\RatesStore;
use Wubbin\Stock\ShopRates;
use Wubbin\Stock\StockCsv;
use Wubbin\Stock\StockNames;
use Wubbin\Storage\SchemaCheck;

/** Fills an empty shop with Quillet Lane Orchard, which does not exist, getting ready for its harvest fair. */
#[AsCommand('demo', 'Fill an empty shop with the demo orchard')]
final class DemoCommand extends Command
{
    /** Pieces made before today: outcome, what went wrong, a note, seconds each area really got. */
    private const PAST = [
        [
            Outcome::Spoiled,
            [[Defect::LiftedEdge, 0.04, 0.4], [Defect::LiftedEdge, 0.97, 0.62]],
            'First try, on the ironing board. Never again.',
            13,
        ],
        [
            Outcome::Redo,
            [[Defect::MissedPatch, 0.08, 0.93]],
            'Lower left corner, pressed once more under parchment.',
            15,
        ],
        [Outcome::Good, [], '', 18],
        [Outcome::Good, [], 'Peeled after 48 s. Still matte.', 18],
    ];

    /** The day of the fair that dues in the demo's files are written for. */
    private const FAIR = '2026-12-05';

    private const RATES = [
        'hour' => '16.50',
        'kwh' => '0.32',
        'overhead' => '12',
        'spares' => '1',
        'margin' => '35',
        'set_up' => '15.00',
        'tax' => '19',
    ];

    /** Who wants what: label, day, note, jobs. */
    private const ORDERS = [
        ['Picking crew', '2026-12-05', 'Names of the crew hang in the shed.', ['picking-crew', 'helpers', 'apron']],
        ['Pressing shed', '2026-12-05', '', ['shed-mugs', 'tasting-cups', 'wheel-shirts']],
        [
            'Fair stall',
            '2026-12-05',
            'Candles and boards go into the glass case.',
            ['seed-bags', 'blossom-candles', 'night-candles', 'variety-boards'],
        ],
        [
            'Rows and crates',
            '2026-12-03',
            'The tags have to hang before the visitors come.',
            ['row-tags', 'crate-ends', 'barn-candle'],
        ],
        ['Helpers’ thanks', '2026-12-05', 'A mug for each. They go in the dishwasher.', ['gift-mugs']],
    ];

    public function __construct(
        private readonly EntityManagerInterface $entities,
        private readonly SchemaCheck $schemas,
        private readonly ArtworkStore $artwork,
        private readonly ShelfStore $shelf,
        private readonly Catalogue $catalogue,
        private readonly JobPlanner $jobs,
        private readonly RecipeStore $recipes,
        private readonly PastSession $past,
        private readonly LogCsv $csv,
        private readonly StockCsv $stock,
        private readonly RatesStore $rates,
        private readonly OrderBook $orders,
        private readonly Morning $morning,
        private readonly Crew $crew,
        private readonly SettingsStore $settings,
        private readonly string $projectDirectory,
        private readonly ClockInterface $clock,
    ) {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        if ($this->entities->getRepository(StoredJob::class)->count() > 0) {
            $output->writeln('The demo shop is there already.');

            return Command::SUCCESS;
        }
        $this->shelf->put(
            Shelf::fromRecord($this->schemas->decode('shelf', $this->read('shelf.json')), $this->catalogue),
        );
        foreach ((array) glob($this->projectDirectory . '/demo/jobs/*.json') as $file) {
            $record = $this->schemas->decode('job', (string) file_get_contents((string) $file));
            foreach ($record->records('transfers') as $transfer) {
                $picture = $transfer->recordOrNull('artwork');
                if (null !== $picture) {
                    $this->artwork->take(
                        $this->projectDirectory . '/demo/jobs/' . $picture->string('file'),
                        $picture->string('name'),
                    );
                }
            }
            $job = JobFile::read($record);
            $this->entities->persist(
                StoredJob::fromJob($job->dueOn($this->beforeTheFair($job->due)), $this->clock->now()),
            );
        }
        foreach ((array) glob($this->projectDirectory . '/demo/recipes/*.json') as $file) {
            $this->recipes->put(
                Recipe::fromRecord(
                    $this->schemas->decode('recipe', (string) file_get_contents((string) $file)),
                    $this->catalogue,
                ),
            );
        }
        $this->entities->flush();
        $this->past->play('picking-crew', 'demo-run', $this->clock->now()->modify('-6 days 10:00'), self::PAST);
        $this->csv->read($this->projectDirectory . '/demo/logbook.csv');
        $this->stocked();
        foreach (self::ORDERS as $n => [$label, $day, $note, $jobs]) {
            $head = new OrderHead($label, $this->beforeTheFair($day), $note);
            $this->orders->gather('demo-order-' . $n, $head, ...$jobs);
        }
        $this->morning->breaks();
        $this->crew->isNamed();
        $output->writeln('Quillet Lane Orchard has moved in.');

        return Command::SUCCESS;
    }

    /** The fair is in ten days; what is written down for the one of 2026 moves with it. */
    private function beforeTheFair(?string $day): ?string
    {
        if (null === $day) {
            return null;
        }
        $before = (new \DateTimeImmutable(self::FAIR))->diff(new \DateTimeImmutable($day));

        return $this->clock->now()->modify('today +10 days')->add($before)->format('Y-m-d');
    }

    /** What was bought for the fair, and what the orchard reckons with. */
    private function stocked(): void
    {
        $currency = Currency::of($this->settings->get()->currency);
        $this->stock->read(
            $this->projectDirectory . '/demo/stock.csv',
            new StockNames($this->jobs->shelf(), $this->jobs->catalogue()),
            $currency,
        );
        $this->rates->put(ShopRates::fromRecord(Record::of(self::RATES)), $currency, static function (): void {});
    }

    private function read(string $file): string
    {
        return (string) file_get_contents($this->projectDirectory . '/demo/' . $file);
    }
}
