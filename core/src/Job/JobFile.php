<?php

declare(strict_types=1);

namespace Wubbin\Core\Job;

use Wubbin\Core\Artwork\CutRound;
use Wubbin\Core\Artwork\KeptWhole;
use Wubbin\Core\Artwork\Placement;
use Wubbin\Core\Artwork\SizedBy;
use Wubbin\Core\Artwork\Subject;
use Wubbin\Core\Blank\Blank;
use Wubbin\Core\Blank\Condition;
use Wubbin\Core\Blank\Pattern;
use Wubbin\Core\Blank\PatternKind;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Length;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\UnreadableQuantity;
use Wubbin\Core\Ready\Made;
use Wubbin\Core\Route\Finish;
use Wubbin\Core\Route\UseWanted;

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
        return new Job(
            $record->string('id'),
            self::name($record->string('name')),
            self::quantity($record->integer('quantity')),
            self::due($record->stringOrNull('due')),
            self::blank($record->record('blank')),
            self::transfers($record->records('transfers')),
            self::note($record->stringOrNull('note') ?? ''),
            array_map(self::share(...), $record->records('breakdown')),
            $record->has('use') ? $record->enum('use', UseWanted::class) : null,
            $record->has('series') ? Series::fromRecords($record->records('series')) : null,
            $record->has('approval') ? Approval::fromRecord($record->record('approval')) : null,
        );
    }

    /**
     * @return array{transfers: non-empty-list<array{artwork: array{name: string, sha256: string,
     *     embedded?: string}|null, ...<string, mixed>}>, ...<string, mixed>}
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
            'use' => $job->use?->value,
            'blank' => [
                'kind' => $job->blank->kindId,
                'size' => $job->blank->sizeId,
                'material' => $job->blank->materialId,
                'colour' => $job->blank->colour->toHex(),
                'condition' => $job->blank->condition->value,
                'pattern' =>
                    null === $job->blank->pattern
                        ? null
                        : [
                            'kind' => $job->blank->pattern->kind->value,
                            'colour' => $job->blank->pattern->colour->toHex(),
                            'repeat_mm' => $job->blank->pattern->repeatMm,
                        ],
            ],
            'transfers' => array_map(self::writeTransfer(...), $job->transfers),
            'note' => $job->note,
            'breakdown' => array_map(
                static fn(Share $share): array => [
                    'quantity' => $share->quantity,
                    'size' => $share->sizeId,
                    'colour' => $share->colour?->toHex(),
                    'width_mm' => $share->widthMm,
                ],
                $job->breakdown,
            ),
            'series' => $job->series?->toRecords(),
            'approval' => $job->approval?->toRecord(),
        ];
    }

    /** @return array{artwork: array{name: string, sha256: string, embedded?: string}|null, ...<string, mixed>} */
    private static function writeTransfer(Transfer $transfer): array
    {
        return [
            'side' => $transfer->sideId,
            'over' => $transfer->over,
            'alone' => $transfer->onSheet->alone,
            'cut' => $transfer->onSheet->cut->value,
            'artwork' =>
                null === $transfer->artwork
                    ? null
                    : ['name' => $transfer->artworkName ?? '', 'sha256' => $transfer->artwork],
            'made' => $transfer->made?->toRecord(),
            'shows' => array_map(static fn(Subject $subject): string => $subject->value, $transfer->shows),
            'whole' => array_map(static fn(KeptWhole $one): array => $one->toRecord(), $transfer->whole),
            'placement' => [
                'by' => $transfer->placement->by->value,
                'side_mm' => $transfer->placement->sideMm,
                'other_mm' => $transfer->placement->otherMm,
                'right_mm' => $transfer->placement->rightMm,
                'below_mm' => $transfer->placement->belowMm,
            ],
            'route' => $transfer->routeId,
            'finish' => $transfer->finish->value,
            'choices' => [
                // Objects, so that nothing chosen is written {} and not [].
                'things' => (object) $transfer->choices->things,
                'schools' => (object) $transfer->choices->schools,
                'figures' => (object) $transfer->choices->figures,
            ],
            'overrides' => array_map(
                static fn(Override $o): array => ['check' => $o->check, 'reason' => $o->reason],
                $transfer->overrides,
            ),
        ];
    }

    /**
     * @param list<Record> $records
     *
     * @return non-empty-list<Transfer>
     *
     * @throws BadRecord when there are none, or more than eight
     */
    public static function transfers(array $records): array
    {
        if ([] === $records || count($records) > Job::MOST_TRANSFERS) {
            throw BadRecord::at('transfers', 'One piece can have 1 to 8 pictures.');
        }

        return array_map(self::transfer(...), $records);
    }

    /**
     * @param list<string> $named
     *
     * @return list<Subject>
     *
     * @throws BadRecord for one that Wubbin does not know
     */
    public static function subjects(array $named): array
    {
        return array_map(
            static fn(string $name): Subject => Subject::tryFrom($name) ??
                throw BadRecord::at('shows', 'A picture shows lettering or a face.'),
            $named,
        );
    }

    private static function transfer(Record $record): Transfer
    {
        $artwork = $record->recordOrNull('artwork');

        return new Transfer(
            $record->string('side'),
            $record->boolean('over'),
            $artwork?->string('sha256'),
            $artwork?->string('name'),
            self::placement($record->record('placement')),
            $record->string('route'),
            $record->enum('finish', Finish::class),
            self::choices($record->record('choices')),
            array_map(
                static fn(Record $r): Override => new Override($r->string('check'), $r->string('reason')),
                $record->records('overrides'),
            ),
            self::subjects($record->strings('shows')),
            array_map(KeptWhole::fromRecord(...), array_slice($record->records('whole'), 0, KeptWhole::MOST)),
            new OnSheet(
                $record->has('alone') && $record->boolean('alone'),
                $record->has('cut') ? $record->enum('cut', CutRound::class) : CutRound::Outline,
            ),
            $record->has('made') ? Made::fromRecord($record->record('made')) : null,
        );
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
        if (
            1 !== preg_match('/^(\d{4})-(\d{2})-(\d{2})$/D', $day, $found) ||
            !checkdate((int) $found[2], (int) $found[3], (int) $found[1])
        ) {
            throw BadRecord::at('due', 'Write the day as year, month and day, such as 2026-12-05.');
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

    private static function pattern(?Record $pattern): ?Pattern
    {
        try {
            return null === $pattern
                ? null
                : Pattern::fromKind(
                    $pattern->enum('kind', PatternKind::class),
                    Colour::hex($pattern->string('colour')),
                    $pattern->number('repeat_mm'),
                );
        } catch (UnreadableQuantity $e) {
            throw BadRecord::at('blank.pattern.colour', $e->getMessage());
        }
    }

    private static function blank(Record $blank): Blank
    {
        try {
            $colour = Colour::hex($blank->string('colour'));
        } catch (UnreadableQuantity $e) {
            throw BadRecord::at('blank.colour', $e->getMessage());
        }

        return new Blank(
            $blank->string('kind'),
            $blank->string('size'),
            $blank->string('material'),
            $colour,
            $blank->enum('condition', Condition::class),
            self::pattern($blank->recordOrNull('pattern')),
        );
    }

    private static function share(Record $record): Share
    {
        $colour = $record->stringOrNull('colour');
        try {
            return new Share(
                self::quantity($record->integer('quantity')),
                $record->string('size'),
                null === $colour ? null : Colour::hex($colour),
                $record->numberOrNull('width_mm'),
            );
        } catch (UnreadableQuantity $e) {
            throw BadRecord::at('breakdown.colour', $e->getMessage());
        }
    }

    private static function placement(Record $placement): Placement
    {
        $other = $placement->numberOrNull('other_mm');
        try {
            return Placement::fromMeasures(
                $placement->enum('by', SizedBy::class),
                Length::mm($placement->number('side_mm')),
                Length::mm($placement->number('right_mm')),
                Length::mm($placement->number('below_mm')),
                null === $other ? null : Length::mm($other),
            );
        } catch (UnreadableQuantity $e) {
            throw BadRecord::at('placement', $e->getMessage());
        }
    }

    private static function choices(Record $choices): Choices
    {
        $figures = [];
        $given = $choices->recordOrNull('figures');
        foreach ($given?->keys() ?? [] as $name) {
            $figures[$name] = $given?->number($name) ?? 0.0;
        }

        return new Choices(
            $choices->recordOrNull('things')?->stringMap() ?? [],
            $choices->recordOrNull('schools')?->stringMap() ?? [],
            $figures,
        );
    }
}
