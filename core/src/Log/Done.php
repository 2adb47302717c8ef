<?php

declare(strict_types=1);

namespace Wubbin\Core\Log;

/**
 * What was really done, as far as anybody knows: from a run and its plan, or from a person's own words. What is not
 * known is not there, and rules nothing in or out.
 */
final readonly class Done
{
    /** Seconds that one place was heated; that the plan asked; that the print dried; °C that the heat was set to. */
    public const DWELL = 'dwell_s';
    public const ASKED = 'asked_s';
    public const DRIED = 'dried_s';
    public const CELSIUS = 'celsius';
    /** hard or soft. */
    public const BASE = 'base';
    /** light, medium or heavy. */
    public const PRESSURE = 'pressure';
    /** hot, warm or cold, as it was peeled; and as it should have been. */
    public const PEELED = 'peeled';
    public const PEEL_ASKED = 'peel_asked';
    /** Where it was mirrored: none, file, driver or both. */
    public const MIRRORED = 'mirrored';
    /** inkjet, laser, sublimation or hand. */
    public const TECHNOLOGY = 'technology';
    /** A material of the reference data; light, mid or dark. */
    public const MATERIAL = 'material';
    public const TONE = 'tone';
    /** dryer, gun, iron and so on. */
    public const SOURCE = 'source';
    /** cold or hot, that ran over it first. */
    public const WATER = 'water';
    /** Times somebody looked under a corner; coats; washes. */
    public const PEEKS = 'peeks';
    public const COATS = 'coats';
    public const WASHES = 'washes';
    /** True or false. */
    public const STEAM = 'steam';
    public const GUARD = 'guard';
    public const COVER_TIGHT = 'cover_tight';
    public const MOVED = 'moved';
    public const TOUCHED = 'touched';
    public const LINT_ROLLED = 'lint_rolled';
    public const OVERLAPPED = 'overlapped';
    public const GUIDE_PRINTED = 'guide_printed';
    public const PRESSED = 'pressed';
    public const CLEANED = 'cleaned';
    public const ROUGH = 'rough';
    public const SOAKED = 'soaked';
    public const RUBBED = 'rubbed';
    public const THICK_COAT = 'thick_coat';
    public const STILL = 'still';
    public const CARRIER_TIGHT = 'carrier_tight';
    public const RIGHT_SIDE = 'right_side';
    public const TOP_MARKED = 'top_marked';
    public const LEVEL = 'level';
    public const BURNISHED = 'burnished';
    public const DAMP = 'damp';
    public const FITS_UPRIGHT = 'reads_both_ways';

    /** @param array<string, string|float|bool|null> $known */
    private function __construct(private array $known) {}

    /** @param array<string, string|float|bool|null> $known by the names above */
    public static function of(array $known): self
    {
        return new self(array_filter($known, static fn(mixed $value): bool => null !== $value));
    }

    /** What this one knows, and of the rest what the other does. */
    public function over(self $other): self
    {
        return new self($this->known + $other->known);
    }

    public function number(string $what): ?float
    {
        $value = $this->known[$what] ?? null;

        return is_float($value) ? $value : null;
    }

    public function word(string $what): ?string
    {
        $value = $this->known[$what] ?? null;

        return is_string($value) ? $value : null;
    }

    public function yes(string $what): bool
    {
        return true === ($this->known[$what] ?? null);
    }

    public function no(string $what): bool
    {
        return false === ($this->known[$what] ?? null);
    }

    /** @return array<string, string|float|bool|null> */
    public function known(): array
    {
        return $this->known;
    }
}
