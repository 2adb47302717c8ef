<?php

declare(strict_types=1);

namespace Wubbin\Artwork;

use Wubbin\Core\Measure\Record;
use Wubbin\Storage\FileStore;
use Wubbin\Task\Progress;
use Wubbin\Task\TidiesUp;

/** Takes in a large picture. */
final readonly class TakePicture implements TidiesUp
{
    public function __construct(private ArtworkStore $store, private FileStore $files) {}

    public static function kind(): string
    {
        return 'take-picture';
    }

    public function run(Record $input, Progress $progress): ArtworkView
    {
        return ArtworkView::of(
            $this->store->take($this->files->parked($input->string('parked')), $input->string('name'), null, $progress),
        );
    }

    public function tidyUp(Record $input): void
    {
        $this->files->unpark($input->string('parked'));
    }
}
