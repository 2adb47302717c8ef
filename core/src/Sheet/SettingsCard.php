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
                'A scaled page makes everything the wrong size. Both bars must be 100 mm long.',
            ),
            $line(
                'mirror',
                'Mirror',
                $mirrored && $inDriver ? 'on' : 'off',
                match (true) {
                    $mirrored && $inDriver => 'This printer mirrors in its driver, so Wubbin does not mirror the file.',
                    $mirrored => 'Wubbin’s file is mirrored already. Do not mirror it again.',
                    default => 'This sheet is not mirrored.',
                },
            ),
            $line(
                'page',
                'Page size',
                $medium->paper->label(),
                'Check this and the paper tray first. They are most often wrong.',
            ),
            $line(
                'source',
                'Paper source',
                $loading->tray->label,
                $loading->stiff ? 'A stiff sheet needs a straight path.' : 'The tray that this sheet lies in.',
            ),
            $line('paper', 'Paper type', $paper, $rule->why),
            $line('quality', 'Quality', $rule->quality, 'How much ink or toner, and how fine.'),
            $line('borderless', 'Borderless', 'off', 'Borderless printing makes the page a little larger.'),
            $line('sides', 'Both sides', 'off', 'Print one side only.'),
            $line(
                'colour',
                'Colour',
                $marking->colour ? 'as in the file (sRGB), no enhancement' : 'black only',
                $marking->colour
                    ? 'Otherwise the driver changes the colours. If the maker of the ink gives a profile, use that.'
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
