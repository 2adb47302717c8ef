<?php

declare(strict_types=1);

namespace Wubbin\Core\Ready;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Rect;

/** How a job's picture was made of another: kept with the job, so that it can be changed again and taken back. */
final readonly class Made
{
    /**
     * @param string $of SHA-256 of the picture that it was made of
     * @param string $name of that picture
     * @param float $aspect of that picture, width over height
     * @param Rect $box of what is seen of the picture that was made, in mm of the recipe
     */
    public function __construct(
        public string $of,
        public string $name,
        public float $aspect,
        public Recipe $recipe,
        public Rect $box,
    ) {}

    /** @throws BadRecord */
    public static function fromRecord(Record $record): self
    {
        $box = $record->record('box');

        return new self(
            $record->string('of'),
            $record->string('name'),
            $record->number('aspect'),
            Recipe::fromRecord($record),
            Rect::mm($box->number('x_mm'), $box->number('y_mm'), $box->number('width_mm'), $box->number('height_mm')),
        );
    }

    /** @return array<string, mixed> */
    public function toRecord(): array
    {
        return [
            'of' => $this->of,
            'name' => $this->name,
            'aspect' => $this->aspect,
            'box' => [
                'x_mm' => $this->box->xMm,
                'y_mm' => $this->box->yMm,
                'width_mm' => $this->box->size->widthMm,
                'height_mm' => $this->box->size->heightMm,
            ],
            ...$this->recipe->toRecord(),
        ];
    }

    /** Where the picture lies that it was made of, when this one lies there. */
    public function before(Rect $placed): Rect
    {
        $scale = $this->scaleAt($placed);

        return Rect::mm(
            $placed->xMm - $this->box->xMm * $scale,
            $placed->yMm - $this->box->yMm * $scale,
            $this->recipe->widthMm * $scale,
            ($this->recipe->widthMm / $this->aspect) * $scale,
        );
    }

    /** Where this one lies when the picture lies there that it was made of. */
    public function after(Rect $before): Rect
    {
        $scale = $before->size->widthMm / $this->recipe->widthMm;

        return Rect::mm(
            $before->xMm + $this->box->xMm * $scale,
            $before->yMm + $this->box->yMm * $scale,
            $this->box->size->widthMm * $scale,
            $this->box->size->heightMm * $scale,
        );
    }

    /**
     * The place for what each piece has for itself, in mm from the picture's upper left corner as it is printed.
     *
     * @param Rect $placed where the picture lies on the piece
     */
    public function own(Rect $placed): ?OwnWords
    {
        $own = $this->recipe->own($this->aspect);
        if (null === $own) {
            return null;
        }
        $scale = $this->scaleAt($placed);

        return new OwnWords(
            $own->style->scaled($scale),
            Rect::mm(
                ($own->room->xMm - $this->box->xMm) * $scale,
                ($own->room->yMm - $this->box->yMm) * $scale,
                $own->room->size->widthMm * $scale,
                $own->room->size->heightMm * $scale,
            ),
        );
    }

    private function scaleAt(Rect $placed): float
    {
        return $placed->size->widthMm / $this->box->size->widthMm;
    }
}
