<?php

declare(strict_types=1);

namespace Wubbin\Refusal;

/** What was asked for is not done, for a reason that whoever asked can do something about. */
abstract class Refusal extends \RuntimeException
{
    /** @param array<string, string> $errors messages by field */
    protected function __construct(string $title, public readonly array $errors = [])
    {
        parent::__construct($title);
    }
}
