<?php

declare(strict_types=1);

namespace Wubbin\Core\Sums;

/** A quick sum that needs no job: a few figures in, what follows from them out, drawn to scale. */
interface Sum
{
    public function id(): string;

    public function label(): string;

    /** What it answers, in a sentence. */
    public function says(): string;

    /** @return non-empty-list<SumField> */
    public function fields(Given $given): array;

    /** @throws WrongSum naming every field that is wrong */
    public function worked(Given $given): Worked;
}
