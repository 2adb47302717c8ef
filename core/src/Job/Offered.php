<?php

declare(strict_types=1);

namespace Wubbin\Core\Job;

use Wubbin\Core\Route\Catalogue;

/** What a job may choose: all that Wubbin knows, and what the shop has, or once had, of its own. */
final readonly class Offered
{
    /** Where the shelf keeps what a job chooses by this name. */
    private const KEPT_AS = [
        'medium' => 'media',
        'marking' => 'markings',
        'heat' => 'heat',
        'base' => 'bases',
        'guard' => 'guards',
        'cover' => 'covers',
    ];

    /** @param list<string> $recipes ids of the house's recipes, retired ones too */
    public function __construct(private Shelf $shelf, private Catalogue $catalogue, private array $recipes) {}

    /** @param string $thing one of Choices::THINGS */
    public function has(string $thing, string $id): bool
    {
        if ('recipe' === $thing) {
            return Choices::NO_RECIPE === $id || in_array($id, $this->recipes, true);
        }
        $kind = self::KEPT_AS[$thing] ?? '';
        $builtIn = match ($kind) {
            'media' => $this->catalogue->sheets->media,
            'markings' => $this->catalogue->sheets->markings,
            'heat' => $this->catalogue->heat->sources,
            'bases' => $this->catalogue->supports->bases,
            'guards' => $this->catalogue->supports->guards,
            'covers' => $this->catalogue->supports->covers,
            default => [],
        };

        return isset($builtIn[$id]) || ('' !== $kind && $this->shelf->knows($kind, $id));
    }
}
