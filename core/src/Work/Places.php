<?php

declare(strict_types=1);

namespace Wubbin\Core\Work;

/** How much waits in a shop at once. */
final readonly class Places
{
    /** Of a small shop (assumed). */
    private const USUAL = 8;

    /** Lie on a table while they are worked on together, where nothing else says how many (assumed). */
    public const TABLE = 24;

    /** Pieces of one session at the bench; larger jobs are made in several. */
    public const SESSION = 200;

    /**
     * @param int<1, max> $rack sheets or pieces that have room to dry
     * @param int<1, max> $shelf pieces that have room to cool
     */
    public function __construct(public int $rack = self::USUAL, public int $shelf = self::USUAL) {}
}
