<?php

declare(strict_types=1);

namespace Wubbin\Pdf;

use Symfony\Contracts\Cache\CacheInterface;
use Symfony\Contracts\Cache\ItemInterface;
use Wubbin\Refusal\Exhausted;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;
use Wubbin\Task\OutsideProgram;
use Wubbin\Task\ProgramFailed;

/**
 * Lays papers out as PDF with WeasyPrint, in the screens' own type: static faces of it, since of a variable one only a
 * single weight would be embedded.
 */
final readonly class PaperPress
{
    private const FONTS = '/node_modules/@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-';

    /** Family, subset, weight. WeasyPrint knows no ranges of letters: each subset is a family of its own. */
    private const FACES = [
        ['Atkinson Hyperlegible Next', 'latin', 400],
        ['Atkinson Hyperlegible Next', 'latin', 700],
        ['Atkinson Hyperlegible Next Ext', 'latin-ext', 400],
        ['Atkinson Hyperlegible Next Ext', 'latin-ext', 700],
    ];

    /** A paper of a hundred pages takes a minute (measured). */
    private const SECONDS = 240.0;

    /** The same paper again is there at once, for so long, in s. */
    private const KEPT_S = 3600;

    public function __construct(private string $projectDirectory, private CacheInterface $kept) {}

    /**
     * @return string the PDF
     *
     * @throws Refusal where the program that lays papers out is missing, or fails
     */
    public function press(Paper $paper): string
    {
        $html = $paper->html($this->css());

        return $this->kept->get('paper-' . hash('sha256', $html), static function (ItemInterface $item) use (
            $html,
        ): string {
            $item->expiresAfter(self::KEPT_S);
            try {
                return OutsideProgram::run(['weasyprint', '-q', '-e', 'utf-8', '-', '-'], self::SECONDS, $html);
            } catch (ProgramFailed | Exhausted) {
                throw InvalidInput::field(
                    'paper',
                    'This paper could not be laid out. Wubbin needs the program WeasyPrint for it: bin/start installs it.',
                );
            }
        });
    }

    private function css(): string
    {
        $css = '';
        foreach (self::FACES as [$family, $subset, $weight]) {
            $css .= sprintf(
                '@font-face{font-family:"%s";font-weight:%d;src:url("file://%s%s%s-%d-normal.woff")}',
                $family,
                $weight,
                $this->projectDirectory,
                self::FONTS,
                $subset,
                $weight,
            );
        }

        return $css . file_get_contents(__DIR__ . '/paper.css');
    }
}
