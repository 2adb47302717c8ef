<?php

declare(strict_types=1);

namespace Wubbin\Core\Heat;

use Wubbin\Core\Route\HeatKind;
use Wubbin\Core\Route\HeatParameters;

/**
 * Between *not yet* and *ruined*: how long a stack is pressed at least, until what makes the transfer hold has come
 * about, and at most, until something passes its limit; with the temperatures on the way there, and how the backing
 * cools after it.
 */
final readonly class PressWindow implements \JsonSerializable
{
    /** Why it never holds. */
    public const TOO_COOL = 'This source does not get hot enough to make it hold, however long it heats.';
    public const TOO_SLOW = 'It would take longer than ten minutes.';

    /** Longer is not pressed, and longer is not waited, in seconds. */
    private const LONGEST_S = 600.0;
    private const COOLED_S = 1800.0;

    /** Points of a curve that are kept are apart by this part of the time at least. */
    public const APART = 0.01;

    /**
     * A layer whose inside hinders heat so little against its contacts is as warm inside as outside (Incropera &
     * DeWitt, 5.1, from memory: Biot number below 0.1).
     */
    private const LUMPED_BELOW = 0.1;

    /**
     * A wall is worked out as a plane while it is thinner than this part of its radius (assumed: 10 % more area outside
     * than inside).
     */
    public const PLANE_BELOW = 0.2;

    /**
     * @param float|null $latestS null where nothing passes its limit
     * @param list<HeatLimit> $limits with when each is passed, as far as the curve goes
     * @param float|null $countedFromS when a press that was idling is back at its
     *                                 setting, from where its clock counts; null where it never is
     * @param list<array{float, list<float>, float}> $curve time, temperatures by face, and depth melted in mm
     * @param non-empty-list<string> $faces
     * @param list<array{float, float}> $cooling time after the press, temperature of the backing
     * @param array{cells: int, steps: int} $cost
     */
    private function __construct(
        public ?float $earliestS,
        public ?float $latestS,
        public string $spoilt,
        public array $limits,
        public ?float $countedFromS,
        public ?string $whyNever,
        public array $curve,
        public array $faces,
        public array $cooling,
        public Form $form,
        public array $cost,
        public float $imbalance,
    ) {}

    /** @throws ImpossibleModel */
    public static function forCase(
        HeatCase $case,
        HeatParameters $parameters,
        Draw $draw,
        bool $withCooling = true,
    ): self {
        [$grid, $top, $bottom, $form] = self::build($case, $parameters, $draw);
        $heat = new Conduction($grid, $top, $bottom);
        $course = new PressCourse($case, $parameters, $draw);
        $heat->until(self::LONGEST_S, $course->see(...));
        $atOnce = $course->reach ?? $course->solidus;
        $cooling = $withCooling
            ? self::cool(
                $case,
                $grid,
                $top,
                $bottom,
                $parameters,
                $draw,
                null === $case->recipeS ? $course->earliest ?? 30.0 : $case->recipeS + ($course->countedFrom ?? 0.0),
            )
            : [];

        return new self(
            $course->earliest,
            $course->latest,
            $course->spoilt,
            $course->limits(),
            $course->countedFrom,
            null !== $course->earliest ? null : ($top->hottest() < $atOnce ? self::TOO_COOL : self::TOO_SLOW),
            $course->curve,
            [
                'source',
                'backing',
                'printed face',
                Form::Cylinder === $form ? 'its middle' : 'far side',
                ...$course->hasBase() ? ['base'] : [],
            ],
            $cooling,
            $form,
            ['cells' => count($grid->wide), 'steps' => $heat->accepted],
            $heat->imbalance(),
        );
    }

    /**
     * Temperatures of the faces at these times, in °C; the same faces as of a curve.
     *
     * @param list<float> $times in seconds, rising
     *
     * @return list<array<string, float>>
     *
     * @throws ImpossibleModel
     */
    public static function facesAt(HeatCase $case, HeatParameters $parameters, Draw $draw, array $times): array
    {
        [$grid, $top, $bottom] = self::build($case, $parameters, $draw);
        $heat = new Conduction($grid, $top, $bottom);
        [$medium, $blank, $last] = [
            self::name($case, $case->medium),
            self::name($case, $case->blank),
            self::name($case, count($case->layers) - 1),
        ];

        return array_map(static function (float $time) use ($heat, $medium, $blank, $last): array {
            $heat->until($time);

            return [
                'source' => $heat->above(),
                'backing' => $heat->upperFace($medium),
                'printed face' => $heat->upperFace($blank),
                'far side' => $heat->lowerFace($blank),
                'base' => $heat->upperFace($last),
            ];
        }, $times);
    }

    /** Whether so many seconds on the clock lie in it; null where it has no beginning, or the clock never starts. */
    public function holds(float $seconds): ?bool
    {
        if (null === $this->earliestS || null === $this->countedFromS) {
            return null;
        }
        $end = $seconds + $this->countedFromS;

        return $end >= $this->earliestS && (null === $this->latestS || $end <= $this->latestS);
    }

    /** The setting in the middle: as much longer than the least as it is shorter than the most, by factors. */
    public function middleS(): ?float
    {
        return null === $this->width() ? null : max(1.0, $this->earliestS ?? 1.0) * sqrt($this->width());
    }

    /** How wide the window is: the most by the least, 1 upwards; null where it has no end, or ends before it begins. */
    public function width(): ?float
    {
        return null === $this->earliestS || null === $this->latestS || $this->latestS <= $this->earliestS
            ? null
            : $this->latestS / max(1.0, $this->earliestS);
    }

    /** When the backing is cooler than this, in seconds after the press; null where that takes too long. */
    public function coolerThan(float $celsius): ?float
    {
        foreach ($this->cooling as $i => [$time, $at]) {
            if ($at < $celsius && ($i > 0 || 0.0 === $time)) {
                return $time;
            }
        }

        return null;
    }

    /**
     * @return array{earliest_s: float|null, latest_s: float|null, middle_s: float|null, width: float|null,
     *     spoilt: string, why_never: string|null, limits: list<HeatLimit>, counted_from_s: float|null,
     *     faces: list<string>, curve: list<array{s: float, c: list<float>, melted_mm: float}>,
     *     cooling: list<array{s: float, c: float}>, form: value-of<Form>, cells: int, steps: int}
     */
    public function jsonSerialize(): array
    {
        return [
            'earliest_s' => $this->earliestS,
            'latest_s' => $this->latestS,
            'middle_s' => $this->middleS(),
            'width' => $this->width(),
            'spoilt' => $this->spoilt,
            'why_never' => $this->whyNever,
            'limits' => $this->limits,
            'counted_from_s' => $this->countedFromS,
            'faces' => $this->faces,
            'curve' => array_map(
                static fn(array $point): array => [
                    's' => round($point[0], 3),
                    'c' => array_map(static fn(float $c): float => round($c, 2), $point[1]),
                    'melted_mm' => round($point[2], 3),
                ],
                $this->curve,
            ),
            'cooling' => array_map(
                static fn(array $point): array => ['s' => round($point[0], 2), 'c' => round($point[1], 2)],
                $this->cooling,
            ),
            'form' => $this->form->value,
            'cells' => $this->cost['cells'],
            'steps' => $this->cost['steps'],
        ];
    }

    /**
     * The backing after the press has opened: what lies above it is the room.
     *
     * @return list<array{float, float}>
     */
    private static function cool(
        HeatCase $case,
        Grid $grid,
        Surrounding $top,
        Surrounding $bottom,
        HeatParameters $parameters,
        Draw $draw,
        float $pressS,
    ): array {
        $heat = new Conduction($grid, $top, $bottom);
        $heat->until($pressS);
        $heat->surround(
            Surrounding::steady(
                $draw->of($parameters->of('room.celsius')),
                $draw->of($parameters->of('room.coefficient')),
            ),
        );
        $medium = self::name($case, $case->medium);
        $curve = [[0.0, $heat->upperFace($medium)]];
        $heat->until($pressS + self::COOLED_S, static function (Conduction $now) use ($medium, $pressS, &$curve): bool {
            $after = $now->time() - $pressS;
            $face = $now->upperFace($medium);
            if ($after - $curve[count($curve) - 1][0] > self::APART * $after) {
                $curve[] = [$after, $face];
            }

            return $face > 28.0;
        });

        return $curve;
    }

    /** How much a layer hinders heat against its contacts: h·L/k. */
    private static function biot(HeatLayer $layer, Substance $of, float $contact): float
    {
        return ($contact * $layer->thicknessMm) / 1000.0 / $of->conductivity;
    }

    /**
     * Layers that are worked out as one body each, with their Biot numbers.
     *
     * @return array<string, float>
     */
    public static function lumped(HeatCase $case, HeatParameters $parameters): array
    {
        $of = static fn(string $id): float => $parameters->of($id)->middle;
        $lumped = [];
        foreach (HeatParameters::WAX === $case->need ? [] : $case->layers as $layer) {
            $biot = self::biot(
                $layer,
                new Substance(
                    $of($layer->substance . '.k'),
                    $of($layer->substance . '.density'),
                    $of($layer->substance . '.heat'),
                ),
                $case->heater->calibrated ?? $of('contact.' . $case->heater->pressure),
            );
            if ($biot < self::LUMPED_BELOW) {
                $lumped[$layer->label] = $biot;
            }
        }

        return $lumped;
    }

    public static function name(HeatCase $case, int $at): string
    {
        return $at . ' ' . $case->layers[$at]->label;
    }

    /**
     * @return array{Grid, Surrounding, Surrounding, Form}
     *
     * @throws ImpossibleModel
     */
    private static function build(HeatCase $case, HeatParameters $parameters, Draw $draw): array
    {
        $of = static fn(string $id): float => null !== $case->heater->calibrated &&
        $id === $case->heater->calibratedBy()
            ? $case->heater->calibrated
            : $draw->of($parameters->of($id));
        $contact = $of('contact.' . $case->heater->pressure);
        $radius = null === $case->diameterMm ? 0.0 : $case->diameterMm / 2000.0;
        $thickest = max(array_map(static fn(HeatLayer $layer): float => $layer->thicknessMm, $case->layers)) / 1000.0;
        $form = $radius > 0.0 && $thickest >= self::PLANE_BELOW * $radius ? Form::Cylinder : Form::Plane;
        $slabs = [];
        $outside = 0.0;
        foreach ($case->layers as $i => $layer) {
            $id = $layer->substance;
            $latent = $parameters->find($id . '.latent');
            $solidus = null === $latent ? 0.0 : $of($id . '.solidus');
            $substance = new Substance(
                $of($id . '.k'),
                $of($id . '.density'),
                $of($id . '.heat'),
                $solidus,
                null === $latent ? 0.0 : max($solidus + 1.0, $of($id . '.liquidus')),
                null === $latent ? 0.0 : $draw->of($latent),
            );
            // Melting wax wets what lies on it.
            $wets = HeatParameters::WAX === $case->need;
            $slabs[] = new Slab(
                self::name($case, $i),
                $substance,
                $layer->thicknessMm / 1000.0,
                $wets ? Slab::PERFECT : $contact,
                cells: !$wets && self::biot($layer, $substance, $contact) < self::LUMPED_BELOW ? 1 : 0,
            );
            $outside += $i < $case->blank ? $layer->thicknessMm / 1000.0 : 0.0;
        }
        $room = $of('room.celsius');
        $top = self::source($case->heater, $of, $contact, $room);
        $grid = new Grid($slabs, $form, Form::Cylinder === $form ? $radius + $outside : 0.0);

        return [
            $grid,
            $top,
            Form::Cylinder === $form ? Surrounding::none() : Surrounding::steady($room, $of('room.coefficient')),
            $form,
        ];
    }

    /**
     * What lies on the stack.
     *
     * @param callable(string): float $of the parameters as they are drawn
     *
     * @throws ImpossibleModel
     */
    private static function source(Heater $heater, callable $of, float $contact, float $room): Surrounding
    {
        $kind = 'source.' . $heater->kind->value;
        $setting = $heater->setting?->celsius;
        if ($heater->blows()) {
            $jet =
                null === $heater->distanceMm
                    ? null
                    : Jet::at($heater->distanceMm, $of($kind . '.usual_mm'), $of($kind . '.nozzle_mm'));
            $warmer = (($setting ?? $of($kind . '.' . $heater->air)) - $room) * ($jet->warmth ?? 1.0);

            return Surrounding::steady(
                $room + $of($kind . '.share') * $warmer,
                $of($kind . '.coefficient') * ($jet->coefficient ?? 1.0),
            );
        }
        if (HeatKind::Spoon === $heater->kind) {
            return Surrounding::mass(
                $setting ?? $of($kind . '.warmed_c'),
                $of($kind . '.contact'),
                $of($kind . '.capacity'),
                $of('room.coefficient'),
                $room,
            );
        }
        $setting ??= throw ImpossibleModel::because('How hot this source is set is not known.');

        return Surrounding::plate(
            $setting,
            $contact,
            $of($kind . '.capacity'),
            $of($kind . '.power'),
            $heater->idle->celsius ?? $setting,
            $of('room.coefficient'),
            $room,
        );
    }
}
