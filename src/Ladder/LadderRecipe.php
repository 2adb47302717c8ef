<?php

declare(strict_types=1);

namespace Wubbin\Ladder;

use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Core\Log\Ladder;
use Wubbin\Core\Log\LadderAxis;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Route\Recipe;

/** The recipe that a swatch of a ladder is, as a record. */
final readonly class LadderRecipe
{
    /** By which figure a route says how long it heats, the first that it has. */
    private const DWELLS = ['dwell', 'still', 'melt'];

    public static function forSwatch(
        Catalogue $catalogue,
        StoredLadder $stored,
        Ladder $ladder,
        int $x,
        int $y,
        string $name,
        string $swatch,
    ): Record {
        $facts = $stored->facts();
        $route = $catalogue->routes[$facts->string('route')];
        $dwell =
            array_values(
                array_filter(self::DWELLS, static fn(string $figure): bool => isset($route->figures[$figure])),
            )[0] ?? 'dwell';
        $value = static fn(string $of): ?float => $ladder->value($of, $x, $y);
        $pressure = $value(LadderAxis::PRESSURE);

        return Record::of(
            array_filter(
                [
                    'id' => 'ladder-' . mb_substr($stored->id, 0, 50),
                    'name' => $name,
                    'route' => $route->id,
                    'medium' => $facts->stringOrNull('medium_like'),
                    'heat' => $facts->stringOrNull('source'),
                    'figures' => array_filter(
                        [$dwell => $value(LadderAxis::SECONDS), 'dry' => $value(LadderAxis::DRYING)],
                        is_float(...),
                    ),
                    'temperature_c' => $value(LadderAxis::CELSIUS),
                    'pressure' => null === $pressure ? null : LadderAxis::PRESSURES[(int) $pressure],
                    'note' => sprintf('From a test ladder of %d swatches: %s.', count($ladder->names()), $swatch),
                ],
                static fn(mixed $one): bool => null !== $one,
            ),
        );
    }
}
