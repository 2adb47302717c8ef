<?php

declare(strict_types=1);

namespace Wubbin\Sheet\Due;

use Doctrine\ORM\EntityManagerInterface;
use Wubbin\Archive\PrintLog;
use Wubbin\Archive\SheetArchive;
use Wubbin\Core\Cost\Item;
use Wubbin\Core\Cost\Stuff;
use Wubbin\Job\StoredJob;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;
use Wubbin\Stock\Inventory;
use Wubbin\Storage\WriteTurn;

/** Takes what a person says of printed sheets: spoiled ones are printed again, and are off the stock. */
final readonly class PrintJudge
{
    public function __construct(
        private EntityManagerInterface $entities,
        private SheetArchive $archive,
        private PrintLog $log,
        private Inventory $stock,
        private WriteTurn $turn,
    ) {}

    /** @throws Refusal where there is no such sheet or page */
    public function judge(PrintVerdict $verdict): void
    {
        $sheet = $this->archive->find($verdict->sheet);
        $pages = $sheet->pages();
        foreach ($verdict->spoiled as $page) {
            if (!isset($pages[$page - 1])) {
                throw InvalidInput::field('spoiled', 'This sheet has no such page.');
            }
        }
        $spoiled = $this->turn->take(fn(): array => $this->log->judge($sheet, $verdict->spoiled));
        foreach ($spoiled as $out) {
            $page = $pages[$out->page - 1];
            if (!$page->guides) {
                // Good ones are taken off when their pieces are made.
                $this->stock->usedBy('spoiled-print-' . $out->number, [
                    (new Item(Stuff::Sheet, $page->medium, $page->medium, Stuff::Sheet->unit()))->key() => 1.0,
                ]);
            }
        }
    }

    /** @return list<UnseenSheet> the oldest first */
    public function unseen(): array
    {
        $unseen = [];
        foreach ($this->log->unseen() as $id => [$device, $at, $numbers]) {
            $sheet = $this->archive->find($id);
            $pages = $sheet->pages();
            $unseen[] = new UnseenSheet(
                $id,
                $sheet->job,
                $this->entities->find(StoredJob::class, $sheet->job)?->job()->name ?? $sheet->job,
                $device,
                $at,
                array_map(
                    static fn(int $page): UnseenPage => new UnseenPage($page, $pages[$page - 1]->label ?? ''),
                    $numbers,
                ),
            );
        }

        return $unseen;
    }
}
