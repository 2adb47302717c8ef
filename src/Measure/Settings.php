<?php

declare(strict_types=1);

namespace Wubbin\Measure;

use OpenApi\Attributes as OA;
use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\UnitFormat;
use Wubbin\Core\Measure\Units;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;

/** How this shop reads and writes: units, inches, decimal comma, paper, money, clock, light or dark. */
#[OA\Schema]
final readonly class Settings
{
    private const THEMES = ['light', 'dark', 'system'];
    private const INCHES = ['fractions', 'decimals'];

    private function __construct(
        #[OA\Property(enum: ['metric', 'us'])] public string $units = 'metric',
        public bool $comma = false,
        #[OA\Property(enum: ['a4', 'letter'])] public string $paper = 'a4',
        #[OA\Property(description: 'ISO 4217 code')] public string $currency = 'EUR',
        #[OA\Property(description: 'IANA time zone')] public string $zone = 'UTC',
        #[OA\Property(enum: ['light', 'dark', 'system'])] public string $theme = 'system',
        #[OA\Property(description: 'How inches are written', enum: self::INCHES)] public string $inches = 'fractions',
    ) {}

    public static function standard(): self
    {
        return new self();
    }

    /** @throws Refusal naming the settings that cannot be */
    public static function fromRecord(Record $record): self
    {
        $settings = new self(
            $record->string('units'),
            $record->boolean('comma'),
            $record->string('paper'),
            $record->string('currency'),
            $record->string('zone'),
            $record->string('theme'),
            // Settings from before there was a choice.
            $record->stringOrNull('inches') ?? 'fractions',
        );
        $errors = array_filter(
            [
                'units' => null === Units::tryFrom($settings->units) ? 'Choose metric or US units.' : null,
                'paper' => in_array($settings->paper, [PaperSize::A4->value, PaperSize::Letter->value], true)
                    ? null
                    : 'Choose A4 or Letter.',
                'currency' =>
                    1 === preg_match('/^[A-Z]{3}$/', $settings->currency)
                        ? null
                        : 'A currency is three capital letters, such as EUR or USD.',
                'zone' => in_array($settings->zone, \DateTimeZone::listIdentifiers(), true)
                    ? null
                    : 'Choose a time zone from the list, such as Europe/Berlin.',
                'theme' => in_array($settings->theme, self::THEMES, true)
                    ? null
                    : 'Choose light, dark or as the system.',
                'inches' => in_array($settings->inches, self::INCHES, true) ? null : 'Choose fractions or decimals.',
            ],
            is_string(...),
        );
        if ([] !== $errors) {
            throw InvalidInput::fields($errors);
        }

        return $settings;
    }

    /**
     * @return array{units: string, comma: bool, paper: string, currency: string, zone: string, theme: string,
     *     inches: string}
     */
    public function toRecord(): array
    {
        return [
            'units' => $this->units,
            'comma' => $this->comma,
            'paper' => $this->paper,
            'currency' => $this->currency,
            'zone' => $this->zone,
            'theme' => $this->theme,
            'inches' => $this->inches,
        ];
    }

    public function unit(): Units
    {
        return Units::from($this->units);
    }

    public function format(): UnitFormat
    {
        return new UnitFormat($this->unit(), $this->comma, 'decimals' === $this->inches);
    }
}
