<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

/** What pictures are made on, and with what. */
final readonly class Sheets
{
    /**
     * @param array<string, Medium> $media
     * @param array<string, Marking> $markings
     * @param array<string, CarrierWay> $carriers what a flimsy sheet is fixed on
     */
    public function __construct(public array $media, public array $markings, public array $carriers) {}
}
