<?php

declare(strict_types=1);

namespace Wubbin\Artwork;

use Wubbin\Core\Artwork\CutOut\Stroke;
use Wubbin\Core\Measure\Record;
use Wubbin\Refusal\NotFound;
use Wubbin\Task\Progress;
use Wubbin\Task\TaskHandler;

/** Takes the background of a large picture away. */
final readonly class TakeBackgroundAway implements TaskHandler
{
    public function __construct(private ArtworkStore $store, private BackgroundRemover $remover) {}

    public static function kind(): string
    {
        return 'take-background-away';
    }

    public function run(Record $input, Progress $progress): ArtworkView
    {
        $artwork =
            $this->store->find($input->string('sha256')) ?? throw new NotFound('This picture is not in the store.');

        return ArtworkView::of(
            $this->remover->remove(
                $artwork,
                $input->number('tolerance'),
                $input->boolean('islands'),
                Stroke::parse($input->stringOrNull('strokes') ?? ''),
                $progress,
            ),
        );
    }
}
