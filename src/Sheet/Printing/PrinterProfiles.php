<?php

declare(strict_types=1);

namespace Wubbin\Sheet\Printing;

use Wubbin\Core\Measure\Record;
use Wubbin\Storage\Documents;
use Wubbin\Storage\FileStore;

/** The colour profiles of printers, where their makers have some. */
final readonly class PrinterProfiles
{
    private const NAME = 'printer-profiles';

    public function __construct(private Documents $documents, private FileStore $files) {}

    /** The name of its file; null where the printer has none. */
    public function name(string $marking): ?string
    {
        return $this->of($marking)?->string('name');
    }

    /** Its bytes; null where the printer has none. */
    public function profile(string $marking): ?string
    {
        $of = $this->of($marking);
        $file = null === $of ? '' : $this->files->path($of->string('sha256'));

        return is_file($file) ? (string) file_get_contents($file) : null;
    }

    public function put(string $marking, string $path, string $name): void
    {
        $all = $this->documents->fresh(self::NAME) ?? Record::of([]);
        $this->documents->put(
            self::NAME,
            [$marking => ['sha256' => $this->files->keep($path), 'name' => $name]] + $all->raw(),
        );
    }

    public function remove(string $marking): void
    {
        $all = $this->documents->fresh(self::NAME) ?? Record::of([]);
        $this->documents->put(self::NAME, array_diff_key($all->raw(), [$marking => 1]));
    }

    private function of(string $marking): ?Record
    {
        return $this->documents->get(self::NAME)?->recordOrNull($marking);
    }
}
