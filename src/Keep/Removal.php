<?php

declare(strict_types=1);

namespace Wubbin\Keep;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Wubbin\Archive\PrintedSheet;
use Wubbin\Archive\SheetArchive;
use Wubbin\Artwork\Artwork;
use Wubbin\Change\ChangeKind;
use Wubbin\Change\StoredChange;
use Wubbin\Core\Job\Transfer;
use Wubbin\Cost\StoredQuote;
use Wubbin\Job\FoundSheets;
use Wubbin\Job\StoredJob;
use Wubbin\Order\StoredOrder;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\NotFound;
use Wubbin\Refusal\Refusal;
use Wubbin\Route\StoredRecipe;
use Wubbin\Session\StoredRun;
use Wubbin\Storage\Instant;
use Wubbin\Storage\Removed;
use Wubbin\Storage\RemovedKind;
use Wubbin\Storage\RemovedThing;
use Wubbin\Storage\WriteTurn;

/**
 * Deletes what nobody wants any more: hidden at once, taken back as it was for thirty days, and then gone with the
 * files that nothing else uses. The logbook keeps what was made.
 */
final readonly class Removal
{
    public const KEPT_DAYS = 30;

    private const MOST_NAMED = 3;

    public function __construct(
        private EntityManagerInterface $entities,
        private WriteTurn $turn,
        private Removed $removed,
        private SheetArchive $sheets,
        private ClockInterface $clock,
    ) {}

    /** @throws Refusal where there is no such thing, or something needs it */
    public function remove(RemovedKind $kind, string $id): void
    {
        $this->turn->take(function () use ($kind, $id): void {
            if (null !== $this->entities->find(RemovedThing::class, ['kind' => $kind, 'id' => $id])) {
                return;
            }
            [$label, $wasArchived] = match ($kind) {
                RemovedKind::Job => $this->hideJob($id),
                RemovedKind::Order => $this->hideOrder($id),
                RemovedKind::Picture => [$this->unusedPicture($id), false],
                RemovedKind::Recipe => $this->hideRecipe($id),
                RemovedKind::Quote => [$this->found(StoredQuote::class, $id)->label, false],
            };
            $this->entities->persist(
                new RemovedThing($kind, $id, mb_substr($label, 0, 200), $wasArchived, $this->clock->now()),
            );
            $this->entities->flush();
        });
    }

    /** @throws NotFound where it is gone for good */
    public function takeBack(RemovedKind $kind, string $id): void
    {
        $this->turn->take(function () use ($kind, $id): void {
            $thing =
                $this->entities->find(RemovedThing::class, ['kind' => $kind, 'id' => $id]) ??
                throw new NotFound('This cannot be brought back any more, or it is back already.');
            match ($kind) {
                RemovedKind::Job => ($this->found(StoredJob::class, $id)->archived = $thing->wasArchived),
                RemovedKind::Order => ($this->found(StoredOrder::class, $id)->archived = $thing->wasArchived),
                RemovedKind::Recipe => $this->retire($id, $thing->wasArchived),
                default => null,
            };
            $this->entities->remove($thing);
            $this->entities->flush();
        });
    }

    /** Deletes for good what was deleted long enough ago. */
    public function forget(): void
    {
        $before = Instant::write($this->clock->now()->modify('-' . self::KEPT_DAYS . ' days'));
        $this->turn->take(function () use ($before): void {
            foreach ($this->removed->all() as $thing) {
                if ($thing->at < $before) {
                    $this->drop($thing);
                }
            }
            $this->entities->flush();
        });
    }

    private function drop(RemovedThing $thing): void
    {
        $rows = match ($thing->kind) {
            RemovedKind::Job => [
                $this->entities->find(StoredJob::class, $thing->id),
                ...$this->sheetsOf($thing->id),
                ...$this->entities->getRepository(FoundSheets::class)->findBy(['job' => $thing->id]),
            ],
            RemovedKind::Order => [$this->entities->find(StoredOrder::class, $thing->id)],
            RemovedKind::Picture => [$this->entities->find(Artwork::class, $thing->id)],
            RemovedKind::Recipe => $this->entities->getRepository(StoredRecipe::class)->findBy(['id' => $thing->id]),
            RemovedKind::Quote => [$this->entities->find(StoredQuote::class, $thing->id)],
        };
        foreach ([...array_filter($rows), ...$this->changesOf($thing), $thing] as $row) {
            $this->entities->remove($row);
        }
    }

    /** @return list<StoredChange> what it was before is gone with it */
    private function changesOf(RemovedThing $thing): array
    {
        $kind = ChangeKind::tryFrom($thing->kind->value);

        return null === $kind
            ? []
            : $this->entities->getRepository(StoredChange::class)->findBy(['kind' => $kind, 'thing' => $thing->id]);
    }

    /** @return list<PrintedSheet> */
    private function sheetsOf(string $job): array
    {
        $sheets = $this->entities->getRepository(PrintedSheet::class)->findBy(['job' => $job]);
        foreach ($sheets as $sheet) {
            @unlink($this->sheets->path($sheet->id));
        }

        return $sheets;
    }

    /** @return array{string, bool} what it is called, and whether it was put away already */
    private function hideJob(string $id): array
    {
        $job = $this->found(StoredJob::class, $id);
        if (null !== $this->entities->getRepository(StoredRun::class)->findOneBy(['job' => $id, 'finished' => null])) {
            throw InvalidInput::field(
                'id',
                'Pieces of this job are on the bench. Finish them or end that session first.',
            );
        }
        [$was, $job->archived] = [$job->archived, true];

        return [$job->job()->name, $was];
    }

    /** @return array{string, bool} */
    private function hideOrder(string $id): array
    {
        $order = $this->found(StoredOrder::class, $id);
        [$was, $order->archived] = [$order->archived, true];

        return [$order->label, $was];
    }

    /** @return array{string, bool} */
    private function hideRecipe(string $id): array
    {
        $recipe =
            $this->entities->getRepository(StoredRecipe::class)->findOneBy(['id' => $id], ['version' => 'DESC']) ??
            throw new NotFound('There is no such recipe in this shop.');
        $was = $recipe->retired;
        $this->retire($id, true);

        return [$recipe->name(), $was];
    }

    private function retire(string $id, bool $retired): void
    {
        $newest = $this->entities->getRepository(StoredRecipe::class)->findOneBy(['id' => $id], ['version' => 'DESC']);
        if (null !== $newest) {
            $newest->retired = $retired;
        }
    }

    private function unusedPicture(string $sha256): string
    {
        $removed = $this->removed->ids(RemovedKind::Job);
        $users = [];
        foreach ($this->entities->getRepository(StoredJob::class)->findAll() as $stored) {
            $job = $stored->job();
            $has = array_map(static fn(Transfer $transfer): ?string => $transfer->artwork, $job->transfers);
            if (!isset($removed[$job->id]) && in_array($sha256, $has, true)) {
                $users[] = $job->name;
            }
        }
        if ([] !== $users) {
            throw InvalidInput::field(
                'id',
                sprintf(
                    'This picture is on %s%s. Give them another one, or delete them first.',
                    implode(', ', array_slice($users, 0, self::MOST_NAMED)),
                    count($users) > self::MOST_NAMED ? ' and ' . (count($users) - self::MOST_NAMED) . ' more' : '',
                ),
            );
        }

        return $this->found(Artwork::class, $sha256)->picture()->name;
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return T
     *
     * @throws NotFound
     */
    private function found(string $class, string $id): object
    {
        return $this->entities->find($class, $id) ?? throw new NotFound('There is no such thing in this shop.');
    }
}
