<?php

declare(strict_types=1);

namespace Wubbin\Core\Log\Causes;

use Wubbin\Core\Log\Cause;
use Wubbin\Core\Log\Complaint;
use Wubbin\Core\Log\Done;
use Wubbin\Core\Log\Evidence;
use Wubbin\Core\Run\Defect;

/** Causes of what shows in use: nails, sun, stretching, another layer. Common practice, no source. */
final readonly class LaterCauses
{
    /** What lies over a finished picture, by route. */
    private const OVER_IT = [
        'laser-ceramic' => 'no glaze coat over it',
        'toner-metal' => 'no clear coat over it',
        'liner-wood' => 'no varnish over it',
        'paper-wood' => 'no varnish over it',
    ];

    /** @return list<Cause> */
    public static function all(): array
    {
        return [self::nothingOverIt(), self::sun(), self::stretches(), self::sank()];
    }

    private static function nothingOverIt(): Cause
    {
        return new Cause(
            static fn(Complaint $of): string => self::OVER_IT[$of->route->id] ?? 'rubbed before it was hard',
            [Defect::Scratches],
            0.65,
            static fn(Complaint $of): Evidence => Evidence::unknown(
                isset(self::OVER_IT[$of->route->id])
                    ? 'Bare toner is soft, and a nail marks it.'
                    : 'It takes a day to get hard.',
            ),
            'You can still put a coat over it.',
            static fn(Complaint $of): string => isset(self::OVER_IT[$of->route->id])
                ? 'Put a thin coat over it when it is cold and dry.'
                : 'Leave it alone for a day.',
        );
    }

    private static function sun(): Cause
    {
        return new Cause(
            'light has bleached it',
            [Defect::Faded],
            0.6,
            static fn(Complaint $of): ?Evidence => $of->isToner() || $of->isBurnished()
                ? null
                : Evidence::unknown('Dye fades in the sun. In a window that takes a few weeks.'),
            'Nothing can be done.',
            'Keep it out of the sun. Pigment ink and toner last longer.',
        );
    }

    private static function stretches(): Cause
    {
        return new Cause(
            'the cloth stretches',
            [Defect::Crack],
            0.45,
            static fn(Complaint $of): ?Evidence => !$of->isFilm() && 'liner-fabric' !== $of->route->id
                ? null
                : match ($of->done->word(Done::MATERIAL)) {
                    'stretch-jersey' => Evidence::for('Elastane stretches further than the film does.'),
                    null => Evidence::unknown('Film cracks when the cloth stretches.'),
                    default => Evidence::against(),
                },
            'Nothing can be done.',
            'Use a small picture, a cloth that does not stretch, or film that can.',
        );
    }

    private static function sank(): Cause
    {
        return new Cause(
            'the layer below was melted again',
            [Defect::Sunk],
            0.7,
            static fn(Complaint $of): Evidence => Evidence::unknown($of->route->character->beneath),
            'Press the picture over it once more.',
            'Put pictures side by side. Try layers on a scrap first.',
        );
    }
}
