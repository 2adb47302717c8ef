<?php

declare(strict_types=1);

namespace Wubbin\Archive;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Wubbin\Refusal\NotFound;
use Wubbin\Refusal\Refusal;
use Wubbin\Storage\Documents;
use Wubbin\Storage\Instant;

/** The sheets that were made, kept as they were made. */
final readonly class SheetArchive
{
    /** Since when the ids of plans mean what they mean now: what counts for them, or what is computed, changed then. */
    private const IDS = 'plan-ids';

    public function __construct(
        private EntityManagerInterface $entities,
        private Documents $documents,
        private string $dataDirectory,
        private ClockInterface $clock,
    ) {}

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

    /** For all pieces of a job. */
    public function latest(string $job): ?PrintedSheet
    {
        return $this->entities
            ->getRepository(PrintedSheet::class)
            ->findOneBy(['job' => $job, 'pieces' => null], ['at' => 'DESC']);
    }

    /** What is computed has changed: sheets that are there keep their standing until their job is changed. */
    public function keepStanding(): void
    {
        $this->documents->put(self::IDS, ['since' => Instant::write($this->clock->now())]);
    }

    /**
     * Whether a sheet is still of this plan. Of one that was made when ids hung on words too it is known only whether
     * its job has been changed since.
     *
     * @param string $changed when its job was changed last, as instants are written
     */
    public function isOf(PrintedSheet $sheet, string $plan, string $changed): bool
    {
        $since = $this->documents->get(self::IDS)?->string('since') ?? '';

        return $sheet->plan === $plan || ($sheet->at < $since && $changed <= $sheet->at);
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
