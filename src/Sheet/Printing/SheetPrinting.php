<?php

declare(strict_types=1);

namespace Wubbin\Sheet\Printing;

use Symfony\Component\Filesystem\Filesystem;
use Wubbin\Archive\PrintedSheet;
use Wubbin\Archive\SheetArchive;
use Wubbin\Archive\SheetPage;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Route\Edge;
use Wubbin\Core\Route\Feed;
use Wubbin\Core\Route\Lying;
use Wubbin\Core\Route\Marking;
use Wubbin\Core\Route\Medium;
use Wubbin\Core\Route\Tray;
use Wubbin\Core\Sheet\Printout;
use Wubbin\Job\JobPlanner;
use Wubbin\Measure\SettingsStore;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;
use Wubbin\Sheet\FeedTestPdf;
use Wubbin\Task\Progress;

/** Brings a sheet to a printer. */
final readonly class SheetPrinting
{
    public function __construct(
        private JobPlanner $jobs,
        private SheetArchive $sheets,
        private PrintDevices $devices,
        private Catalogue $catalogue,
        private FeedTestPdf $test,
        private SettingsStore $settings,
    ) {}

    /** @throws Refusal naming the field */
    public function print(PrintWish $wish, Progress $progress): PrintView
    {
        $device = $this->devices->find($wish->device);
        $shelf = $this->jobs->shelf();
        $marking = $shelf->markings[$wish->marking] ?? null;
        $tray = $marking?->printer?->tray($wish->tray);
        if (null === $marking || null === $tray) {
            throw InvalidInput::field(
                'marking',
                'This printer, or its tray, is no longer on the shelf. The sheet is still stored. Print it elsewhere.',
            );
        }
        $progress->at(0.05, 'Looking at the sheet');
        if (null === $wish->sheet) {
            return $this->feedTest($wish, $device, $marking, $tray, $progress);
        }
        if ([] === $wish->pages) {
            throw InvalidInput::field('pages', 'Choose the pages to print.');
        }
        $sheet = $this->sheets->find($wish->sheet);
        $page = $this->pageOf($sheet, $wish->pages);
        $medium = $this->medium($page->medium, $shelf);
        $printout = $page->guides
            ? Printout::onPlainPaper(self::feed($tray, $marking), $wish->driverMirrors)
            : Printout::fromFeed(
                $marking,
                $medium,
                self::feed($tray, $marking),
                $wish->lies,
                $wish->foldFirst,
                $page->foldLeads,
                $page->mirrored && !$page->inDriver,
                $wish->driverMirrors,
                $page->mirrored,
            );
        $labels = array_map(static fn(SheetPage $one): string => $one->label, $sheet->pages());
        $order = new PrintOrder(
            $this->sheets->file($sheet->id),
            $labels[$wish->pages[0] - 1] ?? 'Wubbin',
            $wish->pages,
            array_combine(range(1, count($labels)), $labels),
            $printout,
            setting: $wish->setting,
            widthMm: $medium->paper->size()->widthMm,
            heightMm: $medium->paper->size()->heightMm,
        );

        return PrintView::fromOrder($device, $order, $device->print($order, $progress));
    }

    /** How a tray feeds, as far as is known; as printers of its kind usually do, where nobody has tried. */
    private static function feed(Tray $tray, Marking $marking): Feed
    {
        return $tray->feed ?? ($marking->usualFeed ?? new Feed(Lying::Up, Edge::Top));
    }

    private function feedTest(
        PrintWish $wish,
        PrintDevice $device,
        Marking $marking,
        Tray $tray,
        Progress $progress,
    ): PrintView {
        // Each printer has its own way; the simulated one feeds as its kind usually does, whatever the shelf says.
        $feed = $marking->usualFeed ?? self::feed($tray, $marking);
        $printout = Printout::onPlainPaper($feed, $wish->driverMirrors);
        $file = (new Filesystem())->tempnam(sys_get_temp_dir(), 'wubbin', '.pdf');
        try {
            file_put_contents(
                $file,
                $this->test->draw(PaperSize::from($this->settings->get()->paper), $marking, $tray),
            );
            $turned = (4 - $feed->leads->quarters()) % 4;
            $order = new PrintOrder(
                $file,
                'Wubbin feed test',
                [1],
                [1 => 'Feed test'],
                $printout,
                $turned,
                true,
                Lying::Up === $feed->prints,
            );

            return PrintView::fromOrder($device, $order, $device->print($order, $progress));
        } finally {
            (new Filesystem())->remove($file);
        }
    }

    /**
     * @param non-empty-list<int> $numbers
     *
     * @throws Refusal where there is no such page, or they are not printed in one go
     */
    private function pageOf(PrintedSheet $sheet, array $numbers): SheetPage
    {
        $pages = $sheet->pages();
        $first = $pages[$numbers[0] - 1] ?? throw InvalidInput::field('pages', 'This sheet has no such page.');
        foreach ($numbers as $number) {
            if (
                !($pages[$number - 1] ?? throw InvalidInput::field('pages', 'This sheet has no such page.'))->sameAs(
                    $first,
                )
            ) {
                throw InvalidInput::field('pages', 'These pages go on different sheets. Print them one after another.');
            }
        }

        return $first;
    }

    private function medium(string $id, Shelf $shelf): Medium
    {
        return $shelf->media[$id] ??
            ($this->catalogue->sheets->media[$id] ??
                throw InvalidInput::field('sheet', 'The paper or film of this sheet is no longer on the shelf.'));
    }
}
