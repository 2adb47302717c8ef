<?php

declare(strict_types=1);

namespace Wubbin\Ladder;

use Doctrine\ORM\Mapping as ORM;
use Wubbin\Core\Log\Ladder;
use Wubbin\Core\Log\LadderAxis;
use Wubbin\Core\Log\LadderMark;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;
use Wubbin\Storage\Instant;

/** A test ladder of the shop: what it varies, what the job it was planned for said of the rest, and its marks. */
#[ORM\Entity]
#[ORM\Table(name: 'ladder')]
class StoredLadder
{
    #[ORM\Column(length: 24)]
    public readonly string $created;

    /** @var array<string, string> by name of the swatch */
    #[ORM\Column(type: 'json')]
    public array $marks = [];

    /** The recipe that came of it. */
    #[ORM\Column(length: 64, nullable: true)]
    public ?string $recipe = null;

    /** @param array<string, mixed> $document sides and swatch, and what the job's plan says */
    public function __construct(
        #[ORM\Id, ORM\Column(length: 64)] public readonly string $id,
        #[ORM\Column(length: 64)] public readonly string $job,
        #[ORM\Column(length: 120)] public readonly string $name,
        #[ORM\Column(type: 'json')] public readonly array $document,
        \DateTimeImmutable $now,
    ) {
        $this->created = Instant::write($now);
    }

    /** @throws BadRecord naming the field */
    public static function read(Record $record): Ladder
    {
        $axis = static function (string $side) use ($record): LadderAxis {
            $of = $record->record($side);
            $values =
                LadderAxis::PRESSURE === $of->string('of')
                    ? $of->strings('values')
                    : array_map(
                        static fn(string $text): float => is_numeric($text) ? (float) $text : \NAN,
                        $of->strings('values'),
                    );

            return LadderAxis::fromValues($side, $of->string('of'), $values);
        };

        return Ladder::fromAxes($axis('x'), $axis('y'), $record->number('swatch_mm'));
    }

    public function ladder(): Ladder
    {
        return self::read(Record::of($this->document))->marked(array_map(LadderMark::from(...), $this->marks));
    }

    /** What the job's plan says, of what the ladder does not vary too. */
    public function facts(): Record
    {
        return Record::of($this->document)->record('facts');
    }
}
