<?php

declare(strict_types=1);

namespace Wubbin\Session;

use Doctrine\ORM\Mapping as ORM;
use Wubbin\Core\Drawing\StepDrawings;
use Wubbin\Core\Plan\Plan;

/** A drawing for every step of a session, as its plan had it. Apart from the session, which is read far more often. */
#[ORM\Entity]
#[ORM\Table(name: 'run_drawings')]
class RunDrawings
{
    /** @param array<string, mixed> $steps drawings by step */
    private function __construct(
        #[ORM\Id, ORM\Column(length: 64)] public readonly string $run,
        #[ORM\Column(type: 'json')] public readonly array $steps,
    ) {}

    public static function of(string $run, Plan $plan): self
    {
        /** @var array<string, mixed> $steps */
        $steps = json_decode(
            json_encode(StepDrawings::of($plan), \JSON_THROW_ON_ERROR),
            true,
            64,
            \JSON_THROW_ON_ERROR,
        );

        return new self($run, $steps);
    }
}
