<?php

declare(strict_types=1);

namespace Wubbin\Core\Job;

use Wubbin\Core\Artwork\Placement;
use Wubbin\Core\Artwork\SizedBy;
use Wubbin\Core\Blank\Condition;
use Wubbin\Core\Blank\Shirt;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Length;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\UnreadableQuantity;
use Wubbin\Core\Route\Finish;

/**
 * The open job file, as decoded JSON: lengths in millimetres, the names saying so. Its shape is published in
 * `schema/job.schema.json`; what a schema cannot say (ranges of sense, real days) is checked here.
 */
final readonly class JobFile
{
    public const FORMAT = 'wubbin-job';
    public const VERSION = 1;
    public const LONGEST_NAME = 120;
    public const LONGEST_NOTE = 4000;

    /** @throws BadRecord naming the field */
    public static function read(Record $record): Job
    {
        $artwork = $record->recordOrNull('artwork');
        $choices = $record->record('choices');

        return new Job(
            $record->string('id'),
            self::name($record->string('name')),
            self::quantity($record->integer('quantity')),
            self::due($record->stringOrNull('due')),
            self::shirt($record->record('blank')),
            $artwork?->string('sha256'),
            $artwork?->string('name'),
            self::placement($record->record('placement')),
            $record->string('route'),
            $record->enum('finish', Finish::class),
            new Choices(
                $choices->stringOrNull('medium'),
                $choices->stringOrNull('marking'),
                $choices->stringOrNull('iron'),
                $choices->stringOrNull('base'),
                $choices->stringOrNull('guard'),
                $choices->stringOrNull('drying'),
            ),
            array_map(static fn (Record $r): Override => new Override($r->string('check'), $r->string('reason')), $record->records('overrides')),
            self::note($record->stringOrNull('note') ?? ''),
        );
    }

    /**
     * @return array{format: string, version: int, id: string, name: string, quantity: int, due: ?string,
     *     blank: array{kind: string, size: string, material: string, colour: string, condition: string},
     *     artwork: array{name: string, sha256: string}|null,
     *     placement: array{by: string, side_mm: float, right_mm: float, below_collar_mm: float},
     *     route: string, finish: string, choices: array<string, ?string>,
     *     overrides: list<array{check: string, reason: string}>, note: string}
     */
    public static function write(Job $job): array
    {
        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'id' => $job->id,
            'name' => $job->name,
            'quantity' => $job->quantity,
            'due' => $job->due,
            'blank' => [
                'kind' => 'shirt',
                'size' => $job->shirt->sizeId,
                'material' => $job->shirt->materialId,
                'colour' => $job->shirt->colour->toHex(),
                'condition' => $job->shirt->condition->value,
            ],
            'artwork' => null === $job->artwork ? null : ['name' => $job->artworkName ?? '', 'sha256' => $job->artwork],
            'placement' => [
                'by' => $job->placement->by->value,
                'side_mm' => $job->placement->sideMm,
                'right_mm' => $job->placement->rightMm,
                'below_collar_mm' => $job->placement->belowMm,
            ],
            'route' => $job->routeId,
            'finish' => $job->finish->value,
            'choices' => $job->choices->toRecord(),
            'overrides' => array_map(static fn (Override $o): array => ['check' => $o->check, 'reason' => $o->reason], $job->overrides),
            'note' => $job->note,
        ];
    }

    /** @throws BadRecord when empty or longer than 120 characters */
    public static function name(string $name): string
    {
        $name = trim($name);
        if ('' === $name || mb_strlen($name) > self::LONGEST_NAME) {
            throw BadRecord::at('name', 'Give the job a name of up to 120 characters.');
        }

        return $name;
    }

    /**
     * @return int<1, 10000>
     *
     * @throws BadRecord outside 1 to 10 000
     */
    public static function quantity(int $quantity): int
    {
        if ($quantity < 1 || $quantity > Job::MOST_PIECES) {
            throw BadRecord::at('quantity', 'How many? A whole number from 1 to 10 000.');
        }

        return $quantity;
    }

    /** @throws BadRecord unless a day of the calendar, or none */
    public static function due(?string $day): ?string
    {
        if (null === $day) {
            return null;
        }
        if (1 !== preg_match('/^(\d{4})-(\d{2})-(\d{2})$/', $day, $found) || !checkdate((int) $found[2], (int) $found[3], (int) $found[1])) {
            throw BadRecord::at('due', 'A day is written as year, month and day, such as 2026-12-05.');
        }

        return $day;
    }

    /** @throws BadRecord when longer than 4000 characters */
    public static function note(string $note): string
    {
        if (mb_strlen($note) > self::LONGEST_NOTE) {
            throw BadRecord::at('note', 'A note has room for 4000 characters.');
        }

        return $note;
    }

    private static function shirt(Record $blank): Shirt
    {
        try {
            $colour = Colour::hex($blank->string('colour'));
        } catch (UnreadableQuantity $e) {
            throw BadRecord::at('blank.colour', $e->getMessage());
        }

        return new Shirt($blank->string('size'), $blank->string('material'), $colour, $blank->enum('condition', Condition::class));
    }

    private static function placement(Record $placement): Placement
    {
        try {
            return Placement::of(
                $placement->enum('by', SizedBy::class),
                Length::mm($placement->number('side_mm')),
                Length::mm($placement->number('right_mm')),
                Length::mm($placement->number('below_collar_mm')),
            );
        } catch (UnreadableQuantity $e) {
            throw BadRecord::at('placement', $e->getMessage());
        }
    }
}
