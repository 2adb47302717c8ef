<?php

declare(strict_types=1);

namespace Wubbin\Day;

use OpenApi\Attributes as OA;
use Wubbin\Core\Day\LatestStart;
use Wubbin\Core\Day\Mend;
use Wubbin\Core\Day\Timetable;

/** How much air there is in a plan: the latest moment to start, or what would make less late. */
#[OA\Schema(required: ['latest', 'mends'])]
final readonly class Outlook
{
    /** @param list<array{what: string, kept: list<string>, part: float}> $mends */
    private function __construct(
        #[OA\Property(type: 'integer', nullable: true, description: 'Seconds since 1970; null where something is late, or nothing is due')]
        public ?int $latest,
        #[OA\Property(type: 'array', items: new OA\Items(required: ['what', 'kept', 'part'], properties: [
            new OA\Property(property: 'what', type: 'string'),
            new OA\Property(property: 'kept', type: 'array', description: 'Names of jobs that would be in time', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'part', type: 'number', description: 'Of all lateness that is saved, 0 to 1'),
        ], type: 'object'))]
        public array $mends,
    ) {
    }

    /** @param array<string, string> $names of jobs by id */
    public static function of(Timetable $table, array $names, \DateTimeZone $zone): self
    {
        return new self(LatestStart::of($table), array_map(static fn (Mend $mend): array => [
            'what' => self::what($mend, $zone),
            'kept' => array_map(static fn (string $id): string => $names[$id], $mend->kept),
            'part' => $mend->part,
        ], Mend::of($table)));
    }

    private static function what(Mend $mend, \DateTimeZone $zone): string
    {
        $clock = static fn (?int $instant, string $format): string => (new \DateTimeImmutable('@'.$instant))->setTimezone($zone)->format($format);

        return match ($mend->kind) {
            Mend::ANEW => 'Planning it anew',
            Mend::HANDS => 'One more pair of hands',
            Mend::MACHINE => 'A second '.$mend->what,
            Mend::PLACE => 'A second '.$mend->what,
            default => sprintf('Working on %s until %s', $clock($mend->from, 'l j F'), $clock($mend->to, 'H:i')),
        };
    }
}
