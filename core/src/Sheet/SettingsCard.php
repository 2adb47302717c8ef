<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet;

use Wubbin\Core\Route\DriverRule;
use Wubbin\Core\Route\Marking;
use Wubbin\Core\Route\Medium;

/** What the printer's driver is set to for a sheet, line by line, each with its reason. */
final readonly class SettingsCard implements \JsonSerializable
{
    /** @param non-empty-list<array{id: string, label: string, value: string, because: string}> $lines */
    private function __construct(public array $lines) {}

    /**
     * @param bool $mirrored the pictures come out mirrored
     * @param string $paper type, as drivers call it
     */
    public static function fromRule(
        DriverRule $rule,
        string $paper,
        Marking $marking,
        Medium $medium,
        Loading $loading,
        bool $mirrored,
    ): self {
        $inDriver = $marking->mirrorsInDriver();
        $line = static fn(string $id, string $label, string $value, string $because): array => [
            'id' => $id,
            'label' => $label,
            'value' => $value,
            'because' => $because,
        ];

        return new self([
            $line(
                'scale',
                'Scale',
                '100 %, “fit to page” off',
                'A scaled page spoils every measure: both bars must be 100 mm long.',
            ),
            $line(
                'mirror',
                'Mirror',
                $mirrored && $inDriver ? 'on' : 'off',
                match (true) {
                    $mirrored && $inDriver => 'This printer mirrors in its driver; Wubbin’s file is turned beforehand.',
                    $mirrored => 'Wubbin’s file is mirrored already: once more would undo it.',
                    default => 'It is printed as it reads.',
                },
            ),
            $line(
                'page',
                'Page size',
                $medium->paper->label(),
                'This and the paper source are what is most often still wrong.',
            ),
            $line(
                'source',
                'Paper source',
                $loading->tray->label,
                $loading->stiff ? 'A stiff sheet wants a straight path.' : 'Where this sheet is laid in.',
            ),
            $line('paper', 'Paper type', $paper, $rule->why),
            $line('quality', 'Quality', $rule->quality, 'How much ink or toner, and how fine.'),
            $line('borderless', 'Borderless', 'off', 'Borderless printing makes the page a little larger.'),
            $line('sides', 'Both sides', 'off', 'The second side would be the back of the transfer.'),
            $line(
                'colour',
                'Colour',
                $marking->colour ? 'as the file has it (sRGB), no enhancement' : 'black only',
                $marking->colour
                    ? 'The driver would shift what was judged on screen. A profile of the ink’s maker goes first.'
                    : 'This printer has no other.',
            ),
        ]);
    }

    /** What must be alike of two pictures on one sheet, beside the sheet itself. */
    public function paperAndQuality(): string
    {
        $values = array_column($this->lines, 'value', 'id');

        return $values['paper'] . ', ' . $values['quality'];
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['lines' => $this->lines];
    }
}
