<?php

declare(strict_types=1);

namespace Wubbin\Artwork;

use Wubbin\Core\Measure\Record;
use Wubbin\Storage\FileStore;
use Wubbin\Task\Progress;
use Wubbin\Task\TaskHandler;

/** Takes in a large picture. */
final readonly class TakePicture implements TaskHandler
{
    public function __construct(private ArtworkStore $store, private FileStore $files) {}

    public static function kind(): string
    {
        return 'take-picture';
    }

    public function run(Record $input, Progress $progress): ArtworkView
    {
        $parked = $input->string('parked');
        try {
            return ArtworkView::of(
                $this->store->take($this->files->parked($parked), $input->string('name'), null, $progress),
            );
        } finally {
            $this->files->unpark($parked);
        }
    }
}
