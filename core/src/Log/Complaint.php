<?php

declare(strict_types=1);

namespace Wubbin\Core\Log;

use Wubbin\Core\Route\Route;
use Wubbin\Core\Run\Defect;

/** What a doctor is asked about: a defect of a piece made by a route, where it is, and what was done. */
final readonly class Complaint
{
    private const FILM = ['light-film', 'dark-film', 'multi-film'];
    private const TONER = ['laser-ceramic', 'liner-fabric', 'liner-wood', 'toner-metal', 'paper-wood'];
    private const WAX = ['tissue-wax', 'handmade-wax'];

    public function __construct(public Route $route, public Defect $defect, public Place $place, public Done $done) {}

    public function isFilm(): bool
    {
        return in_array($this->route->id, self::FILM, true);
    }

    public function isToner(): bool
    {
        return in_array($this->route->id, self::TONER, true);
    }

    public function isWax(): bool
    {
        return in_array($this->route->id, self::WAX, true);
    }

    public function isDye(): bool
    {
        return 'sublimation' === $this->route->id;
    }

    public function isBurnished(): bool
    {
        return 'burnish-wax' === $this->route->id;
    }

    /** The least that this route's figures allow of one of its own, in its unit; null where it has none. */
    public function least(string $figure): ?float
    {
        $of = $this->route->figures[$figure] ?? null;

        return null === $of ? null : $of->range[0] ?? $of->value;
    }

    /** Seconds that one place is heated at the least: what the plan asked, or the route's own figure. */
    public function leastDwell(): ?float
    {
        $own = $this->least('still') ?? ($this->least('dwell') ?? $this->least('melt'));
        $asked = $this->done->number(Done::ASKED);

        return null === $asked ? $own : (null === $own ? $asked : min($asked, $own));
    }
}
