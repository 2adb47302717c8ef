<?php

declare(strict_types=1);

namespace Wubbin\Job;

use Symfony\Component\Console\Exception\InvalidArgumentException;
use Wubbin\Artwork\Artwork;
use Wubbin\Artwork\ArtworkStore;
use Wubbin\Core\Artwork\Picture;
use Wubbin\Core\Job\JobCheck;
use Wubbin\Core\Job\JobFile;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Plan\Planner;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;
use Wubbin\Storage\SchemaCheck;

/** Reads a job file at the console, with the picture it names or carries, and plans it. No database is touched. */
final readonly class JobFileInput
{
    public function __construct(
        private SchemaCheck $schemas,
        private ArtworkStore $artwork,
        private Planner $planner,
        private Catalogue $catalogue,
    ) {}

    /**
     * @param string $path a file, or - for standard input
     * @param string|null $shelf a shelf file; one of everything where none is given
     *
     * @return array{Plan, array<string, Artwork>} the plan and its pictures by SHA-256
     *
     * @throws Refusal when a file does not say what it must
     * @throws InvalidArgumentException when a file is not there
     */
    public function plan(string $path, ?string $shelf): array
    {
        $record = $this->schemas->decode('job', self::contents($path));
        $job = JobFile::read($record);
        JobCheck::hold($job, $this->catalogue);
        $artworks = [];
        foreach ($record->records('transfers') as $transfer) {
            $artwork = $this->picture($transfer->recordOrNull('artwork'), '-' === $path ? '.' : dirname($path));
            $artworks += null === $artwork ? [] : [$transfer->record('artwork')->string('sha256') => $artwork];
        }
        $has =
            null === $shelf
                ? Shelf::everything($this->catalogue)
                : Shelf::fromRecord($this->schemas->decode('shelf', self::contents($shelf)), $this->catalogue);

        return [
            $this->planner->plan(
                $job,
                $has,
                array_map(static fn(Artwork $artwork): Picture => $artwork->picture(), $artworks),
            ),
            $artworks,
        ];
    }

    private function picture(?Record $record, string $directory): ?Artwork
    {
        $file = $record?->stringOrNull('file');
        $embedded = $record?->stringOrNull('embedded');
        if (null === $record || (null === $file && null === $embedded)) {
            return null;
        }
        if (null !== $file) {
            $path = str_starts_with($file, '/') ? $file : $directory . '/' . $file;

            return is_file($path)
                ? $this->artwork->read($path, $record->string('name'))
                : throw InvalidInput::field('artwork.file', 'There is no file ' . $path . '.');
        }
        $path = (string) tempnam(sys_get_temp_dir(), 'wubbin');
        try {
            file_put_contents($path, (string) base64_decode($embedded, true));

            return $this->artwork->read($path, $record->string('name'));
        } finally {
            unlink($path);
        }
    }

    private static function contents(string $path): string
    {
        $contents = @file_get_contents('-' === $path ? 'php://stdin' : $path);

        return false === $contents
            ? throw new InvalidArgumentException('There is no file ' . $path . ' to read.')
            : $contents;
    }
}
