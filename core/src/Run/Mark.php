<?php

declare(strict_types=1);

namespace Wubbin\Core\Run;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;

/**
 * A defect, and where it is on the picture as it is seen on the piece: from 0 at its left and upper edges to 1 at its
 * right and lower ones; null where it is all over, or nobody said.
 */
final readonly class Mark implements \JsonSerializable
{
    private function __construct(public Defect $defect, public ?float $x, public ?float $y) {}

    public static function forDefect(Defect $defect, ?float $x = null, ?float $y = null): self
    {
        return new self($defect, $x, $y);
    }

    /** @throws BadRecord for an unheard-of defect, or a place outside the picture */
    public static function fromRecord(Record $record): self
    {
        $name = $record->string('defect');
        $defect =
            Defect::tryFrom($name) ??
            throw BadRecord::at(
                'defects',
                sprintf('“%s” is not one of the things that can go wrong here.', mb_substr($name, 0, 40)),
            );
        [$x, $y] = [$record->numberOrNull('x'), $record->numberOrNull('y')];
        if ((null === $x) !== (null === $y)) {
            throw BadRecord::at('defects', 'A place on the picture needs both x and y.');
        }
        foreach ([$x, $y] as $value) {
            if (null !== $value && ($value < 0.0 || $value > 1.0)) {
                throw BadRecord::at('defects', 'This mark lies outside the picture.');
            }
        }

        return new self($defect, $x, $y);
    }

    /** @return array{defect: string, x: float|null, y: float|null} */
    public function jsonSerialize(): array
    {
        return ['defect' => $this->defect->value, 'x' => $this->x, 'y' => $this->y];
    }
}
