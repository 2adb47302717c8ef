<?php

declare(strict_types=1);

namespace Wubbin\Core\Job\Edit;

use Wubbin\Core\Artwork\Picture;
use Wubbin\Core\Artwork\Placement;
use Wubbin\Core\Blank\Blank;
use Wubbin\Core\Blank\BlankKind;
use Wubbin\Core\Blank\BlankSize;
use Wubbin\Core\Job\Choices;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Job\Offered;
use Wubbin\Core\Job\Transfer;
use Wubbin\Core\Job\UsualPlaces;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\QuantityParser;
use Wubbin\Core\Route\Catalogue;

/** A job that is being changed, with the picture on it that is meant and what a change is read by. */
final readonly class Draft
{
    public const NOT_OFFERED = 'Choose one of those offered.';

    /**
     * @param int $at the transfer that is meant, from 0
     * @param array<string, Picture> $pictures by SHA-256
     * @param Offered|null $offered what may be chosen from the shelf; null where the shelf is not known
     */
    public function __construct(
        public Job $job,
        public int $at,
        public QuantityParser $parser,
        public Catalogue $catalogue,
        public array $pictures,
        public ?Offered $offered,
    ) {}

    /** The same with the job as it has become. */
    public function of(Job $job): self
    {
        return new self($job, $this->at, $this->parser, $this->catalogue, $this->pictures, $this->offered);
    }

    public function transfer(): Transfer
    {
        return $this->job->transfers[$this->at] ??
            throw BadRecord::at('transfer', 'There is no such picture on this piece.');
    }

    public function choices(): Choices
    {
        return $this->transfer()->choices;
    }

    public function blank(): Blank
    {
        return $this->job->blank;
    }

    public function placement(): Placement
    {
        return $this->transfer()->placement;
    }

    /** The job with this in the place of the picture that is meant. */
    public function put(Transfer $transfer): Job
    {
        $transfers = $this->job->transfers;
        $transfers[$this->at] = $transfer;

        return $this->job->with(transfers: array_values($transfers));
    }

    public function picture(Transfer $transfer): ?Picture
    {
        return $this->pictures[$transfer->artwork ?? ''] ?? null;
    }

    public function kind(): BlankKind
    {
        return $this->catalogue->blanks[$this->blank()->kindId] ?? throw self::notOffered();
    }

    public function size(): BlankSize
    {
        $sizes = $this->kind()->sizes;

        return $sizes[$this->blank()->sizeId] ?? array_values($sizes)[0];
    }

    public function places(): UsualPlaces
    {
        return new UsualPlaces($this->job, $this->kind(), $this->size(), $this->pictures);
    }

    public static function notOffered(): BadRecord
    {
        return BadRecord::at('', self::NOT_OFFERED);
    }
}
