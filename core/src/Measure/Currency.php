<?php

declare(strict_types=1);

namespace Wubbin\Core\Measure;

/**
 * A currency by its code, with how many digits its minor unit has (ISO 4217, from memory): two, where nothing else is
 * known.
 */
final readonly class Currency
{
    private const NONE = [
        'BIF',
        'CLP',
        'DJF',
        'GNF',
        'ISK',
        'JPY',
        'KMF',
        'KRW',
        'PYG',
        'RWF',
        'UGX',
        'VND',
        'VUV',
        'XAF',
        'XOF',
        'XPF',
    ];
    private const THREE = ['BHD', 'IQD', 'JOD', 'KWD', 'LYD', 'OMR', 'TND'];

    private function __construct(public string $code, public int $digits) {}

    /** @throws UnreadableQuantity unless three capital letters */
    public static function of(string $code): self
    {
        if (1 !== preg_match('/^[A-Z]{3}$/', $code)) {
            throw UnreadableQuantity::outOfRange('A currency', 'AAA', 'ZZZ');
        }

        return new self(
            $code,
            match (true) {
                in_array($code, self::NONE, true) => 0,
                in_array($code, self::THREE, true) => 3,
                default => 2,
            },
        );
    }

    /** Minor units in one of it. */
    public function units(): int
    {
        return 10 ** $this->digits;
    }
}
