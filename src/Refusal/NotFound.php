<?php

declare(strict_types=1);

namespace Wubbin\Refusal;

/** There is nothing of this id. */
final class NotFound extends Refusal
{
    public function __construct(string $title)
    {
        parent::__construct($title);
    }
}
