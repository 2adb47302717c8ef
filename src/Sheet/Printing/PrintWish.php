<?php

declare(strict_types=1);

namespace Wubbin\Sheet\Printing;

use Wubbin\Core\Measure\Record;
use Wubbin\Core\Route\Lying;

/** What is to be printed, from which tray, and how the person says that it is laid in. */
final readonly class PrintWish
{
    /**
     * @param string|null $sheet id; null for a feed test
     * @param string $marking the printer, as the shelf has it
     * @param list<int> $pages by their numbers, from 1
     * @param Lying $lies how the print side is laid
     * @param bool $foldFirst a carrier's folded edge goes in first
     * @param bool $driverMirrors “mirror” is on in the driver
     * @param PrintSetting $setting what the printer is told of the paper
     */
    private function __construct(
        public ?string $sheet,
        public string $marking,
        public string $tray,
        public string $device,
        public array $pages,
        public Lying $lies,
        public bool $foldFirst,
        public bool $driverMirrors,
        public PrintSetting $setting = new PrintSetting(null),
    ) {}

    /**
     * Pages of a sheet that is laid in as it should be.
     *
     * @param list<int> $pages
     * @param string $lies up or down
     */
    public static function of(
        string $sheet,
        string $marking,
        string $tray,
        PrintSetting $setting,
        array $pages,
        string $lies,
        bool $driverMirrors,
    ): self {
        return new self(
            $sheet,
            $marking,
            $tray,
            $setting->device ?? '',
            $pages,
            Lying::from($lies),
            true,
            $driverMirrors,
            $setting,
        );
    }

    public static function fromRecord(Record $record): self
    {
        return new self(
            $record->stringOrNull('sheet'),
            $record->string('marking'),
            $record->string('tray'),
            $record->string('device'),
            $record->has('pages')
                ? array_map(
                    static fn(int $at): int => $record->record('pages')->integer((string) $at),
                    array_keys($record->record('pages')->keys()),
                )
                : [],
            $record->enum('lies', Lying::class),
            !$record->has('fold_first') || $record->boolean('fold_first'),
            $record->boolean('driver_mirrors'),
        );
    }

    /** @return array<string, mixed> */
    public function toRecord(): array
    {
        return [
            'sheet' => $this->sheet,
            'marking' => $this->marking,
            'tray' => $this->tray,
            'device' => $this->device,
            'pages' => $this->pages,
            'lies' => $this->lies->value,
            'fold_first' => $this->foldFirst,
            'driver_mirrors' => $this->driverMirrors,
        ];
    }
}
