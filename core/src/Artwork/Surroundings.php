<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Lab;
use Wubbin\Core\Measure\Record;

/**
 * Whether a picture has a background, as a person would say it. Nothing is taken away by that, and nothing is counted
 * as gone.
 *
 * A flag's field, an icon's frame and a sky are no background. What a person cannot tell from the pixels alone, as a
 * red field round a cross, is asked.
 */
final readonly class Surroundings
{
    /** Of one side of the picture, so much in one colour is the whole of it: noise may spoil the rest (assumed). */
    private const WHOLE_SIDE = 0.97;

    /** A thing that is cut close leaves so much of the edge to its background: for sure, and perhaps (assumed). */
    private const HARDLY_TOUCHED = 0.7;
    private const TOUCHED = 0.4;

    /** Paper and studio backdrops are at least so light, in L*, and have no more colour, in C* (assumed). */
    private const WHITE_FROM = 92.0;
    private const WHITE_CHROMA = 7.0;

    /** Less of the picture than this is not worth a word; more than this leaves no picture (assumed). */
    private const LEAST = 0.05;
    private const MOST = 0.995;

    /** A background lies deeper than this share of the picture's shorter side; a frame does not (assumed). */
    private const DEEPER = 0.1;

    /** Of a background at least so much lies so deep (assumed). */
    private const DEEP = 0.25;

    /** A background that grows by this share of the picture with twice the tolerance runs on into it (assumed). */
    private const RUNS_ON = 0.03;

    /**
     * @param list<Colour> $colours of the background, or of what may be one
     * @param float $share of the picture that it takes up, 0 to 1
     */
    private function __construct(public Ground $ground, public array $colours, public float $share) {}

    /**
     * @param Background $background what would be taken away
     * @param bool $drawn the picture is made of lines and areas: who drew an area over all of it meant it
     */
    public static function of(Bitmap $bitmap, Background $background, LabPlanes $lab, bool $drawn): self
    {
        $share = $background->mask->share();
        if ([] === $background->colours) {
            return new self($background->isPrepared ? Ground::Clear : Ground::None, [], $share);
        }
        $ground = self::ground($bitmap, $background, $lab, $drawn);

        return Ground::None === $ground ? new self($ground, [], 0.0) : new self($ground, $background->colours, $share);
    }

    /** What a line of the picture stands out from: its background where that has one colour, or the paper. */
    public function behind(): Colour
    {
        return 1 === count($this->colours) ? $this->colours[0] : Colour::rgb(255, 255, 255);
    }

    /** @throws BadRecord */
    public static function fromRecord(Record $record): self
    {
        return new self(
            $record->enum('ground', Ground::class),
            array_map(Colour::hex(...), $record->strings('colours')),
            $record->number('share'),
        );
    }

    /** @return array{ground: string, colours: list<string>, share: float} */
    public function toRecord(): array
    {
        return [
            'ground' => $this->ground->value,
            'colours' => array_map(static fn(Colour $colour): string => $colour->toHex(), $this->colours),
            'share' => $this->share,
        ];
    }

    private static function ground(Bitmap $bitmap, Background $background, LabPlanes $lab, bool $drawn): Ground
    {
        $share = $background->mask->share();
        $sides = self::sides($background->mask);
        $whole = count(array_filter($sides, static fn(float $side): bool => $side >= self::WHOLE_SIDE));
        if ($share < self::LEAST || $share > self::MOST || (4 === $whole && !self::isDeep($background->mask))) {
            return Ground::None;
        }
        if (count($background->colours) > 1) {
            return Ground::Checkered;
        }
        // A person is cut off by the foot of the picture, and a thing by one side of it.
        if ($whole < 3) {
            return $drawn ? Ground::None : self::roundWhatTouches($background, array_sum($sides) / 4.0);
        }
        $white = self::isWhite($background->colours[0]);

        return match (true) {
            $drawn => $white ? Ground::Unsure : Ground::None,
            $white && !self::runsOn($bitmap, $background, $lab) => Ground::Plain,
            default => Ground::Unsure,
        };
    }

    /** What is cut close touches the edge in places, and has its background in the corners. */
    private static function roundWhatTouches(Background $background, float $ofEdge): Ground
    {
        $mask = $background->mask;
        $last = strlen($mask->set) - 1;
        $corners = array_sum(
            array_map(static fn(int $i): int => ord($mask->set[$i]), [
                0,
                $mask->width - 1,
                $last - $mask->width + 1,
                $last,
            ]),
        );

        return match (true) {
            $corners < 3 || $ofEdge < self::TOUCHED => Ground::None,
            $ofEdge >= self::HARDLY_TOUCHED && self::isWhite($background->colours[0]) => Ground::Plain,
            $ofEdge >= self::HARDLY_TOUCHED || self::isWhite($background->colours[0]) => Ground::Unsure,
            default => Ground::None,
        };
    }

    private static function isWhite(Colour $colour): bool
    {
        $lab = Lab::of($colour);

        return $lab->l >= self::WHITE_FROM && hypot($lab->a, $lab->b) <= self::WHITE_CHROMA;
    }

    /** White art on a white ground: there is no edge between them that a tolerance would stop at. */
    private static function runsOn(Bitmap $bitmap, Background $background, LabPlanes $lab): bool
    {
        $wider = Background::ofColours(
            $bitmap,
            $background->colours,
            2.0 * Background::TOLERANCE,
            false,
            $lab,
        )->mask->share();

        return $wider - $background->mask->share() > self::RUNS_ON;
    }

    /** Whether enough of it lies deep inside the picture. */
    private static function isDeep(Mask $mask): bool
    {
        $off = (int) floor(self::DEEPER * min($mask->width, $mask->height));
        $deep = 0;
        for ($y = $off; $y < $mask->height - $off; ++$y) {
            $deep += substr_count($mask->set, "\1", $y * $mask->width + $off, max(0, $mask->width - 2 * $off));
        }

        return $deep >= self::DEEP * $mask->count();
    }

    /** @return list<float> the share of each side that is background: above, below, left, right */
    private static function sides(Mask $mask): array
    {
        [$w, $h] = [$mask->width, $mask->height];
        $left = $right = 0;
        for ($i = 0, $end = $w * $h; $i < $end; $i += $w) {
            $left += ord($mask->set[$i]);
            $right += ord($mask->set[$i + $w - 1]);
        }

        return [
            substr_count($mask->set, "\1", 0, $w) / $w,
            substr_count($mask->set, "\1", $w * ($h - 1), $w) / $w,
            $left / $h,
            $right / $h,
        ];
    }
}
