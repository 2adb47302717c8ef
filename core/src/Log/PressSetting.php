<?php

declare(strict_types=1);

namespace Wubbin\Core\Log;

use Wubbin\Core\Measure\Record;

/**
 * What pieces are counted together by: the route, how hot, how long, how hard and on what, and the recipe where there
 * is one.
 */
final readonly class PressSetting implements \JsonSerializable
{
    private function __construct(
        public string $route,
        public ?float $celsius,
        public ?float $seconds,
        public ?string $pressure,
        public ?string $base,
        public ?string $recipe,
    ) {}

    /** @param Record $facts of a plan */
    public static function of(Record $facts): self
    {
        return new self(
            $facts->stringOrNull('route') ?? '',
            $facts->numberOrNull('setting_c'),
            $facts->numberOrNull('dwell_s'),
            $facts->stringOrNull('pressure'),
            $facts->stringOrNull('base'),
            $facts->stringOrNull('recipe'),
        );
    }

    public static function fromKey(string $key): self
    {
        $parts = explode('|', $key) + ['', '', '', '', '', ''];
        $word = static fn(string $text): ?string => '' === $text ? null : $text;
        $number = static fn(string $text): ?float => is_numeric($text) ? (float) $text : null;

        return new self(
            $parts[0],
            $number($parts[1]),
            $number($parts[2]),
            $word($parts[3]),
            $word($parts[4]),
            $word($parts[5]),
        );
    }

    /** In text that is the same for what counts together: whole degrees and seconds. */
    public function key(): string
    {
        return implode('|', [
            $this->route,
            null === $this->celsius ? '' : round($this->celsius),
            null === $this->seconds ? '' : round($this->seconds),
            $this->pressure ?? '',
            $this->base ?? '',
            $this->recipe ?? '',
        ]);
    }

    /**
     * @return array{route: string, c: float|null, s: float|null, pressure: string|null, base: string|null,
     *     recipe: string|null}
     */
    public function jsonSerialize(): array
    {
        return [
            'route' => $this->route,
            'c' => $this->celsius,
            's' => $this->seconds,
            'pressure' => $this->pressure,
            'base' => $this->base,
            'recipe' => $this->recipe,
        ];
    }
}
