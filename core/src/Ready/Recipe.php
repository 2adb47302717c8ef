<?php

declare(strict_types=1);

namespace Wubbin\Core\Ready;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Rect;

/** All that is done to a picture before it is printed, in order; its lengths hold for the picture at one width. */
final readonly class Recipe
{
    public const MOST = 16;

    /** @param list<ReadyStep> $steps */
    private function __construct(public float $widthMm, public array $steps) {}

    /**
     * @param float $widthMm of the picture before anything is done to it
     * @param list<ReadyStep> $steps
     *
     * @throws BadRecord for too many of them, or two rooms for each piece's own words
     */
    public static function of(float $widthMm, array $steps): self
    {
        if (count($steps) > self::MOST) {
            throw BadRecord::at('steps', sprintf('At most %d things are done to one picture.', self::MOST));
        }
        $own = array_filter($steps, static fn(ReadyStep $step): bool => $step instanceof Words && null === $step->text);
        if (count($own) > 1) {
            throw BadRecord::at('steps', 'Each piece has one name. Remove one of the two places for it.');
        }
        // Pixels would have to be made anew for each name.
        $at = array_key_first($own);
        foreach ($steps as $n => $step) {
            if (null !== $at && $n > $at && !($step instanceof Words)) {
                throw BadRecord::at('steps', 'The place for each piece’s own name comes last.');
            }
        }

        return new self($widthMm, $steps);
    }

    /** @throws BadRecord naming `steps.3.level` */
    public static function fromRecord(Record $record): self
    {
        $steps = [];
        foreach ($record->records('steps') as $n => $step) {
            try {
                $steps[] = self::step($step);
            } catch (BadRecord $e) {
                throw BadRecord::at('steps.' . $n . '.' . self::last($e->field), $e->getMessage());
            }
        }

        return self::of($record->number('width_mm'), $steps);
    }

    private static function last(string $field): string
    {
        $path = explode('.', $field);

        return end($path);
    }

    private static function step(Record $step): ReadyStep
    {
        return match ($step->string('do')) {
            'crop' => Crop::fromRecord($step),
            'turn' => Turn::fromRecord($step),
            'square' => Square::fromRecord($step),
            'tone' => Tone::fromRecord($step),
            'solid' => Solid::fromRecord($step),
            'colours' => FewerColours::fromRecord($step),
            'fatten' => Fatten::fromRecord($step),
            'fill' => FillGaps::fromRecord($step),
            'clear' => ClearWhites::fromRecord($step),
            'words' => Words::fromRecord($step),
            'frame' => Framed::fromRecord($step),
            'band' => Band::fromRecord($step),
            'back' => Backed::fromRecord($step),
            'join' => Joined::fromRecord($step),
            'repeat' => Repeated::fromRecord($step),
            default => throw BadRecord::at('do', 'Wubbin does not know this.'),
        };
    }

    /** @return array{width_mm: float, steps: list<array<string, mixed>>} */
    public function toRecord(): array
    {
        return [
            'width_mm' => $this->widthMm,
            'steps' => array_map(static fn(ReadyStep $step): array => $step->toRecord(), $this->steps),
        ];
    }

    /**
     * The same on a round piece: patterns close round it, and no band is longer than the way round.
     *
     * @param float $aroundMm the way round, in mm of the recipe
     *
     * @throws BadRecord naming the step's field
     */
    public function round(float $aroundMm): self
    {
        $steps = [];
        foreach ($this->steps as $n => $step) {
            try {
                if ($step instanceof Band) {
                    $step->refuseLongerThan($aroundMm);
                }
                $steps[] = $step instanceof Repeated ? $step->round($aroundMm) : $step;
            } catch (BadRecord $e) {
                throw BadRecord::at('steps.' . $n . '.' . $e->field, $e->getMessage());
            }
        }

        return self::of($this->widthMm, $steps);
    }

    /** Whether it keeps room for what each piece has for itself. */
    public function hasOwn(): bool
    {
        return [] !==
            array_filter(
                $this->steps,
                static fn(ReadyStep $step): bool => $step instanceof Words && null === $step->text,
            );
    }

    /** The place for what each piece has for itself, with where it lies; null where there is none. */
    public function own(float $aspect): ?OwnWords
    {
        $boxes = $this->boxes($aspect);
        foreach ($this->steps as $n => $step) {
            if ($step instanceof Words && null === $step->text) {
                return new OwnWords($step->style, $step->roomIn($boxes[$n]));
            }
        }

        return null;
    }

    /**
     * Where the picture lies before the first step and after each, in mm from the upper left corner that it had.
     *
     * @param float $aspect of the picture before
     *
     * @return non-empty-list<Rect>
     *
     * @throws BadRecord
     */
    public function boxes(float $aspect): array
    {
        $boxes = [Rect::mm(0.0, 0.0, $this->widthMm, $this->widthMm / $aspect)];
        foreach ($this->steps as $step) {
            $box = $step->box($boxes[count($boxes) - 1]);
            if (max($box->size->widthMm, $box->size->heightMm) > 4000.0) {
                throw BadRecord::at('steps', 'The picture would be larger than 4 m.');
            }
            $boxes[] = $box;
        }

        return $boxes;
    }
}
