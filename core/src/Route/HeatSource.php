<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\ProvenanceKind;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Measure\Temperature;
use Wubbin\Core\Measure\UnreadableQuantity;

/**
 * One heat source. The plate of an iron or press is taken across at its widest and from heel to point, in mm.
 *
 * `patchMm` is across the round spot that hot air heats at once; `dots` are of an iron's hottest setting, `dial` is the
 * highest number on its dial; `from` and `to` are what a press or a stream of air can be set to; the diameters are of
 * the mugs that a mug press closes round. `calibrated` is what a probe has shown of its contact, or of its air, in
 * W/m²K.
 */
final readonly class HeatSource
{
    public const LEAST_PLATE_MM = 40.0;
    public const MOST_PLATE_MM = 1200.0;
    public const HOTTEST_C = 650.0;
    public const LEAST_PATCH_MM = 10.0;
    public const MOST_PATCH_MM = 150.0;

    /** Across the spot that hot air heats, in mm, where a shop does not say (assumed: a dryer at 3 cm, a large gun). */
    private const USUAL_PATCH_MM = ['dryer' => 60.0, 'gun' => 50.0];

    /** Where nobody has measured it yet: it is taken for a usual one. */
    private const UNMEASURED = 'a usual one, so measure yours';

    /** @param int<1, 3>|null $dots */
    private function __construct(
        public string $id,
        public string $label,
        public HeatKind $kind,
        public ?Size $plate,
        public ?float $patchMm,
        public ?int $dots,
        public ?int $dial,
        public bool $steam,
        public ?Temperature $from,
        public ?Temperature $to,
        public ?float $diameterFromMm,
        public ?float $diameterToMm,
        public ?float $watts,
        public ?float $calibrated,
        public Provenance $provenance,
    ) {}

    /** @throws BadRecord naming the field: a plate outside 40 to 1200 mm, dots outside 1 to 3, a range turned over */
    public static function fromRecord(Record $record, Provenance $provenance): self
    {
        $kind = $record->enum('kind', HeatKind::class);
        $dots = HeatKind::Iron === $kind ? $record->integer('dots') : null;
        if (null !== $dots && ($dots < 1 || $dots > 3)) {
            throw BadRecord::at('dots', 'An iron has one, two or three dots.');
        }
        $from = self::temperature($record, 'from_c');
        $to = self::temperature($record, 'to_c');
        if (
            in_array($kind, [HeatKind::FlatPress, HeatKind::MugPress], true) &&
            (null === $from || null === $to || $to->celsius <= $from->celsius)
        ) {
            throw BadRecord::at(
                'to_c',
                'A press has a lowest and a highest temperature, the highest above the lowest.',
            );
        }
        $least = $record->numberOrNull('diameter_from_mm');
        $most = $record->numberOrNull('diameter_to_mm');
        if (HeatKind::MugPress === $kind && (null === $least || null === $most || $least <= 0.0 || $most <= $least)) {
            throw BadRecord::at(
                'diameter_to_mm',
                'A mug press closes round a smallest and a largest mug, the largest above the smallest.',
            );
        }

        return new self(
            $record->string('id'),
            $record->words('label'),
            $kind,
            $kind->hasPlate()
                ? Size::mm(self::side($record, 'plate_width_mm'), self::side($record, 'plate_length_mm'))
                : null,
            self::patch($record, $kind),
            $dots,
            $record->has('dial') ? max(1, $record->integer('dial')) : null,
            $record->has('steam') && $record->boolean('steam'),
            $from,
            $to,
            $least,
            $most,
            $record->numberOrNull('watts'),
            self::conductance($record),
            $record->has('assumed') && $record->boolean('assumed')
                ? Provenance::assumed(self::UNMEASURED)
                : $provenance,
        );
    }

    /** @throws BadRecord outside 10 to 150 mm */
    private static function patch(Record $record, HeatKind $kind): ?float
    {
        $usual = self::USUAL_PATCH_MM[$kind->value] ?? null;
        $patch = null === $usual ? null : $record->numberOrNull('patch_mm') ?? $usual;
        if (null !== $patch && ($patch < self::LEAST_PATCH_MM || $patch > self::MOST_PATCH_MM)) {
            throw BadRecord::at('patch_mm', 'The spot that hot air heats is 10 to 150 mm across.');
        }

        return $patch;
    }

    /** @return array<string, mixed> */
    public function toRecord(): array
    {
        return array_filter(
            [
                'id' => $this->id,
                'label' => $this->label,
                'kind' => $this->kind->value,
                'plate_width_mm' => $this->plate?->widthMm,
                'plate_length_mm' => $this->plate?->heightMm,
                'patch_mm' => $this->patchMm,
                'dots' => $this->dots,
                'dial' => $this->dial,
                'steam' => HeatKind::Iron === $this->kind ? $this->steam : null,
                'from_c' => $this->from?->celsius,
                'to_c' => $this->to?->celsius,
                'diameter_from_mm' => $this->diameterFromMm,
                'diameter_to_mm' => $this->diameterToMm,
                'watts' => $this->watts,
                'calibrated_w_m2k' => $this->calibrated,
                'assumed' => $this->isAssumed() ? true : null,
            ],
            static fn(mixed $value): bool => null !== $value,
        );
    }

    /** Its measures are a usual one's: nobody has measured it. */
    public function isAssumed(): bool
    {
        return ProvenanceKind::Assumed === $this->provenance->kind;
    }

    private static function conductance(Record $record): ?float
    {
        $value = $record->numberOrNull('calibrated_w_m2k');
        if (null !== $value && ($value < 1.0 || $value > 100000.0)) {
            throw BadRecord::at('calibrated_w_m2k', 'A conductance goes from 1 to 100 000 W/m²K.');
        }

        return $value;
    }

    private static function side(Record $record, string $field): float
    {
        $mm = $record->number($field);
        if ($mm < self::LEAST_PLATE_MM || $mm > self::MOST_PLATE_MM) {
            throw BadRecord::at(
                $field,
                UnreadableQuantity::outOfRange('A plate’s side', '40 mm (1.6 in)', '1200 mm (47 in)')->getMessage(),
            );
        }

        return $mm;
    }

    private static function temperature(Record $record, string $field): ?Temperature
    {
        $celsius = $record->numberOrNull($field);
        if (null !== $celsius && ($celsius < 0.0 || $celsius > self::HOTTEST_C)) {
            throw BadRecord::at(
                $field,
                UnreadableQuantity::outOfRange('A temperature', '0 °C (32 °F)', '650 °C (1202 °F)')->getMessage(),
            );
        }

        return null === $celsius ? null : Temperature::celsius($celsius);
    }
}
