<?php

declare(strict_types=1);

namespace Wubbin\Archive;

use Doctrine\ORM\EntityManagerInterface;
use Wubbin\Refusal\NotFound;
use Wubbin\Refusal\Refusal;

/** The sheets that were made, kept as they were made. */
final readonly class SheetArchive
{
    public function __construct(private EntityManagerInterface $entities, private string $dataDirectory) {}

    /** @throws Refusal when there is none */
    public function find(string $id): PrintedSheet
    {
        return $this->entities->find(PrintedSheet::class, $id) ?? throw new NotFound('There is no such sheet.');
    }

    /** @return list<PrintedSheet> whose pages are known, the newest first; sheets that several jobs share once */
    public function recent(int $most): array
    {
        $recent = [];
        foreach ($this->entities->getRepository(PrintedSheet::class)->findBy([], ['at' => 'DESC'], $most) as $sheet) {
            if ([] !== $sheet->pages) {
                $recent[serialize($sheet->pages)] ??= $sheet;
            }
        }

        return array_values($recent);
    }

    public function latest(string $job): ?PrintedSheet
    {
        return $this->entities->getRepository(PrintedSheet::class)->findOneBy(['job' => $job], ['at' => 'DESC']);
    }

    /** @throws Refusal when there is none */
    public function file(string $id): string
    {
        $path = $this->path($id);

        return is_file($path) ? $path : throw new NotFound('There is no such sheet.');
    }

    /** Where the sheet of this id is kept. */
    public function path(string $id): string
    {
        return $this->dataDirectory . '/sheets/' . $id . '.pdf';
    }
}
