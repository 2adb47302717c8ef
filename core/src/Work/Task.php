<?php

declare(strict_types=1);

namespace Wubbin\Core\Work;

use Wubbin\Core\Plan\Step;

/**
 * One step done to what is done together: a sheet or a rack full of them, a lot of pieces, those that go under the heat
 * at once, or a single piece.
 */
final readonly class Task
{
    /**
     * @param string $id within its job; the same work has the same one
     * @param list<int> $pieces that it is done for, from 1, rising
     * @param int<1, max> $count sheets or pieces that pass through the hands
     * @param int $handsS seconds of hands
     * @param int $aloneS that it then goes on for without them: a machine, or waiting
     * @param string|null $machine that it takes, by its id
     * @param float|null $celsius that the machine is set to
     * @param Place|null $place of limited room that the count takes up
     * @param list<Need> $after
     * @param list<list<int>> $sheets pieces that each sheet is for, where it is done to sheets
     */
    public function __construct(
        public string $id,
        public Step $step,
        public array $pieces,
        public int $count,
        public int $handsS,
        public int $aloneS,
        public ?string $machine,
        public ?float $celsius,
        public ?Place $place,
        public array $after,
        public array $sheets = [],
    ) {}

    /** Whole seconds that its clock runs, or that it usually takes. */
    public function seconds(): int
    {
        return $this->handsS + $this->aloneS;
    }

    /** Hands are needed to begin it, if only to start a machine. */
    public function attended(): bool
    {
        return 0 === $this->handsS && null !== $this->machine;
    }
}
