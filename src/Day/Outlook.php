<?php

declare(strict_types=1);

namespace Wubbin\Day;

use OpenApi\Attributes as OA;
use Wubbin\Core\Day\LatestStart;
use Wubbin\Core\Day\Link;
use Wubbin\Core\Day\Mend;
use Wubbin\Core\Day\Timetable;

/** How much air there is in a plan: the latest moment to start, or what would make less late. */
#[OA\Schema]
final readonly class Outlook
{
    /** So many late jobs are explained, by so many parts of what they waited for. */
    private const MOST_LATE = 8;
    private const MOST_LINKS = 4;

    /**
     * @param list<OutlookMend> $mends
     * @param list<LateWork> $late
     * @param list<string> $short
     */
    private function __construct(
        #[
            OA\Property(
                type: 'integer',
                nullable: true,
                description: 'Seconds since 1970; null where something is late, or nothing is due',
            ),
        ]
        public ?int $latest,
        public array $mends,
        #[OA\Property(description: 'What makes jobs late, the latest first')] public array $late,
        #[
            OA\Property(
                type: 'array',
                description: 'What there is too little of for all that is due',
                items: new OA\Items(type: 'string'),
            ),
        ]
        public array $short,
    ) {}

    /**
     * @param array<string, string> $names of jobs by id
     * @param list<string> $short
     */
    public static function fromTimetable(Timetable $table, array $names, \DateTimeZone $zone, array $short): self
    {
        return new self(
            LatestStart::of($table),
            array_map(
                static fn(Mend $mend): OutlookMend => new OutlookMend(
                    what: self::what($mend, $zone),
                    kept: array_map(static fn(string $id): string => $names[$id], $mend->kept),
                    part: $mend->part,
                ),
                Mend::of($table),
            ),
            self::late($table, $names),
            $short,
        );
    }

    /**
     * Jobs that waited for the same are told together.
     *
     * @param array<string, string> $names
     *
     * @return list<LateWork>
     */
    private static function late(Timetable $table, array $names): array
    {
        $late = [];
        foreach (array_slice($table->late(), 0, self::MOST_LATE) as $id) {
            $links = array_map(
                static fn(Link $link): LateLink => new LateLink(
                    job: $names[$link->group],
                    start: $link->start,
                    end: $link->end,
                ),
                self::longest($table->chainOf($id)),
            );
            $key = implode(' ', array_map(static fn(LateLink $link): int => $link->start, $links));
            $late[$key] = new LateWork(jobs: [...$late[$key]->jobs ?? [], $names[$id]], links: $links);
        }

        return array_values($late);
    }

    /**
     * @param list<Link> $links
     *
     * @return list<Link>
     */
    private static function longest(array $links): array
    {
        $lengths = array_map(static fn(Link $link): int => $link->end - $link->start, $links);
        arsort($lengths);
        $kept = array_slice($lengths, 0, self::MOST_LINKS, true);

        return array_values(array_intersect_key($links, $kept));
    }

    private static function what(Mend $mend, \DateTimeZone $zone): string
    {
        $clock = static fn(?int $instant, string $format): string => (new \DateTimeImmutable('@' . $instant))
            ->setTimezone($zone)
            ->format($format);

        return match ($mend->kind) {
            Mend::ANEW => 'Planning it again',
            Mend::HANDS => 'One more pair of hands',
            Mend::MACHINE => 'A second ' . $mend->what,
            Mend::PLACE => 'A second ' . $mend->what,
            default => sprintf('Working on %s until %s', $clock($mend->from, 'l j F'), $clock($mend->to, 'H:i')),
        };
    }
}
