<?php

declare(strict_types=1);

namespace Wubbin\Artwork;

use Wubbin\Refusal\Exhausted;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;
use Wubbin\Task\OutsideProgram;
use Wubbin\Task\ProgramFailed;

/** Reads the first page of a PDF as a drawing. */
final readonly class PdfReader
{
    private const SECONDS = 8.0;

    public function __construct(private SvgReader $svg) {}

    /** @throws Refusal when it is locked, damaged or too slow to draw */
    public function read(string $path, string $into): ReadPicture
    {
        $pages = $this->pages($path);
        $drawing = $into . '/page.svg';
        $this->run(['pdftocairo', '-svg', '-f', '1', '-l', '1', $path, $drawing]);
        $read = $this->svg->read($drawing, $into);
        unlink($drawing);

        return 1 === $pages ? $read : $read->noted(sprintf('Only the first of its %d pages is used.', $pages));
    }

    private function pages(string $path): int
    {
        $told = $this->run(['pdfinfo', $path]);
        if (1 !== preg_match('/^Pages:\s+(\d+)/m', $told, $found) || 0 === (int) $found[1]) {
            throw InvalidInput::field('file', 'This PDF has no pages.');
        }

        return (int) $found[1];
    }

    /** @param non-empty-list<string> $command */
    private function run(array $command): string
    {
        try {
            return OutsideProgram::run($command, self::SECONDS);
        } catch (Exhausted $e) {
            throw $e->isAboutTime()
                ? InvalidInput::field(
                    'file',
                    'This PDF takes too long to draw. Export the page you want as PNG or SVG.',
                )
                : $e;
        } catch (ProgramFailed $e) {
            throw InvalidInput::field(
                'file',
                str_contains($e->getMessage(), 'password')
                    ? 'This PDF is locked with a password. Save it without one.'
                    : 'This PDF is damaged. Its first page cannot be drawn. Export it again, or save the page as PNG.',
            );
        }
    }
}
