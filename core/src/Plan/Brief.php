<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Artwork\Picture;
use Wubbin\Core\Blank\BlankKind;
use Wubbin\Core\Blank\BlankSize;
use Wubbin\Core\Blank\Material;
use Wubbin\Core\Blank\Shape;
use Wubbin\Core\Blank\Tone;
use Wubbin\Core\Job\House;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Job\Transfer;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Route\Finish;
use Wubbin\Core\Route\Route;

/** What is wanted of one transfer of a job: the first stage of its plan, where the job's names become things. */
final readonly class Brief
{
    public Route $route;
    public BlankKind $kind;
    /** As its record has it; of a piece that tapers, in the middle of its wall. */
    public BlankSize $blankSize;
    public Material $material;
    /** The side of the blank, in words. */
    public string $side;
    public Tone $tone;
    public Finish $finish;

    /**
     * @param Shelf $shelf what there is
     * @param House $house how it is gone about
     *
     * @throws BadRecord when the job names a blank, material, side or route that Wubbin does not have
     */
    public function __construct(
        public Job $job,
        public Transfer $transfer,
        public Shelf $shelf,
        public ?Picture $picture,
        public Catalogue $catalogue,
        public House $house,
    ) {
        $this->route = Known::of($catalogue->routes, $transfer->routeId, 'route');
        $this->kind = Known::of($catalogue->blanks, $job->blank->kindId, 'blank.kind');
        $this->side = Known::of($this->kind->sides, $transfer->sideId, 'side');
        $this->blankSize = Known::of($this->kind->sizes, $job->blank->sizeId, 'blank.size')->seenFrom(
            $transfer->sideId,
        );
        $this->material = Known::of(
            array_intersect_key($catalogue->materials, array_flip($this->kind->materials)),
            $job->blank->materialId,
            'blank.material',
        );
        $conditions = array_column($this->kind->conditions, null, 'value');
        Known::of($conditions, $job->blank->condition->value, 'blank.condition');
        $this->tone = $catalogue->colours->tones->toneOf($job->blank->colour);
        $this->finish = $this->route->heating->finish($transfer->finish);
    }

    /** “Shirt M”, “Ordinary mug”: the size says what it is unless it is only a letter. */
    public function blankName(): string
    {
        return Shape::Garment === $this->kind->shape
            ? ucfirst($this->kind->label) . ' ' . $this->blankSize->label
            : ucfirst($this->blankSize->label);
    }

    /** What stands on its sheet: the job, and the side where it has several pictures. */
    public function sheetLabel(): string
    {
        return $this->job->name . (1 === count($this->job->transfers) ? '' : ' · ' . $this->side);
    }
}
