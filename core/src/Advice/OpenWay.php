<?php

declare(strict_types=1);

namespace Wubbin\Core\Advice;

use Wubbin\Core\Blank\BlankKind;
use Wubbin\Core\Blank\Material;
use Wubbin\Core\Route\Route;
use Wubbin\Core\Route\UseWanted;

/** A route on a kind of blank, with the materials that it takes on. */
final readonly class OpenWay
{
    private const BURNS = 'pillar-candle';

    /**
     * @param non-empty-list<Material> $materials those that it suits before those that may disappoint
     * @param string|null $risk why the first of them may disappoint; null where it suits it
     */
    public function __construct(
        public BlankKind $blank,
        public Route $route,
        public array $materials,
        public ?string $risk,
    ) {}

    /** @return list<UseWanted> uses that say something of it: only a candle with a wick is burned */
    public function uses(): array
    {
        return array_values(
            array_filter(
                UseWanted::cases(),
                fn(UseWanted $use): bool => UseWanted::Burned !== $use || self::BURNS === $this->blank->id,
            ),
        );
    }
}
