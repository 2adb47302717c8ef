<?php

declare(strict_types=1);

namespace Wubbin\Core\Measure;

/** A written record (reference data, a job file) does not say what it must, or says it wrongly. */
final class BadRecord extends \InvalidArgumentException
{
    private function __construct(public readonly string $field, string $message)
    {
        parent::__construct($message);
    }

    /** @param string $field where it stands, as keys joined by dots */
    public static function at(string $field, string $message): self
    {
        return new self($field, $message);
    }
}
